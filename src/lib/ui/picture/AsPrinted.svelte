<!-- The person's own scene as this camera and film would print it at an error of the frame. -->
<script lang="ts">
  import { isColour } from '#core/film/film.ts';
  import { patchOf, type Pixels } from '#core/picture/luminance.ts';
  import { patchStops } from '#core/picture/phone.ts';
  import { printInto, printTables } from '#core/picture/as-printed.ts';
  import { lightKindOf } from '#core/ways/choice.ts';
  import type { Judged } from '../current-judge.ts';
  import { castFor } from '../verdict/print-colour.ts';
  import type { Picture } from './picture.svelte.ts';

  let {
    picture,
    judged,
    pixels,
    deltaStops,
    label
  }: { picture: Picture; judged: Judged; pixels: Pixels; deltaStops: number; label: string } = $props();
  const film = $derived(judged.pair.film);
  /** What the frame is exposed for: the subject that was touched, else what the phone took for grey. */
  const subjectStops = $derived(
    picture.spots.subject ? patchStops(patchOf(pixels, picture.spots.subject).luminance, picture.phone) : 0
  );
  function draw(canvas: HTMLCanvasElement): void {
    const image = new ImageData(pixels.width, pixels.height);
    const isBlackAndWhite = !isColour(film.kind);
    const tables = printTables({
      ...{ tone: judged.tone, deltaStops, subjectStops, phone: picture.phone, isBlackAndWhite },
      cast: castFor(film, lightKindOf(judged.light.way))
    });
    printInto(pixels.data, image.data, tables, isBlackAndWhite);
    canvas.getContext('2d')?.putImageData(image, 0, 0);
  }
</script>

<figure class="m-0 bg-white p-1.5 text-black" data-testid="as-printed">
  <canvas
    width={pixels.width}
    height={pixels.height}
    class="block w-full"
    aria-label="Your scene, about so on {film.name}, {label}"
    {@attach draw}
  ></canvas>
  <figcaption class="pt-1 text-center text-[0.8125rem] leading-tight">{label}</figcaption>
</figure>
