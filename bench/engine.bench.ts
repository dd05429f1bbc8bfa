// Times of the engine on fixed inputs of the demonstration kit; compare within one run only.
import { bench, describe } from 'vitest';
import { allSettings } from '../src/core/camera/setting.ts';
import type { Camera } from '../src/core/camera/camera.ts';
import { filmWindow } from '../src/core/film/window.ts';
import { STARTING_LIGHT } from '../src/core/light/choice.ts';
import { pairVerdicts } from '../src/core/match/pairs.ts';
import { reachOf } from '../src/core/match/reach.ts';
import { remediesFor } from '../src/core/match/remedies.ts';
import { errorSd, type Situation } from '../src/core/match/situation.ts';
import { judge } from '../src/core/match/verdict.ts';
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
const byHand = allSettings(scales.camera, {});
const byItself = allSettings(heron.camera, {});

describe(`${byHand.length} candidates of a camera with full scales`, () => {
  const sd = errorSd(scales, true);
  const { usable } = filmWindow(scales.film, contrast);
  bench('a hand-written minimal loop: error and chance only', () => {
    for (const s of byHand) {
      minimalVerdict(
        STARTING_LIGHT.lv,
        scales.film.iso,
        s.fNumber ?? 8,
        s.seconds ?? 1,
        sd,
        usable.lo,
        usable.hi
      );
    }
  });
  bench('the engine: with reasons, windows, conditions and two chances', () => {
    for (const s of byHand) judge(scales, s);
  });
});

describe(`${byItself.length} candidates of a camera that sets itself`, () => {
  bench('the engine', () => {
    for (const s of byItself) judge(heron, s);
  });
});

describe('a reach', () => {
  bench('of a camera set by hand', () => void reachOf(scales, {}));
  bench('of a camera that sets itself, 40 settings', () => void reachOf(heron, {}));
});

describe('the pairs table of 30 cameras and 30 films', () => {
  const all = [...CAMERAS_BY_HAND, ...CAMERAS_BY_THEMSELVES];
  const thirty = <T extends { readonly id: string }>(list: readonly T[]): readonly T[] =>
    Array.from({ length: 30 }, (_, i) => list[i % list.length]).flatMap((x, i) =>
      x ? [{ ...x, id: `${x.id}-${i}` }] : []
    );
  bench(
    'every pair that fits',
    () => void pairVerdicts(thirty(all), thirty(DEMO_FILMS), STARTING_LIGHT, contrast)
  );
});

describe('remedies of one pair', () => {
  const atHand = { films: DEMO_FILMS, filterStops: [1, 2, 3, 6] };
  bench('by hand', () => void remediesFor(scales, {}, atHand));
  bench('by itself', () => void remediesFor(heron, {}, atHand));
});
