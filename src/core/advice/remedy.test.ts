// The situation after each step.
import { describe, expect, test } from 'vitest';
import { PLAIN } from '../error/circumstances.ts';
import { BOX, filmWith, SLIDE } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { atHandFrom } from './at-hand.ts';
import { applied } from './remedy.ts';

const s: Situation = {
  ...{ camera: BOX, film: filmWith({ sdStops: 0.6 }), light: { lv: 9, sdStops: 0.8 }, contrast: 'hard' },
  circumstances: {
    ...PLAIN,
    subjectM: 4,
    exposures: 2,
    filters: [{ name: 'yellow', stops: 1, place: 'lens' }]
  }
};

describe('after a step', () => {
  test('how it is held, how far it is and how that is known', () => {
    expect(applied(s, { kind: 'support' })).toEqual({ ...s, support: 'standing' });
    expect(applied(s, { kind: 'leaning' })).toEqual({ ...s, support: 'leaning' });
    expect(applied(s, { kind: 'measure' })).toEqual({ ...s, distanceBy: 'measured' });
    expect(applied(s, { kind: 'move', toM: 6 }).circumstances).toEqual({ ...s.circumstances, subjectM: 6 });
    expect(applied(s, { kind: 'not-today' })).toBe(s);
  });
  test('a reading leaves 0.3 stop, and never more than there was', () => {
    expect(applied(s, { kind: 'reading' }).light).toEqual({ lv: 9, sdStops: 0.3 });
    const sure = { ...s, light: { lv: 9, sdStops: 0.2 } };
    expect(applied(sure, { kind: 'reading' }).light.sdStops).toBe(0.2);
  });
  test('a test of the camera leaves the film as it was, one of the film the camera, one of both neither', () => {
    const [camera, film, both] = (['camera', 'film', 'both'] as const).map((of) =>
      applied(s, { kind: 'test', of })
    );
    expect([camera?.camera.toleranceStops, camera?.film.sdStops]).toEqual([0.3, 0.6]);
    expect([film?.camera.toleranceStops, film?.film.sdStops]).toEqual([null, 0.2]);
    expect([both?.camera.toleranceStops, both?.film.sdStops]).toEqual([0.3, 0.2]);
    const known = { ...s, film: filmWith({ sdStops: 0.1 }) };
    expect(applied(known, { kind: 'test', of: 'film' }).film.sdStops).toBe(0.1);
  });
  test('a flash fires, or is kept off; the rest stays', () => {
    const unit = { name: '', guideNumber: 12, powers: [0], seconds: 1 / 1000, angleDegrees: null };
    expect(applied(s, { kind: 'flash', flash: { unit, powerStops: 1, lossStops: 0 } }).circumstances).toEqual(
      {
        ...s.circumstances,
        flash: { kind: 'fired', unit, powerStops: 1, lossStops: 0 }
      }
    );
    expect(applied(s, { kind: 'no-flash' }).circumstances).toEqual({
      ...s.circumstances,
      flash: { kind: 'off' }
    });
  });
  test('exposures are counted anew, filters and development come on top', () => {
    expect(applied(s, { kind: 'exposures', count: 4 }).circumstances?.exposures).toBe(4);
    const grey = { name: 'grey', stops: 3, place: 'lens' } as const;
    expect(applied(s, { kind: 'filter', filter: grey }).circumstances?.filters.map((f) => f.stops)).toEqual([
      1, 3
    ]);
    const pushed = applied(
      { ...s, film: filmWith({ developmentStops: 1 }) },
      { kind: 'development', stops: 2 }
    );
    expect(pushed.film.developmentStops).toBe(3);
    expect(applied(s, { kind: 'film', film: SLIDE }).film).toBe(SLIDE);
    const bare: Situation = { ...{ camera: BOX, film: SLIDE, light: s.light, contrast: 'hard' } };
    expect(applied(bare, { kind: 'exposures', count: 2 }).circumstances).toEqual({ ...PLAIN, exposures: 2 });
  });
  test('waiting is for the light of then', () => {
    const until = { ms: 5, lv: 6, sdStops: 0.5 };
    expect(applied(s, { kind: 'wait', until })).toEqual({ ...s, light: { lv: 6, sdStops: 0.5 } });
  });
  // inverse square: half as far is two stops more
  test('a lamp moved or bared lights by the inverse square, and by what was before it', () => {
    const lit = { ...s, lamp: { atM: 2, modifierStops: 1.5 } };
    const near = applied(lit, { kind: 'lamp-nearer', toM: 1 });
    expect([near.lamp, near.light]).toEqual([
      { atM: 1, modifierStops: 1.5 },
      { lv: 11, sdStops: 0.8 }
    ]);
    const bared = applied(lit, { kind: 'modifier-off', stops: 1 });
    expect([bared.lamp, bared.light]).toEqual([
      { atM: 2, modifierStops: 0.5 },
      { lv: 10, sdStops: 0.8 }
    ]);
    for (const step of [
      { kind: 'lamp-nearer', toM: 1 },
      { kind: 'modifier-off', stops: 1 }
    ] as const)
      expect(applied(s, step)).toBe(s);
  });
});

test('what a kit offers: each strength once, its flashes by their names, and the films and the day as they are', () => {
  const flash = { guideNumber: 20, powers: [0, 1], seconds: 1 / 1000, angleDegrees: null };
  const atHand = atHandFrom(
    [SLIDE],
    [
      { id: 'f', name: 'Little one', data: { kind: 'flash', ...flash } },
      { id: 'g', name: 'grey', data: { kind: 'filter', stops: 3, givenAs: 'stops' } }
    ],
    [{ ms: 0, lv: 8, sdStops: 0.4 }]
  );
  expect(atHand).toMatchObject({
    films: [SLIDE],
    filters: [{ name: 'grey', stops: 3 }],
    flashes: [{ ...flash, name: 'Little one' }],
    course: [{ ms: 0, lv: 8, sdStops: 0.4 }]
  });
  expect(atHandFrom([], []).flashes).toEqual([]);
});
