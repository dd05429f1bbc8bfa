<script module lang="ts">
  /** The light now on the rule, and how sure it is. */
  export interface MarkerProps {
    /** Where it stands, as a share of the track. */
    at: number;
    /** One standard deviation, as a share of the track. */
    spread: number;
    /** Whether anybody told it: else it is only where the marker can be taken hold of. */
    told: boolean;
  }
</script>

<script lang="ts">
  let { at, spread, told }: MarkerProps = $props();
  // three standard deviations to either side, in hundredths of the track
  const bell = $derived(600 * spread);
</script>

<div
  class="now absolute top-0 left-0 [will-change:transform] pointer-events-none"
  aria-hidden="true"
  style:transform={`translateX(${(at * 100).toFixed(3)}cqw)`}
>
  {#if told}<svg
      class="h-8.5 fill-(--accent) [fill-opacity:0.35]"
      viewBox="-3 0 6 1"
      preserveAspectRatio="none"
      style:left={`${-bell / 2}cqw`}
      style:width={`${bell}cqw`}
    >
      <path d="M-3 1C-1.500 1 -1 0 0 0S1.500 1 3 1Z" />
    </svg>
    <i class="top-0.5 left-[-1.5px] w-[3px] h-[calc(34px_+_var(--band)_+_6px)] bg-(--accent)"></i>{/if}
  <i
    class="knob -left-2.5 w-5 h-5 rounded-[50%] bg-(--accent) border-[3px] border-(--paper)"
    class:untold={!told}
  ></i>
</div>

<style>
  .now > * {
    position: absolute;
  }
  .knob.untold {
    background: var(--paper);
    border: 2.5px dashed var(--ink);
  }
</style>
