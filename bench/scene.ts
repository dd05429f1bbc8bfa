// Times of the drawn scenes: as large as a drill shows them and larger, taken by a phone; and a picture printed anew.
import { printInto, printTables } from '../src/core/picture/as-printed.ts';
import { ANY_PHONE } from '../src/core/picture/phone.ts';
import { printTone } from '../src/core/film/print.ts';
import { filmWindow } from '../src/core/film/window.ts';
import { drawScene } from '../src/core/scene/draw.ts';
import { exposeScene } from '../src/core/scene/expose.ts';
import { SCENE_LIGHT_NAMES } from '../src/core/scene/lights.ts';
import { sceneOf } from '../src/core/scene/scene.ts';
import { DEMO_FILMS } from '../src/lib/server/demo/films.ts';

let kept = 0;
function timesMs(runs: number, job: (i: number) => number): readonly number[] {
  for (let i = 0; i < 5; i++) kept += job(i);
  return Array.from({ length: runs }, (_, i) => {
    const from = performance.now();
    kept += job(i);
    return performance.now() - from;
  }).sort((a, b) => a - b);
}
const said = (times: readonly number[]): Readonly<Record<string, string>> => ({
  median: `${(times[Math.floor(times.length / 2)] ?? NaN).toFixed(1)} ms`,
  slowest: `${(times.at(-1) ?? NaN).toFixed(1)} ms`
});

const kinds = SCENE_LIGHT_NAMES;
const drawn = (width: number, height: number) => (i: number) => {
  const scene = sceneOf(i, kinds[i % kinds.length] ?? null);
  return exposeScene(drawScene(scene, width, height)).pixels.data[4 * width] ?? 0;
};
const drawing = drawScene(sceneOf(4, 'sun'), 800, 500);
const [film] = DEMO_FILMS;
if (!film) throw new Error('no film');
const tone = printTone(film, filmWindow(film, 'normal').usable);
const { pixels } = exposeScene(drawScene(sceneOf(4, 'sun'), 768, 480));
const into = new Uint8ClampedArray(pixels.data.length);
console.table({
  'a scene at 400 × 250 (each of 15 kinds)': said(timesMs(45, drawn(400, 250))),
  'a scene at 800 × 500 (each of 15 kinds)': said(timesMs(45, drawn(800, 500))),
  'of that, taking it with a phone': said(timesMs(30, () => exposeScene(drawing).iso)),
  'a picture of 768 × 480 printed anew': said(
    timesMs(30, (i) => {
      const tables = printTables({
        ...{ tone, deltaStops: i / 30, subjectStops: 0, phone: ANY_PHONE, cast: [1, 1, 1] },
        isBlackAndWhite: false
      });
      printInto(pixels.data, into, tables, false);
      return into[4] ?? 0;
    })
  )
});
console.log(`check sum ${kept}`);
