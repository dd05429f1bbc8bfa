<!-- The light rule: the light now as a marker on a ruler of daily life, and what the pair in use makes of every light. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { formatLv } from '#core/units/stops.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { chanceInHundred } from '../text/say.ts';
  import { gainedBy } from '#core/advice/reach-shape.ts';
  import { nearestName, sayReach } from '../text/say-light.ts';
  import { deltasAlong } from './deltas.ts';
  import Marker from './Marker.svelte';
  import Scale from './Scale.svelte';
  import Strips from './Strips.svelte';
  import { followed, lvAt, percent, shareOf, viewAround, WHOLE } from './view.ts';

  const current = useCurrent();
  const NEAR_SPAN = 13;
  const COLUMNS = 53;
  const THIRD = 1 / 3;

  let whole = $state(false);
  let near = $state.raw(viewAround(current.light.lv, NEAR_SPAN));
  /** Where the track lies while the marker is held; null = it is not. */
  let held = $state.raw<DOMRect | null>(null);

  const view = $derived(whole ? WHOLE : near);
  // written, not derived: nothing that is drawn from the view has to be asked while the light stays within it
  $effect.pre(() => {
    near = followed(
      untrack(() => near),
      current.light.lv
    );
  });
  const judged = $derived(current.judged);
  // drawn from what does not depend on where the light is: dragging the marker redraws none of it
  const reached = $derived(current.reached);
  /** Where something to stand it on makes frames likely that the hand does not. */
  const apart = $derived(
    reached && current.standing ? gainedBy(reached.reach.likely, current.standing.likely) : []
  );
  const contrast = $derived(current.contrast);
  const deltas = $derived(reached ? deltasAlong(view, COLUMNS, reached.reach, reached.dark) : []);
  const at = $derived(shareOf(view, current.light.lv));
  const spread = $derived(current.sdStops / (view.to - view.from));
  const valueText = $derived(
    current.isTold
      ? `LV ${formatLv(current.light.lv)}, near ${nearestName(current.light.lv)}` +
          (judged ? `, ${chanceInHundred(judged.shown.pUsable)} in 100 come out` : '')
      : 'not told'
  );

  function moveTo(clientX: number): void {
    if (!held) return;
    current.moveLight(lvAt(view, (clientX - held.left) / held.width));
  }

  function press(event: PointerEvent & { currentTarget: HTMLElement }): void {
    event.currentTarget.setPointerCapture(event.pointerId);
    held = event.currentTarget.getBoundingClientRect();
    moveTo(event.clientX);
  }

  function key(event: KeyboardEvent): void {
    const steps: Readonly<Record<string, number>> = {
      ArrowRight: event.shiftKey ? 1 : THIRD,
      ArrowUp: event.shiftKey ? 1 : THIRD,
      ArrowLeft: event.shiftKey ? -1 : -THIRD,
      ArrowDown: event.shiftKey ? -1 : -THIRD,
      PageUp: 1,
      PageDown: -1,
      Home: -100,
      End: 100
    };
    const step = steps[event.key];
    if (step === undefined) return;
    event.preventDefault();
    current.moveLight(current.light.lv + step);
  }

  function bracket(from: number, to: number): { left: string; width: string } | null {
    const a = Math.max(0, shareOf(view, from));
    const b = Math.min(1, shareOf(view, to));
    return b > a ? { left: percent(a), width: percent(b - a) } : null;
  }
</script>

<section class="rule [contain:layout_style] [--band:46px] px-7" aria-label="Light rule">
  <div
    class="track [container-type:inline-size] relative [cursor:ew-resize] [touch-action:pan-y] [user-select:none]"
    role="slider"
    tabindex="0"
    aria-label="Light now"
    aria-orientation="horizontal"
    aria-valuemin={WHOLE.from}
    aria-valuemax={WHOLE.to}
    aria-valuenow={Number(current.light.lv.toFixed(2))}
    aria-valuetext={valueText}
    onpointerdown={press}
    onpointermove={(event) => moveTo(event.clientX)}
    onpointerup={() => (held = null)}
    onpointercancel={() => (held = null)}
    onkeydown={key}
  >
    <div class="over apart relative h-8.5">
      {#if reached}
        {#each reached.reach.possible as interval (interval.from)}
          {@const place = bracket(interval.from, interval.to)}
          {#if place}<span class="possible" style:left={place.left} style:width={place.width}></span>{/if}
        {/each}
        {#each reached.reach.likely as interval (interval.from)}
          {@const place = bracket(interval.from, interval.to)}
          {#if place}<span class="likely" style:left={place.left} style:width={place.width}></span>{/if}
        {/each}
      {/if}
      {#each apart as interval (interval.from)}
        {@const place = bracket(interval.from, interval.to)}
        {#if place}<span class="standing" style:left={place.left} style:width={place.width}></span>{/if}
      {/each}
      {#each current.ghost?.likely ?? [] as interval (interval.from)}
        {@const place = bracket(interval.from, interval.to)}
        {#if place}<span class="ghost" style:left={place.left} style:width={place.width}></span>{/if}
      {/each}
    </div>
    {#if reached}
      <Strips tone={reached.tone} {contrast} {deltas} height="var(--band)" />
    {:else}
      <div class="h-(--band) border-[1.5px] border-(--ink) bg-(--well)"></div>
    {/if}
    <Scale {view} />
    <Marker {at} {spread} told={current.isTold} />
  </div>
  <div
    class="flex justify-between items-center gap-3 -mt-0.5 text-[0.9375rem] [@media(max-height:520px)]:hidden max-[640px]:-mt-1.5 max-[640px]:text-[0.875rem]"
  >
    <p>
      {#if reached}{sayReach(reached.reach, apart)}{:else}Use a pair to see its reach.{/if}
    </p>
    <button
      type="button"
      class="min-h-11 py-0 px-1 text-(--soft) underline underline-offset-[3px] whitespace-nowrap cursor-pointer"
      aria-pressed={whole}
      onclick={() => (whole = !whole)}
    >
      {whole ? 'Around the light' : 'Whole scale'}
    </button>
  </div>
</section>

<style>
  /* the marker moves by transform, in shares of the track: nothing has to be laid out or painted again */
  .over span {
    position: absolute;
    bottom: 4px;
    height: 9px;
    border: solid var(--ink);
  }
  .possible {
    border-width: 2px 0 0 !important;
    border-style: dotted !important;
    height: 2px !important;
    bottom: 11px !important;
  }
  .likely {
    border-width: 3px 3px 0 !important;
  }
  /* the lane above: with the camera on something */
  .standing {
    bottom: 17px !important;
    height: 6px !important;
    border-width: 2px 2px 0 !important;
    opacity: 0.75;
  }
  /* what a remedy would do to the reach, while it is pointed at */
  .ghost {
    height: 18px !important;
    border: 2.5px dashed var(--accent) !important;
    border-bottom: 0 !important;
  }
  /* little height: the words stand in the answer too */
  @media (max-height: 520px) {
    .rule {
      --band: 30px;
    }
  }
  @media (max-width: 640px) {
    .rule {
      --band: 34px;
      padding: 0 16px;
    }
  }
</style>
