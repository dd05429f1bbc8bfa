<script module lang="ts">
  import type { Judged } from '../current-judge.ts';

  /** Counts a time that is held by hand, and keeps how long it really was. */
  export interface LongExposureProps {
    judged: Judged;
    /** The length that will be logged; null = none was timed. */
    timed: number | null;
    ontimed: (seconds: number | null) => void;
  }
  const TICK_MS = 33;
</script>

<script lang="ts">
  import { onMount } from 'svelte';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { parseShutter } from '#core/units/shutter.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { sayTime } from '../text/say.ts';
  import ReadTile from '../tile/ReadTile.svelte';
  import { Countdown, type CountdownEvent } from './countdown.ts';
  import HoldOpen from './HoldOpen.svelte';
  import { beep, keepAwake, shake, speak } from './signals.ts';

  let { judged, timed, ontimed }: LongExposureProps = $props();
  const current = useCurrent();
  const wanted = $derived(current.countSeconds ?? judged.shown.exposure.seconds);
  function readSeconds(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const read = parseShutter(/^\d+$/.test(text) ? `${text} s` : text);
    if (!read.ok) return err(explainQuantity(read.error));
    return read.value.seconds < 1
      ? err('A second is the least that can be counted.')
      : ok(read.value.seconds);
  }
  let count = $state.raw<Countdown | null>(null);
  let now = $state(0);
  let aloud = $state(false);
  let audio: AudioContext | null = null;
  let letSleep: () => void = () => undefined;
  const phase = $derived(count?.phase(now) ?? 'idle');
  const elapsed = $derived(count?.elapsed(now) ?? 0);

  function tell(event: CountdownEvent): void {
    switch (event.event) {
      case 'lead':
        beep(audio, false);
        return;
      case 'open':
        beep(audio, true);
        shake(120);
        if (aloud) speak('open');
        return;
      case 'second':
        if (aloud) speak(String(event.second));
        else beep(audio, false);
        return;
      case 'time-is-up':
        beep(audio, true);
        shake(400);
        if (aloud) speak('close');
    }
  }

  onMount(() => {
    const timer = setInterval(() => {
      if (!count) return;
      now = performance.now();
      for (const event of count.tick(now)) tell(event);
    }, TICK_MS);
    return () => {
      clearInterval(timer);
      letSleep();
      void audio?.close();
    };
  });

  async function start(): Promise<void> {
    ontimed(null);
    audio ??= 'AudioContext' in window ? new AudioContext() : null;
    void audio?.resume();
    const next = new Countdown(wanted);
    now = performance.now();
    next.start(now);
    count = next;
    letSleep = await keepAwake();
  }

  function close(): void {
    if (!count) return;
    now = performance.now();
    const seconds = count.close(now);
    letSleep();
    // closed in the lead-in: nothing was exposed
    if (seconds > 0) ontimed(Math.round(seconds * 100) / 100);
    else count = null;
  }
</script>

<section class="card grid gap-2 py-3 px-3.5" aria-label="Long exposure" data-testid="long-exposure">
  <p class="kicker">Held open by hand, {sayTime(wanted)}</p>
  {#if phase === 'idle'}
    <HoldOpen camera={judged.pair.camera} />
    <div class="flex flex-wrap items-center gap-y-2.5 gap-x-4">
      <button type="button" class="btn preset-filled-primary-700-300" onclick={start} data-key="T"
        >Start the count</button
      >
      <div class="w-36">
        <ReadTile
          label="Count for"
          text={sayTime(wanted)}
          read={readSeconds}
          onread={(seconds: number | null) => (current.countSeconds = seconds)}
          example={sayTime(judged.shown.exposure.seconds)}
        />
      </div>
      <label class="flex items-center gap-2 min-h-11"
        ><input class="w-5 h-5 [accent-color:var(--accent)]" type="checkbox" bind:checked={aloud} /> Speak the seconds</label
      >
    </div>
  {:else if phase === 'lead'}
    <p class="[font:650_4rem/1_var(--font-display)]" role="timer">−{Math.ceil(-elapsed)}</p>
    <p>Open when it reaches 0.</p>
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={close}>Stop</button>
  {:else if phase === 'open'}
    <p class="[font:650_4rem/1_var(--font-display)]" role="timer" data-testid="count">
      {Math.floor(elapsed)} <span class="text-[1.25rem] text-(--soft)">of {sayTime(wanted)}</span>
    </p>
    <div class="bar h-3.5 border-[1.5px] border-(--ink)" aria-hidden="true">
      <i class="block h-full bg-(--accent)" style:width="{Math.min(100, (100 * elapsed) / wanted)}%"></i>
    </div>
    <button type="button" class="btn preset-filled-primary-700-300" onclick={close} data-key="T">
      {elapsed >= wanted ? 'Close it now' : 'I closed it'}
    </button>
  {:else}
    <p>
      It was open for <b>{formatDecimal(timed ?? elapsed, 1)} s</b>. That goes into the log with the frame.
    </p>
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={start}>Count again</button>
  {/if}
  <p class="text-(--soft) text-[0.875rem] leading-[1.3]">
    The time shown comes from the clock. While the phone sleeps no beep is promised.
  </p>
</section>
