// A test roll of a camera set by hand: what a frame tells is 1/(0.25² + 0.15² + 0.4²) = 4.08 over a stop squared.
import { describe, expect, test } from 'vitest';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { planTestRoll } from './test-roll.ts';

const CAMERA = cameraWith([
  marked('aperture', [2.8, 4, 5.6, 8, 11, 16]),
  marked('time', [1 / 30, 1 / 60, 1 / 125, 1 / 250])
]);
const film = filmWith({ iso: 125 });

describe('a test roll', () => {
  const roll = planTestRoll(CAMERA, film, {});
  test('five frames, brightest light first, spread from end to end', () => {
    expect(roll).toHaveLength(5);
    const lights = roll.map((f) => f.lv);
    expect(lights).toEqual([...lights].sort((a, b) => b - a));
    const all = planTestRoll(CAMERA, film, {}, null, Infinity, 15).map((f) => f.lv);
    expect([lights[0], lights[4]]).toEqual([Math.max(...all), Math.min(...all)]);
    // as far apart as they can be: the middle one in the middle
    expect(Math.abs((lights[2] ?? 0) - ((lights[0] ?? 0) + (lights[4] ?? 0)) / 2)).toBeLessThanOrEqual(0.5);
  });
  test('each frame makes it surer, by the sum of what they tell', () => {
    const tells = 1 / (0.25 ** 2 + 0.15 ** 2 + 0.4 ** 2);
    // a mechanical camera is known within 0.33 stop
    roll.forEach(({ sdAfter }, i) =>
      expect(sdAfter).toBeCloseTo(1 / Math.sqrt(1 / 0.33 ** 2 + (i + 1) * tells), 6)
    );
    const [known] = planTestRoll(CAMERA, film, {}, 0.2);
    expect(known?.sdAfter).toBeCloseTo(1 / Math.sqrt(25 + tells), 6);
  });
  test('no light brighter than there is today; that one counts', () => {
    const today = planTestRoll(CAMERA, film, {}, null, 12);
    expect(today[0]?.lv).toBe(12);
    expect(planTestRoll(CAMERA, film, {}, null, 2)).toEqual([]);
  });
  test('a camera that can be set for one light only tells of that light, with new readings', () => {
    const box = cameraWith([fixed('aperture', '', 11), fixed('time', '', 1 / 60)]);
    const lights = planTestRoll(box, film, {}).map((f) => f.lv);
    expect(lights.length).toBe(5);
    for (const frame of planTestRoll(box, film, {}))
      expect(Math.abs(frame.deltaStops)).toBeLessThanOrEqual(2);
    expect(planTestRoll(box, film, {}, null, Infinity, 1)).toHaveLength(1);
  });
  test('a camera that sets itself is tried where its limits do not hold it: nothing else tells of it', () => {
    const timed = cameraWith([fixed('aperture', '8', 8)], {
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1 / 256, longestSeconds: 1 / 16, inLowLight: 'closes' },
        eye: { place: 'outside', believesIso: 125, angleDegrees: null }
      }
    });
    // f/8 and ISO 125: 1/16 s serves LV 9.7, 1/256 s LV 13.7
    const roll = planTestRoll(timed, film, {}, null, Infinity, 9);
    expect(roll.map((f) => f.lv)).toEqual([13, 13, 12, 12, 12, 11, 11, 10, 10]);
    // its eye strays by 0.3 stop
    const tells = 1 / (0.3 ** 2 + 0.15 ** 2 + 0.4 ** 2);
    const [first] = planTestRoll(timed, film, {}, 0.5);
    expect(first?.sdAfter).toBeCloseTo(1 / Math.sqrt(4 + tells), 6);
  });
  test('no frame that would be shaken', () => {
    const slow = cameraWith([fixed('aperture', '', 11), fixed('time', '', 1 / 2)]);
    expect(planTestRoll(slow, film, {})).toEqual([]);
  });
});
