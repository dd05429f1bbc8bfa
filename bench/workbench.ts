// Times of the benches: a minute of sound looked through for clicks, a light sensor's trace, and the tables that follow a finger.
import { longTable } from '../src/core/bench/long-table.ts';
import { sameExposure } from '../src/core/bench/same-exposure.ts';
import { pulsesOf } from '../src/core/bench/shutter/light-trace.ts';
import { onsetsOf } from '../src/core/bench/shutter/onsets.ts';
import { byMark, proposalsFor, releasesOf } from '../src/core/bench/shutter/proposals.ts';
import { evenFrom, normalFrom, simulatedRelease } from '../src/core/bench/shutter/simulated.ts';
import type { Situation } from '../src/core/error/situation.ts';
import { sharedFormat } from '../src/core/chance/conditions.ts';
import { CAMERAS_BY_HAND } from '../src/lib/server/demo/by-hand.ts';
import { DEMO_FILMS } from '../src/lib/server/demo/films.ts';

const RATE = 48_000;
const MINUTE = 60;
/** Thirty releases in a minute, one after the other. */
const minute = new Float32Array(MINUTE * RATE);
for (let i = 0; i < 30; i++)
  minute.set(simulatedRelease({ seconds: 1 / 8, kind: 'leaf', seed: i }).samples, i * 2 * RATE);
const normal = normalFrom(evenFrom(1));
const times = Float64Array.from({ length: 600_000 }, (_, i) => i / 10_000);
const light = times.map((t) => (t % 2 > 1 && t % 2 < 1.125 ? 1 : 0) + 0.01 * normal());

let kept = 0;
/** Median milliseconds of five runs after two to warm up. */
function medianMs(job: () => number): string {
  const all = Array.from({ length: 7 }, () => {
    const from = performance.now();
    kept += job();
    return performance.now() - from;
  });
  const warm = all.slice(2).sort((a, b) => a - b);
  return `${(warm[2] ?? NaN).toFixed(1)} ms`;
}
const situations = CAMERAS_BY_HAND.flatMap((camera): readonly Situation[] => {
  const film = DEMO_FILMS.find((f) => sharedFormat(camera, f) !== null);
  return film
    ? [{ camera, film, light: { lv: 11, sdStops: 0.3 }, contrast: 'normal', support: 'standing' }]
    : [];
});
const filters = [2, 3, 6].map((stops) => ({ name: '', stops }));
console.table({
  'a minute of sound at 48 kHz': medianMs(() =>
    releasesOf(onsetsOf(minute, RATE), 1 / 8).reduce(
      (sum, r) => sum + proposalsFor(r, byMark(1 / 8)).length,
      0
    )
  ),
  'a minute of a light sensor at 10 kHz': medianMs(() => pulsesOf(times, light).length),
  'long exposures of every camera set by hand, three filters': medianMs(() =>
    situations.reduce((sum, s) => sum + longTable(s, {}, filters).rows.length, 0)
  ),
  'settings that give as much, of every camera set by hand': medianMs(() =>
    situations.reduce((sum, s) => sum + sameExposure(s, {}).length, 0)
  )
});
console.log(`check sum ${kept}`);
