<!-- A person's own scene as a camera and film would print it at an error of the frame. -->
<script lang="ts">
  import { isColour, type Film } from '#core/film/film.ts';
  import type { PrintTone } from '#core/film/print.ts';
  import type { LightKind } from '#core/film/traits.ts';
  import type { Pixels } from '#core/picture/luminance.ts';
  import type { PhoneCurve } from '#core/picture/phone.ts';
  import { printInto, printTables } from '#core/picture/as-printed.ts';
  import { castFor } from '../verdict/print-colour.ts';

  let {
    pixels,
    subjectStops,
    phone,
    film,
    tone,
    lightKind,
    deltaStops,
    label
  }: {
    pixels: Pixels;
    /** What the frame is exposed for: stops above what the phone took for grey. */
    subjectStops: number;
    phone: PhoneCurve;
    film: Film;
    tone: PrintTone;
    lightKind: LightKind;
    deltaStops: number;
    label: string;
  } = $props();
  function draw(canvas: HTMLCanvasElement): void {
    const image = new ImageData(pixels.width, pixels.height);
    const isBlackAndWhite = !isColour(film.kind);
    const tables = printTables({
      ...{ tone, deltaStops, subjectStops, phone, isBlackAndWhite },
      cast: castFor(film, lightKind)
    });
    printInto(pixels.data, image.data, tables, isBlackAndWhite);
    canvas.getContext('2d')?.putImageData(image, 0, 0);
  }
</script>

<figure class="print-paper m-0 p-1.5" data-testid="as-printed">
  <canvas
    width={pixels.width}
    height={pixels.height}
    class="block w-full"
    aria-label="Your scene, about so on {film.name}, {label}"
    {@attach draw}
  ></canvas>
  <figcaption class="pt-1 text-center text-[0.8125rem] leading-tight">{label}</figcaption>
</figure>
