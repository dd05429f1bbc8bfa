<!-- A stop on the way: when, what, with what and until when; what stands against it; and its fields to unfold. -->
<script lang="ts">
  import gripVertical from 'lucide-static/icons/grip-vertical.svg?raw';
  import Icon from '../../Icon.svelte';
  import { dragHandle } from 'svelte-dnd-action';
  import type { Pair } from '#core/log/pair.ts';
  import type { Stop } from '#core/plan/outing.ts';
  import type { PlannedStop } from '#core/plan/outing-plan.ts';
  import { timeText } from '#core/sky/zone.ts';
  import type { RecentFrame } from '../../light/recent.ts';
  import { sayPair, sayStopWindow, sayTrouble, sayWay } from './say-outing.ts';
  import StopFields from './StopFields.svelte';

  let {
    stop,
    planned,
    pairs,
    recent,
    unfolded,
    onchange,
    onremove
  }: {
    stop: Stop;
    /** Null while it is worked out. */
    planned: PlannedStop | null;
    pairs: readonly Pair[];
    recent: readonly RecentFrame[];
    /** Whether its fields stand open at first. */
    unfolded: boolean;
    onchange: (stop: Stop) => void;
    onremove: () => void;
  } = $props();
  const { zone } = $derived(stop.place);
  const pair = $derived(planned?.way ? (pairs.find((p) => p.loadId === planned.way?.key) ?? null) : null);
  const nameOf = (key: string): string => {
    const found = pairs.find((p) => p.loadId === key);
    return found ? sayPair(found) : 'Another camera';
  };
  const time = $derived(planned?.ms ? timeText(planned.ms, zone) : stop.time || '–');
  const name = $derived(stop.subject === '' ? stop.place.name : stop.subject);
</script>

<div class="card grid grid-cols-[auto_minmax(0,1fr)] gap-x-2 p-3" data-testid="stop">
  <!-- no button: the library leaves the keys of those alone -->
  <div
    role="button"
    tabindex="0"
    class="btn-icon size-11 cursor-grab self-start"
    use:dragHandle
    aria-label="Move {name}"
  >
    <Icon svg={gripVertical} size={20} />
  </div>
  <div class="grid min-w-0 gap-1">
    <p class="leading-snug">
      <b class="text-lg">{time}</b> <b>{name}</b>
      <span class="soft"
        >{stop.subject === '' ? '' : `${stop.place.name}, `}{stop.frames === 1
          ? '1 frame'
          : `${stop.frames} frames`}{stop.tries > 1 ? `, ${stop.tries} tries each` : ''}</span
      >
    </p>
    {#if planned?.way && pair}
      <p class="leading-snug">
        <b>{sayPair(pair)}</b>, {sayWay(pair.camera, planned.way)}.
        <span class="soft">{sayStopWindow(planned)}.</span>
      </p>
    {/if}
    {#each planned?.troubles ?? [] as trouble, i (i)}
      <p class="leading-snug font-semibold">{sayTrouble(trouble, zone, nameOf)}</p>
    {/each}
    <details open={unfolded}>
      <summary class="min-h-11 cursor-pointer content-center underline">Change</summary>
      <StopFields {stop} {pairs} {recent} {onchange} />
      <button type="button" class="mt-2 min-h-11 cursor-pointer underline" onclick={onremove}
        >Take this stop out</button
      >
    </details>
  </div>
</div>
