// Times of the engine on fixed inputs; compare within one run only.
import { bench, describe } from 'vitest';
import { STARTING_LIGHT } from '../src/core/light/choice.ts';
import { bestSetting } from '../src/core/match/rank.ts';
import { reachOf } from '../src/core/match/reach.ts';
import type { Situation } from '../src/core/match/situation.ts';
import { CAMERAS_BY_HAND } from '../src/lib/server/demo/by-hand.ts';
import { CAMERAS_BY_THEMSELVES } from '../src/lib/server/demo/by-themselves.ts';
import { DEMO_FILMS } from '../src/lib/server/demo/films.ts';

const situations: readonly Situation[] = [...CAMERAS_BY_HAND, ...CAMERAS_BY_THEMSELVES].flatMap((camera) =>
  DEMO_FILMS.map((film) => ({ camera, film, light: STARTING_LIGHT, contrast: STARTING_LIGHT.contrast }))
);

describe(`${situations.length} pairs of the demonstration kit`, () => {
  bench('best setting', () => {
    for (const s of situations) bestSetting(s, {});
  });
  bench('reach', () => {
    for (const s of situations) reachOf(s, {});
  });
});
