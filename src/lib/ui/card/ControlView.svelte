<script module lang="ts">
  import type { Control } from '#core/camera/kinds/controls.ts';
  import { isLeftAlone } from '#core/camera/position.ts';
  import type { Choice } from '#core/camera/setting.ts';

  /** A control that can be moved, drawn as it lies under the finger. */
  export interface ControlViewProps {
    /** One with something to move. */
    control: Control;
    shown: Choice;
    advised: Choice;
    present: Choice;
    onpick: (position: number) => void;
  }
</script>

<script lang="ts">
  import { kindOfControl } from '#core/camera/kinds/controls.ts';
  import { sayPosition } from '../text/say.ts';
  import { drawnPositions, mustMove, standingMark, withOneB, type DrawnPosition } from './control.ts';
  import LineDrawing from './LineDrawing.svelte';
  import MarkSymbolDrawing from './MarkSymbol.svelte';

  let { control, shown, advised, present, onpick }: ControlViewProps = $props();
  const uid = $props.id();
  const kind = $derived(kindOfControl(control));
  const drawing = $derived(kind.drawing(control));
  const figure = $derived(drawing?.drawn === 'figure' ? drawing : null);
  const positions = $derived(drawnPositions(control, shown, advised, present));
  // B is one place of the lever; how long it is held is counted, and chosen on a row of its own
  const parts = $derived(withOneB(positions));
  const at = $derived(
    Math.max(
      0,
      parts.places.findIndex((p) => p.shown)
    )
  );
  const was = $derived(standingMark(positions));
  let band = $state<HTMLElement>();

  /** What a mark means where that cannot be seen from it: two gears look alike, a linked lever changes its meaning. */
  function meaning(p: DrawnPosition): string {
    if (p.gear !== null) return `${p.gear}: ${sayPosition(control, p.position.value)}`;
    return kind.meaningSaid ? sayPosition(control, p.position.value) : '';
  }

  // a long ring is wider than a phone: keep the mark to set in sight; after the paint, when asking where it lies costs nothing
  $effect(() => {
    const mark = band?.children[at];
    const strip = band;
    if (!strip || !(mark instanceof HTMLElement)) return;
    const timer = setTimeout(() => {
      if (strip.scrollWidth <= strip.clientWidth) return;
      strip.scrollTo({ left: mark.offsetLeft - (strip.clientWidth - mark.offsetWidth) / 2 });
    }, 60);
    return () => clearTimeout(timer);
  });
</script>

<fieldset
  class={figure ? 'drawn-figure' : `drawn-${drawing?.drawn === 'row' ? drawing.as : 'ring'}`}
  class:by-hand={isLeftAlone(control.acts)}
  style:--marks={figure ? figure.width / 56 : parts.places.length}
>
  <legend>
    <span class="name">{control.label}</span>
    {#if control.acts === 'focus'}
      <span class="hint">turn it to your subject</span>
    {:else if control.acts === 'lens'}
      <span class="hint">the one that is on</span>
    {:else if mustMove(positions)}
      <span class="hint">was at {was ?? ''}</span>
    {:else if was !== null}
      <span class="hint">leave it</span>
    {/if}
  </legend>
  <div
    class="band"
    bind:this={band}
    style:width={figure && `${figure.width}px`}
    style:height={figure && `${figure.height}px`}
  >
    {#if figure}<LineDrawing {...figure} />{/if}
    {#each parts.places as p, i (p.index)}
      <label
        class:shown={p.shown}
        class:advised={p.advised && !p.shown}
        class:stands={p.stands && !p.shown}
        style:left={figure && `${figure.places[i]?.x ?? 0}px`}
        style:top={figure && `${figure.places[i]?.y ?? 0}px`}
      >
        <input
          type="radio"
          name="{uid}-place"
          checked={p.shown}
          onchange={() => onpick(p.index)}
          aria-label={`${p.position.mark}, ${sayPosition(control, p.position.value)}${p.advised && !isLeftAlone(control.acts) ? ', advised' : ''}`}
        />
        <span class="knob" aria-hidden="true"></span>
        <span class="engraved" aria-hidden="true">
          {#if p.position.symbol && !isLeftAlone(control.acts)}<MarkSymbolDrawing
              symbol={p.position.symbol}
            />{/if}
          {p.position.mark}
          {#if meaning(p) !== ''}<span class="means">{meaning(p)}</span>{/if}
        </span>
      </label>
    {/each}
  </div>
  {#if parts.counted.length > 0 && parts.places.at(-1)?.shown}
    <div class="count" role="radiogroup" aria-label="How long to hold it open">
      <span class="hint">Hold it for</span>
      {#each parts.counted as p (p.index)}
        <label class="chip" class:shown={p.shown} class:advised={p.advised && !p.shown}>
          <input
            type="radio"
            name="{uid}-count"
            checked={p.shown}
            onchange={() => onpick(p.index)}
            aria-label="{sayPosition(control, p.position.value)}{p.advised ? ', advised' : ''}"
          />
          {sayPosition(control, p.position.value)}
        </label>
      {/each}
    </div>
  {/if}
</fieldset>

<style>
  legend {
    display: flex;
    align-items: baseline;
    gap: 10px;
    font-size: 0.9375rem;
    white-space: nowrap;
  }
  .name {
    font-weight: 600;
  }
  .band {
    position: relative;
    display: flex;
    overflow-x: auto;
    scrollbar-width: none;
    margin-top: 4px;
  }
  .count {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 5px;
    margin-top: 6px;
  }
  .count .chip {
    position: relative;
    display: inline-grid;
    place-content: center;
  }
  .count .chip.shown {
    background: var(--accent);
    border-color: var(--accent);
    color: var(--on-accent);
    font-weight: 700;
  }
  .count .chip.advised {
    border: 3px solid var(--accent);
  }
  .band label {
    position: relative;
    display: grid;
    justify-items: center;
    align-content: center;
    gap: 2px;
    flex: 1 0 46px;
    min-height: 62px;
    cursor: pointer;
  }
  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  label:has(:focus-visible) {
    outline: 3px solid var(--ink);
    outline-offset: -3px;
  }
  .engraved {
    display: grid;
    justify-items: center;
    font-size: 1.0625rem;
    line-height: 1.15;
  }
  /* what a mark means takes room: the band scrolls rather than letting the words run together */
  .band label:has(.means) {
    flex-basis: 92px;
  }
  .means {
    font-size: 0.8125rem;
    font-weight: 400;
    white-space: nowrap;
  }
  .band label.shown .engraved {
    font-weight: 750;
  }

  /* A lever: a slot with the knob at one of its stops. */
  .drawn-lever .band {
    max-width: 300px;
  }
  .drawn-lever .band label {
    min-height: 92px;
    align-content: start;
    padding-top: 4px;
  }
  .drawn-lever .band label::before {
    content: '';
    position: absolute;
    top: 17px;
    left: 0;
    right: 0;
    height: 6px;
    background: var(--ink);
  }
  .drawn-lever .band label:first-child::before {
    left: 50%;
  }
  .drawn-lever .band label:last-child::before {
    right: 50%;
  }
  .knob {
    position: relative;
    width: 12px;
    height: 12px;
    margin: 10px;
    border-radius: 50%;
    background: var(--ink);
  }
  .shown .knob {
    width: 30px;
    height: 30px;
    margin: 1px;
    background: var(--accent);
    border: 3px solid var(--sheet);
  }
  .advised .knob,
  .stands .knob {
    width: 24px;
    height: 24px;
    margin: 4px;
    background: var(--sheet);
    border: 2px dashed var(--ink);
  }
  .advised .knob {
    border: 3px solid var(--accent);
  }

  /* A ring or wheel: the engraved band as it lies before the eye, its ends turning away, the index over the mark to set. */
  .drawn-ring .band,
  .drawn-wheel .band {
    border: 1.5px solid var(--ink);
    border-radius: 5px;
    background: linear-gradient(to right, var(--line), var(--sheet) 16% 84%, var(--line));
  }
  .drawn-wheel .band {
    border-block-width: 5px;
    border-block-style: double;
  }
  .drawn-ring .knob,
  .drawn-wheel .knob {
    order: -1;
    width: 2px;
    height: 8px;
    margin: 0;
    border: 0;
    border-radius: 0;
    background: var(--ink);
  }
  .drawn-ring .stands .knob,
  .drawn-wheel .stands .knob {
    width: 12px;
    height: 12px;
    border: 2px dashed var(--ink);
    border-radius: 50%;
    background: transparent;
  }
  .drawn-ring .advised .knob,
  .drawn-wheel .advised .knob {
    width: 12px;
    height: 12px;
    border: 3px solid var(--accent);
    border-radius: 50%;
    background: transparent;
  }
  .drawn-ring .shown,
  .drawn-wheel .shown {
    background: var(--accent);
    color: var(--on-accent);
  }
  .drawn-ring .shown .knob,
  .drawn-wheel .shown .knob {
    width: 0;
    height: 0;
    background: transparent;
    border: 7px solid transparent;
    border-top: 9px solid var(--on-accent);
  }
  /* A drawing of its own: the marks stand at their places on it. */
  .drawn-figure .band {
    max-width: 100%;
  }
  .drawn-figure .band label {
    position: absolute;
    translate: -50% -50%;
    min-width: 46px;
    min-height: 46px;
  }
  .drawn-figure .knob {
    display: none;
  }
  .drawn-figure .engraved {
    padding: 3px 5px;
    border: 1.5px solid var(--ink);
    border-radius: 14px;
    white-space: nowrap;
    background: var(--sheet);
  }
  .drawn-figure .shown .engraved {
    background: var(--accent);
    border-color: var(--accent);
    color: var(--on-accent);
  }
  .drawn-figure .advised .engraved {
    border: 3px solid var(--accent);
  }
  .drawn-figure .stands .engraved {
    border-style: dashed;
  }

  /* Focus does not change the verdict: it is the person's to set, so it wears ink, not the accent. */
  .by-hand .shown {
    background: var(--ink);
    color: var(--sheet);
  }
</style>
