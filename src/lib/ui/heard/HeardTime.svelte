<!-- The time that a camera which times itself was heard to take: by ear or through the microphone, noted with the next frame. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { byItself, isTooShort } from '#core/bench/shutter/proposals.ts';
  import type { Proposal } from '#core/bench/shutter/proposals.ts';
  import { type Heard } from '#core/camera/heard.ts';
  import { whatHeardMeans } from '#core/log/heard-means.ts';
  import { formatShutter } from '#core/units/shutter.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayDone } from '../notices/say.ts';
  import { offline } from '../offline/offline.svelte.ts';
  import { sayAsked } from '../offline/say-asked.ts';
  import type { Logger } from '../shoot/logger.svelte.ts';
  import { sayTime } from '../text/say.ts';
  import { EAR_TIMES } from './ear-times.ts';
  import ListenForTime from './ListenForTime.svelte';
  import { Listening } from './listening.svelte.ts';
  import { sayHeard, sayHeardTime } from './say-heard.ts';

  let { judged, logger }: { judged: Judged; logger: Logger } = $props();
  const current = useCurrent();
  const uid = $props.id();
  const listening = new Listening();

  const heard = $derived(logger.heard);
  const seconds = $derived(judged.shown.exposure.seconds);
  const canListen = $derived(!isTooShort(byItself(seconds)));
  const eyeOffset = $derived(judged.situation.circumstances?.eyeOffsetStops ?? 0);
  const said = $derived(
    heard === null || !current.isTold
      ? []
      : sayHeard(
          heard,
          whatHeardMeans(judged.situation, judged.shown, heard),
          seconds,
          judged.light.lv + eyeOffset
        )
  );
  const byEar = $derived(heard?.sdStops === null ? String(heard.seconds) : '');

  // a frame that is logged while its time is not said yet waits for it
  $effect(() => {
    const { logged } = logger;
    if (logged) untrack(() => listening.logged(logged));
  });

  async function take(proposal: Proposal): Promise<void> {
    const { frame } = listening;
    const time = listening.take(proposal);
    if (frame === null) {
      logger.heard = time;
      return;
    }
    const put = await offline.put({
      kind: 'edit',
      frameId: frame.id,
      from: { heardSeconds: frame.heard?.seconds ?? null, heardSdStops: frame.heard?.sdStops ?? null },
      to: { heardSeconds: time.seconds, heardSdStops: time.sdStops }
    });
    if (put.kind === 'asked') await sayAsked(put.conflict, judged.pair.camera);
    else sayDone(`Frame ${frame.number}: ${sayTime(time.seconds)} heard.`);
  }
  const choose = (value: string): Heard | null =>
    value === '' ? null : { seconds: Number(value), sdStops: null };
</script>

<section class="grid gap-2 text-[0.9375rem]" aria-label="The time you heard" data-testid="heard">
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
    <label for="{uid}-heard">The time you heard</label>
    <select
      id="{uid}-heard"
      class="select"
      value={byEar}
      onchange={(e) => (logger.heard = choose(e.currentTarget.value))}
    >
      <option value=""
        >{heard === null || heard.sdStops === null ? 'not listened for' : sayHeardTime(heard)}</option
      >
      {#each EAR_TIMES as time (time)}<option value={String(time)}>about {formatShutter(time)}</option>{/each}
    </select>
    <ListenForTime
      {listening}
      expectedSeconds={seconds}
      {canListen}
      ontake={(proposal: Proposal) => void take(proposal)}
    />
  </div>
  {#if heard !== null && heard.sdStops !== null}
    <p>
      {sayTime(heard.seconds)} goes with the next frame.
      <button
        type="button"
        class="min-h-11 min-w-11 cursor-pointer underline"
        onclick={() => (logger.heard = null)}>Leave it out</button
      >
    </p>
  {/if}
  {#if said.length > 0}<p class="leading-snug" data-testid="heard-says">{said.join(' ')}</p>{/if}
</section>
