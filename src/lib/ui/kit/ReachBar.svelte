<script module lang="ts">
  import type { LvInterval } from '#core/advice/reach-shape.ts';

  /** In which light a pair works, along the whole scale: likely as a full bar, possible as its outline. */
  export interface ReachBarProps {
    likely: readonly LvInterval[];
    possible: readonly LvInterval[];
    /** The light now; null = not told. */
    lv: number | null;
  }
</script>

<script lang="ts">
  import { percent, shareOf, WHOLE } from '../rule/view.ts';
  import { sayIntervals } from '../text/say-light.ts';

  let { likely, possible, lv }: ReachBarProps = $props();
  const words = $derived(
    likely.length > 0
      ? `Likely from LV ${sayIntervals(likely)}`
      : possible.length > 0
        ? `Possible from LV ${sayIntervals(possible)}`
        : 'In no light'
  );
  const clamp = (share: number): number => Math.min(1, Math.max(0, share));
  const barOf = ({ from, to }: LvInterval) => ({
    left: percent(clamp(shareOf(WHOLE, from))),
    width: percent(clamp(shareOf(WHOLE, to)) - clamp(shareOf(WHOLE, from)))
  });
</script>

<div class="relative h-5 min-w-27.5 [border-bottom:1.5px_solid_var(--soft)]" role="img" aria-label={words}>
  {#each possible as interval (interval.from)}
    <span
      class="h-3 [border:1.5px_solid_var(--ink)] [border-bottom:0] absolute [bottom:0] [box-sizing:border-box]"
      style:left={barOf(interval).left}
      style:width={barOf(interval).width}
    ></span>
  {/each}
  {#each likely as interval (interval.from)}
    <span
      class="h-3 bg-(--ink) absolute [bottom:0] [box-sizing:border-box]"
      style:left={barOf(interval).left}
      style:width={barOf(interval).width}
    ></span>
  {/each}
  {#if lv !== null}<i
      class="absolute [top:0] [bottom:-4px] w-0.75 -ml-0.25 bg-(--accent)"
      style:left={percent(clamp(shareOf(WHOLE, lv)))}
    ></i>{/if}
</div>
