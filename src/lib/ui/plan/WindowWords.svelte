<script module lang="ts">
  import type { Pair } from '#core/log/pair.ts';
  import type { Window } from '#core/plan/windows.ts';

  /** A window in words: when, what to set as the light goes, how many frames it holds; and into the calendar with it. */
  export interface WindowWordsProps {
    pair: Pair;
    window: Window;
    zone: string;
    placeName: string;
    /** Whether the day begins with this very moment. */
    isNow: boolean;
    /** How the camera is held, in words. */
    held: string;
    /** Seconds between two frames. */
    between: number;
    counting: boolean;
    /** Begins or ends counting down to it. */
    oncount: (counting: boolean) => void;
  }
</script>

<script lang="ts">
  import { fitsIn, secondsAt } from '#core/plan/fits.ts';
  import { timeText } from '#core/sky/zone.ts';
  import { saveAs } from '../files/save-as.ts';
  import WindowCountdown from './WindowCountdown.svelte';
  import { sayFits, sayPart, saySpread, sayWhen } from './say-plan.ts';

  let { pair, window, zone, placeName, isNow, held, between, counting, oncount }: WindowWordsProps = $props();
  /** More settings of one window are a light that runs: the minute below tells each. */
  const MOST_PARTS = 4;
  const COUNTED_MS = 24 * 3_600_000;
  const { camera, film, framesLeft } = $derived(pair);
  const parts = $derived(window.parts.map((part) => ({ ...sayPart(camera, part, zone), key: part.fromMs })));
  const fits = $derived.by(() => {
    const stretch = { fromMs: window.from.likelyMs, toMs: window.to.likelyMs };
    const each = (ms: number): number => secondsAt(window.parts, ms);
    return sayFits(fitsIn(stretch, each, between, framesLeft, film), framesLeft, zone);
  });

  /** What is days away is for the calendar. */
  const isToday = $derived(window.to.likelyMs > Date.now() && window.from.likelyMs - Date.now() < COUNTED_MS);

  /** Hands the window to the calendar of this device. */
  async function keep(): Promise<void> {
    const { calendarOf } = await import('./calendar.ts');
    const event = {
      ...{ fromMs: window.from.likelyMs, toMs: window.to.likelyMs, zone, nowMs: Date.now() },
      title: `${camera.name} with ${film.name}, ${held}`,
      place: placeName,
      notes: [...parts.map((p) => `${p.from} ${p.set}, ${p.time}`), saySpread(window, zone), fits]
    };
    const text = calendarOf([event]);
    const opens = timeText(window.from.likelyMs, zone).replace(':', '.');
    saveAs(text, 'text/calendar', `${camera.name} ${opens}.ics`);
  }
</script>

<p class="leading-snug">
  <b>{sayWhen(window, zone, isNow)}</b> <span class="soft">{saySpread(window, zone)}</span>
</p>
<table class="w-full text-[0.9375rem] leading-snug">
  <thead class="sr-only">
    <tr><th>From</th><th>Set</th><th>Time</th><th>In 100</th></tr>
  </thead>
  <tbody>
    {#each parts.slice(0, MOST_PARTS) as { key, from, set, time, chance } (key)}
      <tr class="align-top">
        <td class="soft w-12">{from}</td>
        <td class="pr-3">{set}</td>
        <td class="pr-3 sm:w-32">{time}</td>
        <td class="w-12 text-right"><b>{chance}</b></td>
      </tr>
    {/each}
  </tbody>
</table>
{#if parts.length > MOST_PARTS}
  <p class="soft">and {parts.length - MOST_PARTS} more as the light goes</p>
{/if}
<p class="flex flex-wrap items-center justify-between gap-x-4">
  <span>{fits}</span>
  <span class="flex flex-wrap gap-x-4">
    {#if isToday && !counting}
      <button type="button" class="min-h-11 cursor-pointer underline" onclick={() => oncount(true)}
        >Count down</button
      >
    {/if}
    <button type="button" class="min-h-11 cursor-pointer underline" onclick={() => void keep()}
      >Add to calendar</button
    >
  </span>
</p>
{#if counting}
  <WindowCountdown fromMs={window.from.likelyMs} toMs={window.to.likelyMs} onstop={() => oncount(false)} />
{/if}
