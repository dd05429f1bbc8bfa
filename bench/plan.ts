// Times of planning a day: ten pairs of the demonstration kit, in the hand and set down, under each sky; and the sky alone.
import { chanceMap, EVEN_SKIES } from '../src/core/plan/chance-map.ts';
import { BETWEEN_SECONDS, fitsIn, secondsAt } from '../src/core/plan/fits.ts';
import { dayCourse, type PlanDay } from '../src/core/plan/day-light.ts';
import type { PlanPair } from '../src/core/plan/serving.ts';
import { pairDay } from '../src/core/plan/windows.ts';
import { sunOver } from '../src/core/sky/sun-course.ts';
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
/** A year of one camera that sets itself, with three films, over three skies. */
function year(run: number): void {
  const camera = CAMERAS_BY_THEMSELVES[0];
  const films = DEMO_FILMS.filter((f) => camera && sharedFormat(camera, f) !== null);
  const variants = [0, 1, 2].flatMap((i): readonly PlanPair[] => {
    const film = films[i % films.length];
    if (!camera || !film) return [];
    // of another speed each, so that nothing is shared
    const faster = { ...film, iso: film.iso * 2 ** i };
    return [
      {
        situation: { camera, film: faster, light: { lv: 0, sdStops: 0 }, contrast: 'normal' },
        ...{ present: {}, atHand: { films: [], filters: [], flashes: [], course: [] }, leastChance: 0.5 }
      }
    ];
  });
  const place = { name: '', latitude: 47.5, longitude: -28, zone: 'Atlantic/Azores' };
  const steps = chanceMap(variants, {
    ...{ place, from: `${2026 + run}-01-01`, days: 365, facing: 'front', ground: 'ground', lamps: null },
    ...{ skies: EVEN_SKIES, support: 'hand' }
  });
  for (let step = steps.next(); step.done !== true; step = steps.next()) kept += step.value;
}
function yearOfSun(run: number): void {
  const sun = sunOver({ latitude: 47.5, longitude: -28 });
  const from = Date.UTC(2026 + run, 0, 1);
  for (let i = 0; i < 365 * 96; i++) kept += sun(from + i * 900_000).altitude;
}
console.table({
  'a year: one camera, three films, three skies': medianMs(year),
  'the sun alone, every quarter of an hour of a year': medianMs(yearOfSun),
  'a day of light under three skies, minute by minute': medianMs((run) => {
    const day = dayFrom(fromMs + run * 86_400_000);
    for (const sky of ['clear', 'partly', 'cloudy'] as const)
      kept += dayCourse(day, sky, 60_000).reduce((sum, p) => sum + p.lv, 0);
  }),
  'a day for ten pairs, a good frame': medianMs((run) => plan('good-frame', run)),
  'a day for ten pairs, trails of light with three filters': medianMs((run) => plan('light-trails', run))
});
console.log(`check sum ${kept.toFixed(0)}`);
