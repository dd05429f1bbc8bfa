<!-- Black and white: what to mix, in which order, how long, when to turn the tank; noted on the roll. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { momentAt, SCHEMES } from '#core/bench/develop/agitation.ts';
  import { atTemperature, nextMinutes, pushed, type DevelopedSo } from '#core/bench/develop/time.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseDecimal } from '#core/units/decimal.ts';
  import { changeLoad } from '../../api.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayDone, sayTrouble } from '../../notices/say.ts';
  import { oneOf } from '../../tile/one-of.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { DarkClock, sayClock } from './clock.svelte.ts';
  import Mixing from './Mixing.svelte';
  import { rollsToDevelop, type Roll } from './rolls.ts';
  import { between, sayMoment } from './say-develop.ts';
  import TankDrawing from './TankDrawing.svelte';

  const LOOKS = ['flat', 'right', 'hard'] as const;
  const current = useCurrent();
  const developers = $derived(
    current.things.flatMap(({ id, name, data }) => (data.kind === 'developer' ? [{ id, name, data }] : []))
  );
  let chosen = $state('');
  const developer = $derived(developers.find((d) => d.id === chosen) ?? developers[0] ?? null);
  let celsius = $state(20);
  let push = $state(0);
  /** What the judged prints of a roll said: they lead here. */
  const asked = page.url.searchParams;
  const askedMinutes = parseDecimal(asked.get('last') ?? '');
  let lastMinutes = $state<number | null>(askedMinutes !== null && askedMinutes > 0 ? askedMinutes : null);
  let lastLooked = $state<DevelopedSo['looked'] | ''>(LOOKS.find((l) => l === asked.get('looked')) ?? '');
  const results = $derived<readonly DevelopedSo[]>(
    lastMinutes === null || lastLooked === '' ? [] : [{ minutes: lastMinutes, looked: lastLooked }]
  );
  const minutes = $derived(
    developer
      ? pushed(
          atTemperature(
            nextMinutes({ from: developer.data.fromMinutes, to: developer.data.toMinutes }, results),
            developer.data.atC,
            celsius
          ),
          push
        )
      : 0
  );
  // a clock counts in quarters of a minute
  const total = $derived(Math.max(15, Math.round(minutes * 4) * 15));
  const scheme = $derived(SCHEMES[developer?.data.agitation ?? 'ordinary']);
  const clock = new DarkClock((s) => momentAt(scheme, total, s).does);
  const moment = $derived(clock.elapsed === null ? null : momentAt(scheme, total, clock.elapsed));
  let rolls = $state.raw<readonly Roll[]>([]);
  let rollId = $state('');
  const roll = $derived(rolls.find((r) => r.id === rollId) ?? rolls[0] ?? null);
  onMount(() => {
    void rollsToDevelop().then((found) => (rolls = found));
    return () => clock.stop();
  });
  function readLast(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const n = parseDecimal(text.replace(/\s*min.*$/i, ''));
    return n !== null && n > 0 && n <= 1440
      ? ok(n)
      : err(`“${text}” are no minutes. Give 1 to 1440, or nothing.`);
  }
  async function note(): Promise<void> {
    if (!developer || !roll) return;
    const { dilution, lossStops } = developer.data;
    const development = {
      developer: developer.name,
      dilution: dilution.map((p) => formatDecimal(p, 2)).join('+'),
      ...{ minutes: total / 60, temperatureC: celsius, shiftStops: push - lossStops }
    };
    const noted = await changeLoad(roll.id, { development }, roll.revision);
    if (!noted.ok) {
      sayTrouble(noted.error.words);
      return;
    }
    sayDone(`Noted on ${roll.name}.`);
    rolls = await rollsToDevelop();
    await invalidateAll();
  }
</script>

{#if developer}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <div class="grid grid-cols-2 items-start gap-1.5">
        <Tile label="Developer" value={developer.id} onchoose={(v: string) => (chosen = v)}>
          {#each developers as d (d.id)}<option value={d.id}>{d.name}</option>{/each}
        </Tile>
        <ReadTile
          label="Temperature, °C"
          text={formatDecimal(celsius, 1)}
          read={between('temperature', 10, 40)}
          onread={(n: number) => (celsius = n)}
          inputmode="decimal"
        />
        <Tile label="Push or pull" value={String(push)} onchoose={(v: string) => (push = Number(v))}>
          {#each [-2, -1, 0, 1, 2, 3] as n (n)}<option value={String(n)}
              >{n === 0 ? 'as it is' : `${Math.abs(n)} ${n > 0 ? 'push' : 'pull'}`}</option
            >{/each}
        </Tile>
        <ReadTile
          label="Last time, minutes"
          text={lastMinutes === null ? '' : formatDecimal(lastMinutes, 1)}
          read={readLast}
          onread={(n: number | null) => (lastMinutes = n)}
          inputmode="decimal"
          example="12"
        />
        <Tile
          label="Its negatives looked"
          value={lastLooked}
          onchoose={(v: string) => (lastLooked = v === '' ? '' : oneOf(LOOKS, v, 'right'))}
        >
          <option value="">not told</option>
          <option value="flat">flat: too short</option>
          <option value="right">right</option>
          <option value="hard">hard: too long</option>
        </Tile>
      </div>
      <p class="text-[1.25rem] leading-snug" data-testid="minutes">
        <b>{sayClock(total)} in the developer.</b>
      </p>
      <Mixing developer={developer.data} />
    </div>
    <div class="grid min-w-0 content-start gap-3">
      <TankDrawing {scheme} {total} elapsed={clock.elapsed} />
      {#if moment === null}
        <button
          type="button"
          class="btn preset-filled min-h-11 justify-self-start"
          onclick={() => clock.start()}>It is in: start the clock</button
        >
      {:else}
        <p class="text-[1.5rem] leading-snug font-[650]" role="status" data-testid="hands">
          {sayMoment(moment, scheme)}
        </p>
        <p class="text-[3rem] leading-none font-[650]" role="timer">
          {moment.does === 'done' ? sayClock(0) : sayClock(total - (clock.elapsed ?? 0))}
        </p>
        <button
          type="button"
          class="btn preset-outlined min-h-11 justify-self-start"
          onclick={() => clock.stop()}>Stop the clock</button
        >
      {/if}
      {#if !roll}
        <p class="leading-snug">
          No black and white roll is out of its camera: a development is noted on it then.
        </p>
      {:else}
        <div class="grid max-w-md gap-1.5">
          <Tile label="The roll" value={roll.id} onchoose={(v: string) => (rollId = v)}>
            {#each rolls as r (r.id)}<option value={r.id}>{r.name}{r.isDeveloped ? ', developed' : ''}</option
              >{/each}
          </Tile>
          <button
            type="button"
            class="btn preset-outlined min-h-11 justify-self-start"
            onclick={() => void note()}>Note it on the roll</button
          >
        </div>
      {/if}
      <p class="soft leading-snug">
        Gloves, open windows, nothing on the skin, nothing near food. Staining developers are poisonous. Their
        own sheets and local rules for waste come first.
      </p>
    </div>
  </div>
{:else}
  <p>
    There is no developer in the bag. <a
      class="inline-grid min-h-11 content-center underline"
      href="/kit/thing">Enter one</a
    >: what it is made of, how it is diluted, how long it takes.
  </p>
{/if}
