<!-- The hours of the day under its strips, and the minute that is pointed at: by hand or by key, minute by minute. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Stretch } from '#core/plan/windows.ts';
  import { timeText } from '#core/sky/zone.ts';

  let {
    span,
    zone,
    atMs,
    onpoint
  }: { span: Stretch; zone: string; atMs: number; onpoint: (ms: number) => void } = $props();
  const uid = $props.id();
  const MINUTE_MS = 60_000;
  const HOUR_MS = 3_600_000;
  let width = $state(600);
  const x = $derived(scaleLinear([span.fromMs, span.toMs], [0, 100]));
  // so many hours apart that their words keep clear of each other
  const every = $derived(
    [1, 2, 3, 4, 6].find((h) => (width * h * HOUR_MS) / (span.toMs - span.fromMs) > 52) ?? 6
  );
  const hours = $derived.by(() => {
    const first = Math.ceil(span.fromMs / HOUR_MS) * HOUR_MS;
    const count = Math.max(0, Math.floor((span.toMs - first) / HOUR_MS)) + 1;
    return Array.from({ length: count }, (_, i) => first + i * HOUR_MS).filter(
      (ms) => Number(timeText(ms, zone).slice(0, 2)) % every === 0 && x(ms) > 1 && x(ms) < 97
    );
  });
</script>

<div class="relative h-6 text-[0.8125rem] text-(--soft)" bind:clientWidth={width} aria-hidden="true">
  {#each hours as ms (ms)}
    <span class="absolute -translate-x-1/2" style:left="{x(ms)}%">{timeText(ms, zone)}</span>
  {/each}
</div>
<label class="sr-only" for="{uid}-minute">The minute that is looked at</label>
<input
  id="{uid}-minute"
  class="block h-11 w-full accent-(--accent)"
  type="range"
  min={span.fromMs}
  max={span.toMs}
  step={MINUTE_MS}
  value={atMs}
  aria-valuetext={timeText(atMs, zone)}
  oninput={(e) => onpoint(Number(e.currentTarget.value))}
/>
