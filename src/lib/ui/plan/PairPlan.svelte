<!-- One loaded camera through the day: a strip in the hand, a strip set down, and its windows in words. -->
<script lang="ts">
  import type { Pair } from '#core/log/pair.ts';
  import { fitsIn, secondsAt } from '#core/plan/fits.ts';
  import type { Stretch, Window } from '#core/plan/windows.ts';
  import { HELD_WORDS } from '../shoot/words.ts';
  import { timeText } from '#core/sky/zone.ts';
  import { saveAs } from '../files/save-as.ts';
  import DayStrip from './DayStrip.svelte';
  import { LANES, standsApart, type Lane, type Planner } from './planner.svelte.ts';
  import { sayFits, sayPart, saySpread, sayWhen } from './say-plan.ts';

  let {
    pair,
    planner,
    span,
    zone,
    placeName,
    isNow,
    between,
    atMs
  }: {
    pair: Pair;
    planner: Planner;
    span: Stretch;
    zone: string;
    placeName: string;
    /** Whether the day begins with this very moment. */
    isNow: boolean;
    /** Seconds between two frames. */
    between: number;
    atMs: number;
  } = $props();
  /** More settings of one window are a light that runs: the minute below tells each. */
  const MOST_PARTS = 4;
  const lanes = $derived<readonly Lane[]>(standsApart(pair) ? LANES : ['hand']);
  const planned = $derived(
    lanes.flatMap((lane) => {
      const known = planner.lane(pair.loadId, lane);
      return known ? [{ lane, ...known }] : [];
    })
  );
  /** Whether setting it down changes nothing to speak of: one strip is enough then. */
  const same = $derived.by(() => {
    const [hand, standing] = planned;
    if (!hand || !standing || hand.windows.length !== standing.windows.length) return false;
    const near = (a: number, b: number): boolean => Math.abs(a - b) < 60_000;
    return hand.windows.every((w, i) => {
      const v = standing.windows[i];
      return v && near(w.from.likelyMs, v.from.likelyMs) && near(w.to.likelyMs, v.to.likelyMs);
    });
  });
  const shown = $derived(same ? planned.slice(0, 1) : planned);
  const fits = (window: Window): string => {
    const stretch = { fromMs: window.from.likelyMs, toMs: window.to.likelyMs };
    const each = (ms: number): number => secondsAt(window.parts, ms);
    return sayFits(fitsIn(stretch, each, between, pair.framesLeft, pair.film), pair.framesLeft, zone);
  };
  /** Hands the window to the calendar of this device. */
  async function keep(window: Window, held: string): Promise<void> {
    const { calendarOf } = await import('./calendar.ts');
    const { camera, film } = pair;
    const parts = window.parts.map((part) => sayPart(camera, part, zone));
    const text = calendarOf({
      ...{ fromMs: window.from.likelyMs, toMs: window.to.likelyMs, zone, nowMs: Date.now() },
      title: `${camera.name} with ${film.name}, ${held}`,
      place: placeName,
      notes: [...parts.map((p) => `${p.from} ${p.set}, ${p.time}`), saySpread(window, zone), fits(window)]
    });
    saveAs(
      text,
      'text/calendar',
      `${camera.name} ${timeText(window.from.likelyMs, zone).replace(':', '.')}.ics`
    );
  }
  const labelOf = (windows: readonly Window[]): string =>
    windows.length === 0
      ? 'works at no time'
      : `works ${windows.map((w) => sayWhen(w, zone, isNow)).join('; ')}`;
</script>

<section class="grid gap-1.5" aria-label="{pair.camera.name} with {pair.film.name}" data-testid="pair-plan">
  <h2 class="text-lg font-semibold">
    {pair.camera.name} <span class="font-normal">with {pair.film.name}, {pair.framesLeft} left</span>
  </h2>
  {#each shown as { lane, windows, tones } (lane)}
    {@const held = same ? 'in the hand or set down' : HELD_WORDS[lane]}
    <div class="grid gap-1">
      <p class="text-[0.8125rem] text-(--soft)">{held}</p>
      <DayStrip {span} film={pair.film} {tones} {windows} {atMs} label="{held}: {labelOf(windows)}" />
      {#if windows.length === 0}
        <p class="soft">No frame of this kind, {held}.</p>
      {/if}
      <ul class="grid gap-1">
        {#each windows as window (window.from.likelyMs)}
          <li class="leading-snug" data-testid="window">
            <b>{sayWhen(window, zone, isNow)}</b>
            <span class="soft">{saySpread(window, zone)}</span>
            <table class="w-full text-[0.9375rem]">
              <thead class="sr-only">
                <tr><th>From</th><th>Set</th><th>Time</th><th>In 100</th></tr>
              </thead>
              <tbody>
                {#each window.parts.slice(0, MOST_PARTS) as part (part.fromMs)}
                  {@const words = sayPart(pair.camera, part, zone)}
                  <tr class="align-top">
                    <td class="soft w-12">{words.from}</td>
                    <td class="pr-3">{words.set}</td>
                    <td class="w-28 whitespace-nowrap">{words.time}</td>
                    <td class="w-14 text-right"><b>{words.chance}</b></td>
                  </tr>
                {/each}
              </tbody>
            </table>
            {#if window.parts.length > MOST_PARTS}<span class="soft block"
                >… and {window.parts.length - MOST_PARTS} more settings as the light goes</span
              >{/if}
            <p class="flex flex-wrap items-center justify-between gap-x-4">
              <span>{fits(window)}</span>
              <button
                type="button"
                class="min-h-11 cursor-pointer underline"
                onclick={() => void keep(window, held)}>Add to calendar</button
              >
            </p>
          </li>
        {/each}
      </ul>
    </div>
  {/each}
</section>
