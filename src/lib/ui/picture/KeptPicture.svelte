<!-- The picture of the scene that was kept with a frame, as its print was expected. Fetched when it comes into sight. -->
<script lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { PrintTone } from '#core/film/print.ts';
  import type { Frame } from '#core/log/frame.ts';
  import type { FramePicture } from '#core/log/frame-picture.ts';
  import type { Pixels } from '#core/picture/luminance.ts';
  import { lightKindOf } from '#core/ways/choice.ts';
  import { pictureOfFrame } from '../api.ts';
  import AsPrinted from './AsPrinted.svelte';
  import { pixelsOf } from './kept.ts';

  let { frame, film, tone }: { frame: Frame; film: Film; tone: PrintTone } = $props();
  let kept = $state.raw<(Omit<FramePicture, 'jpeg'> & { readonly pixels: Pixels }) | null>(null);
  let isLost = $state(false);

  async function fetchIt(): Promise<void> {
    const picture = await pictureOfFrame(frame.id);
    const pixels = picture && (await pixelsOf(picture.jpeg));
    if (picture && pixels) kept = { ...picture, pixels };
    else isLost = true;
  }
  function whenSeen(place: HTMLElement): () => void {
    const watch = new IntersectionObserver((seen) => {
      if (!seen.some((s) => s.isIntersecting)) return;
      watch.disconnect();
      void fetchIt();
    });
    watch.observe(place);
    return () => watch.disconnect();
  }
</script>

<div class="min-h-20" data-testid="kept-picture" {@attach whenSeen}>
  {#if kept}
    <AsPrinted
      {...kept}
      {film}
      {tone}
      lightKind={frame.light ? lightKindOf(frame.light.way) : 'daylight'}
      deltaStops={frame.expected?.deltaStops ?? 0}
      label={frame.expected ? `expected, ${frame.number}` : `your scene, ${frame.number}`}
    />
  {:else if isLost}
    <p class="p-2.5 bg-(--well) text-[0.875rem]">
      A picture of the scene is kept with this frame; it cannot be shown now.
    </p>
  {/if}
</div>
