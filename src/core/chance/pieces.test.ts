// The straight pieces of a camera that sets itself against the camera asked exposure value by exposure value.
import { describe, expect, test } from 'vitest';
import { FOLDING, FOLDING_REFLEX, RIGID, TWIN } from '../error/panel.test.fixtures.ts';
import type { Camera } from '../camera/camera.ts';
import { rangeOf, respond } from '../camera/respond.ts';
import { allSettings } from '../camera/setting.ts';
import { cameraWith, filmWith, fixed } from '../error/pairs.test.fixtures.ts';
import type { Film } from '../film/film.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import { givenEv, piecesOf } from './pieces.ts';

const LINE: Camera = cameraWith([], {
  program: {
    ...{ kind: 'program', eye: { place: 'outside', believesIso: 100, angleDegrees: null } },
    points: [
      { fNumber: 2.8, seconds: 8 },
      { fNumber: 2.8, seconds: 1 / 60 },
      { fNumber: 16, seconds: 1 / 500 }
    ]
  }
});
const NEEDLE: Camera = cameraWith([fixed('time', '1/64', 1 / 64)], {
  program: {
    ...{ kind: 'automatic-aperture', widestFNumber: 2, smallestFNumber: 16 },
    eye: { place: 'outside', believesIso: 100, angleDegrees: null }
  }
});
const CAMERAS = [FOLDING(), FOLDING_REFLEX, RIGID(), TWIN, LINE, NEEDLE];
const FILMS: readonly Film[] = [
  filmWith(),
  filmWith({ reciprocity: { kind: 'exponent', p: 1.3, startSeconds: 1 } }),
  // it begins to lose at a time shorter, and at one longer, than any of these cameras gives
  filmWith({ reciprocity: { kind: 'exponent', p: 1.2, startSeconds: 1 / 5000 } }),
  filmWith({ reciprocity: { kind: 'exponent', p: 1.2, startSeconds: 900 } }),
  filmWith({
    reciprocity: {
      kind: 'table',
      rows: [
        { meteredSeconds: 0.5, neededSeconds: 0.5 },
        { meteredSeconds: 4, neededSeconds: 6 },
        { meteredSeconds: 30, neededSeconds: 90 }
      ]
    }
  })
];

describe('the pieces of a camera’s answer', () => {
  const each = CAMERAS.flatMap((camera) =>
    FILMS.flatMap((film) => allSettings(camera, {}).map((setting) => ({ camera, film, setting })))
  );
  test('follow each other from no light at all to any, each longer than nothing, the outer ones level', () => {
    for (const { camera, film, setting } of each) {
      const pieces = piecesOf(camera, film, setting);
      const { min, max } = rangeOf(camera, setting);
      expect(pieces.map(({ from }) => from)).toEqual([-Infinity, ...pieces.slice(0, -1).map(({ to }) => to)]);
      expect(pieces.at(-1)?.to).toBe(Infinity);
      expect([pieces[0]?.to, pieces.at(-1)?.from]).toEqual([min, max]);
      expect([pieces[0]?.beta, pieces.at(-1)?.beta]).toEqual([0, 0]);
      for (const { from, to } of pieces) expect(to).toBeGreaterThan(from);
    }
  });
  test('say what the camera gives less what the film loses, whatever it wants', () => {
    for (const { camera, film, setting } of each)
      for (let ev = -12; ev <= 20; ev += 0.37) {
        const piece = piecesOf(camera, film, setting).find(({ from, to }) => ev >= from && ev < to);
        if (!piece) throw new Error(`no piece at ${ev}`);
        const { ev: given, seconds } = respond(camera, setting, ev);
        const exact = given - reciprocityStops(film.reciprocity, seconds);
        expect(givenEv(camera, film, setting, ev)).toBe(exact);
        expect(Math.abs(piece.alpha + piece.beta * ev - exact)).toBeLessThan(1e-6);
      }
  });
});
