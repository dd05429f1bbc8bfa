<!-- The camera's eye over the picture: what it will read against the subject, the mark that answers it, and counting it. -->
<script lang="ts">
  import { positionsOf } from '#core/camera/camera.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import { formatStops, formatThirds } from '#core/units/stops.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Picture } from './picture.svelte.ts';

  let { picture }: { picture: Picture } = $props();
  const current = useCurrent();
  const seen = $derived(picture.readAt('eye'));
  /** Stops by which the eye sees more than the subject has, to a third: no finer than anybody can tell. */
  const offset = $derived(seen && picture.light ? Math.round(3 * (seen.lv - picture.light.lv)) / 3 : 0);
  const control = $derived(current.judged?.pair.camera.controls.find((c) => c.acts === 'compensation'));
  const nearest = $derived(
    control
      ? positionsOf(control).reduce((a, b) =>
          Math.abs(b.value - offset) < Math.abs(a.value - offset) ? b : a
        )
      : null
  );
  const counted = $derived(current.asked.circumstances?.eyeOffsetStops ?? 0);
  function count(stops: number): void {
    const circumstances = { ...PLAIN, ...current.asked.circumstances };
    current.asked = { ...current.asked, circumstances: { ...circumstances, eyeOffsetStops: stops } };
  }
</script>

<div class="grid gap-1.5" data-testid="eye-over">
  <p class="leading-snug" role="status">
    {#if formatThirds(offset) === '0'}
      The eye sees what the subject has: nothing to answer.
    {:else}
      The eye sees {formatStops(Math.abs(offset))}
      {offset > 0 ? 'more' : 'less'} than the subject has.
      {#if nearest}<b>Answer: {control?.label} to {nearest.mark}.</b>
      {:else}This camera has no lighten–darken: turn its eye away, or change the scene.{/if}
    {/if}
  </p>
  {#if counted !== offset}
    <button
      type="button"
      class="btn preset-outlined min-h-11 justify-self-start"
      onclick={() => count(offset)}>Count it on Shoot</button
    >
  {/if}
</div>
