// Times of the engine on fixed inputs of the demonstration kit, built as for production; compare within one run only.
import { allSettings } from '../src/core/camera/setting.ts';
import type { Camera } from '../src/core/camera/camera.ts';
import { filmWindow } from '../src/core/film/window.ts';
import { STARTING_LIGHT } from '../src/core/ways/choice.ts';
import { pairVerdicts } from '../src/core/advice/pairs.ts';
import { reachBoth, reachOf } from '../src/core/advice/reach.ts';
import { remediesFor } from '../src/core/advice/remedies.ts';
import { errorSd, type Situation } from '../src/core/error/situation.ts';
import { PLAIN } from '../src/core/error/circumstances.ts';
import { bestSetting } from '../src/core/advice/rank.ts';
import { CAMERAS_BY_HAND } from '../src/lib/server/demo/by-hand.ts';
import { CAMERAS_BY_THEMSELVES } from '../src/lib/server/demo/by-themselves.ts';
import { DEMO_FILMS } from '../src/lib/server/demo/films.ts';
import { minimalVerdict } from './minimal.ts';

const { contrast } = STARTING_LIGHT;
function named(id: string, cameras: readonly Camera[]): Camera {
  const camera = cameras.find((c) => c.id === id);
  if (!camera) throw new Error(`no camera ${id}`);
  return camera;
}
function situationOf(camera: Camera, filmId: string): Situation {
  const film = DEMO_FILMS.find((f) => f.id === filmId);
  if (!film) throw new Error(`no film ${filmId}`);
  return { camera, film, light: STARTING_LIGHT, contrast };
}
const scales = situationOf(named('demo-corvane', CAMERAS_BY_HAND), 'demo-heliodor');
const heron = situationOf(named('demo-heron', CAMERAS_BY_THEMSELVES), 'demo-minutepack');
// the same with a cell that is known: one normal instead of the five that an old one is mixed of
const modern: Situation = { ...heron, camera: { ...heron.camera, condition: 'automatic' } };
const withFlash: Situation = {
  ...scales,
  circumstances: {
    ...PLAIN,
    subjectM: 3,
    flash: {
      ...{ kind: 'fired', powerStops: 1, lossStops: 0 },
      unit: { name: '', guideNumber: 18, powers: [0], seconds: 0.001, angleDegrees: null }
    }
  }
};
const byHand = allSettings(scales.camera, {});
const byItself = allSettings(heron.camera, {});

const windowOf = (s: Situation) => filmWindow(s.film, contrast).usable;
const thirty = <T extends { readonly id: string }>(list: readonly T[]): readonly T[] =>
  Array.from({ length: 30 }, (_, i) => list[i % list.length]).flatMap((x, i) =>
    x ? [{ ...x, id: `${x.id}-${i}` }] : []
  );
const cameras = thirty([...CAMERAS_BY_HAND, ...CAMERAS_BY_THEMSELVES]);
const films = thirty(DEMO_FILMS);
const atHand = {
  films: DEMO_FILMS,
  filters: [1, 2, 3, 6].map((stops) => ({ name: '', stops })),
  flashes: [{ name: '', guideNumber: 18, powers: [0, 1, 2, 3, 4], seconds: 1 / 700, angleDegrees: null }],
  course: []
};

/** Median milliseconds of one call, over at least 30 calls and half a second, after warming up. */
function medianMs(job: () => unknown): number {
  const times: number[] = [];
  const until = performance.now() + 700;
  while (performance.now() < until || times.length < 40) {
    const from = performance.now();
    job();
    times.push(performance.now() - from);
  }
  const warm = times.slice(10).sort((a, b) => a - b);
  return warm[Math.floor(warm.length / 2)] ?? NaN;
}

const sd = errorSd(scales, true);
const usable = windowOf(scales);
// summed and printed, so that no loop can be left out as useless
let kept = 0;
const minimal = medianMs(() => {
  for (const s of byHand) {
    const { lv } = STARTING_LIGHT;
    kept += minimalVerdict(
      lv,
      scales.film.iso,
      s.fNumber ?? 8,
      s.seconds ?? 1,
      sd,
      usable.lo,
      usable.hi
    ).chance;
  }
});
// what a match costs for each setting it tries: chances, conditions and place in the order; the reasons of the one chosen too
const engine = medianMs(() => {
  kept += bestSetting(scales, {})?.pUsable ?? 0;
});
const itself = medianMs(() => {
  kept += bestSetting(heron, {})?.pUsable ?? 0;
});
const itselfModern = medianMs(() => {
  kept += bestSetting(modern, {})?.pUsable ?? 0;
});
const flashed = medianMs(() => {
  kept += bestSetting(withFlash, {})?.pUsable ?? 0;
});
const us = (ms: number, count: number): string => `${((1000 * ms) / count).toFixed(2)} µs`;
const ms = (job: () => unknown): string => `${medianMs(job).toFixed(2)} ms`;

console.table({
  'a candidate, least code possible': us(minimal, byHand.length),
  'a candidate set by hand': `${us(engine, byHand.length)} (${(engine / minimal).toFixed(1)} times the least)`,
  'a candidate set by hand, with flash': us(flashed, byHand.length),
  'a candidate that sets itself': us(itselfModern, byItself.length),
  'a candidate that sets itself, old cell': us(itself, byItself.length),
  'a reach, set by hand': ms(() => reachOf(scales, {})),
  [`a reach, sets itself, ${byItself.length} settings, both lanes`]: ms(() => reachBoth(modern, {})),
  'the same, old cell': ms(() => reachBoth(heron, {})),
  'pairs table, 30 cameras and 30 films': ms(() => pairVerdicts(cameras, films, STARTING_LIGHT, contrast)),
  'remedies, set by hand': ms(() => remediesFor(scales, {}, atHand)),
  'remedies, sets itself': ms(() => remediesFor(heron, {}, atHand))
});
console.log(
  `memory in use: ${Math.round(process.memoryUsage().heapUsed / 2 ** 20)} MB (check sum ${kept.toFixed(0)})`
);
