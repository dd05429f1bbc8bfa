// Times of planning a day: ten pairs of the demonstration kit, in the hand and set down, under each sky; and the sky alone.
import { BETWEEN_SECONDS, fitsIn, secondsAt } from '../src/core/plan/fits.ts';
import { dayCourse, type PlanDay } from '../src/core/plan/day-light.ts';
import type { PlanPair } from '../src/core/plan/serving.ts';
import { pairDay } from '../src/core/plan/windows.ts';
import type { Purpose } from '../src/core/error/situation.ts';
import { CAMERAS_BY_HAND } from '../src/lib/server/demo/by-hand.ts';
import { CAMERAS_BY_THEMSELVES } from '../src/lib/server/demo/by-themselves.ts';
import { DEMO_FILMS } from '../src/lib/server/demo/films.ts';
import { sharedFormat } from '../src/core/chance/conditions.ts';

const fromMs = Date.UTC(2026, 8, 12, 4);
const dayFrom = (ms: number): PlanDay => ({
  ...{ place: { latitude: 47.5, longitude: -28 }, fromMs: ms, toMs: ms + 86_400_000 },
  ...{ sky: 'unsaid', facing: 'front', ground: 'ground', lamps: null, shadeFromMs: null }
});
const filters = [2, 3, 6].map((stops) => ({ name: '', stops }));
const pairs = [...CAMERAS_BY_HAND, ...CAMERAS_BY_THEMSELVES].slice(0, 10).flatMap((camera) => {
  const film = DEMO_FILMS.find((f) => sharedFormat(camera, f) !== null);
  return film ? [{ camera, film }] : [];
});
const planned = (purpose: Purpose): readonly PlanPair[] =>
  pairs.map(({ camera, film }) => ({
    situation: { camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal', purpose },
    ...{ present: {}, atHand: { films: [], filters, flashes: [], course: [] }, leastChance: 0.5 }
  }));

let kept = 0;
/** Median milliseconds of seven runs after two to warm up. */
function medianMs(job: (run: number) => unknown): string {
  const times = Array.from({ length: 9 }, (_, run) => {
    const from = performance.now();
    job(run);
    return performance.now() - from;
  });
  const warm = times.slice(2).sort((a, b) => a - b);
  return `${(warm[3] ?? NaN).toFixed(1)} ms`;
}
function plan(purpose: Purpose, run: number): void {
  // another day each time, so that nothing is remembered
  const day = dayFrom(fromMs + run * 86_400_000);
  for (const pair of planned(purpose))
    for (const support of ['hand', 'standing'] as const)
      for (const window of pairDay(pair, day, support).windows) {
        const stretch = { fromMs: window.from.likelyMs, toMs: window.to.likelyMs };
        kept += fitsIn(
          stretch,
          (ms) => secondsAt(window.parts, ms),
          BETWEEN_SECONDS,
          8,
          pair.situation.film
        ).frames;
      }
}
console.table({
  'a day of light under three skies, minute by minute': medianMs((run) => {
    const day = dayFrom(fromMs + run * 86_400_000);
    for (const sky of ['clear', 'partly', 'cloudy'] as const)
      kept += dayCourse(day, sky, 60_000).reduce((sum, p) => sum + p.lv, 0);
  }),
  'a day for ten pairs, a good frame': medianMs((run) => plan('good-frame', run)),
  'a day for ten pairs, trails of light with three filters': medianMs((run) => plan('light-trails', run))
});
console.log(`check sum ${kept.toFixed(0)}`);
