<!-- A drawn scene: as one sees it, or as a film prints it at an error. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { Film } from '#core/film/film.ts';
  import { isColour } from '#core/film/film.ts';
  import type { PrintTone } from '#core/film/print.ts';
  import { printInto, printTables } from '#core/picture/as-printed.ts';
  import { ANY_PHONE } from '#core/picture/phone.ts';
  import type { DrawnScene } from '#core/scene/scene.ts';
  import type { SceneAnswer, SceneQuestion } from '../../../workers/scene.ts';
  import { castFor } from '../verdict/print-colour.ts';
  import { WorkerLine } from '../worker/line.ts';

  interface Print {
    readonly film: Film;
    readonly tone: PrintTone;
    readonly deltaStops: number;
  }
  let { scene, print = null, label }: { scene: DrawnScene; print?: Print | null; label: string } = $props();
  const [WIDTH, HEIGHT] = [800, 500];
  let drawn = $state.raw<SceneAnswer | null>(null);
  let line: WorkerLine<SceneQuestion, SceneAnswer> | null = null;

  onMount(() => () => line?.stop());
  $effect(() => {
    const { seed, kind } = scene;
    line ??= new WorkerLine<SceneQuestion, SceneAnswer>(
      () => new Worker(new URL('../../../workers/scene.ts', import.meta.url), { type: 'module' })
    );
    drawn = null;
    return line.ask({ seed, kind, width: WIDTH, height: HEIGHT }, { part: (answer) => (drawn = answer) });
  });

  function draw(canvas: HTMLCanvasElement): void {
    if (!drawn) return;
    const { pixels, ev100 } = drawn;
    const image = new ImageData(WIDTH, HEIGHT);
    if (print) {
      const { film, tone, deltaStops } = print;
      const isBlackAndWhite = !isColour(film.kind);
      // the frame is exposed for the light on the subject
      const asked = { tone, deltaStops, subjectStops: scene.lv - ev100, phone: ANY_PHONE, isBlackAndWhite };
      const cast = castFor(film, scene.named !== null && scene.facing === null ? 'lamps' : 'daylight');
      printInto(pixels.data, image.data, printTables({ ...asked, cast }), isBlackAndWhite);
    } else image.data.set(pixels.data);
    canvas.getContext('2d')?.putImageData(image, 0, 0);
  }
</script>

<div role="img" aria-label={label} data-testid="scene" data-drawn={drawn ? 'yes' : 'no'}>
  <canvas
    width={WIDTH}
    height={HEIGHT}
    class="block aspect-[8/5] h-auto w-full bg-(--well)"
    aria-hidden="true"
    {@attach draw}
  ></canvas>
</div>
