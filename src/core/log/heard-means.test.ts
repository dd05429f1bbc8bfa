// What a time that was heard says, on cameras whose programs are plain enough to be worked out by hand.
import { describe, expect, test } from 'vitest';
import { bestSetting } from '../advice/rank.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, filmWith, fixed, INSTANT } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { byEarSd, heardSd, recordedSd } from '../camera/heard.ts';
import { whatHeardMeans } from './heard-means.ts';

const AUTOMATIC = cameraWith([fixed('aperture', 'f/8', 8)], {
  condition: 'automatic',
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 1024, longestSeconds: 8, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 800, angleDegrees: null }
  }
});
const situation = (lv: number, more: Partial<Situation> = {}): Situation => ({
  ...{ camera: AUTOMATIC, film: INSTANT, light: { lv, sdStops: 0.5 }, contrast: 'normal', ...more }
});
const means = (asked: Situation, seconds: number, sdStops: number | null = null) => {
  const verdict = bestSetting(asked, {});
  if (!verdict) throw new Error('no setting');
  return whatHeardMeans(asked, verdict, { seconds, sdStops });
};

describe('a time that was heard', () => {
  // f/8 at ISO 800: LV 5 is EV 8, so 64/t = 2^8 and t = 1/4 s
  test('as it should be: the eye read the light as told, the frame comes out right', () => {
    const { stops, readLv, deltaStops } = means(situation(5), 1 / 4);
    expect(stops).toBeCloseTo(0, 9);
    expect(readLv).toBeCloseTo(5, 9);
    expect(deltaStops).toBeCloseTo(0, 9);
  });
  test.each([
    // a quarter of the usual: the eye read two stops more, the film gets two less
    [1 / 16, -2, 7, -2],
    [1 / 2, 1, 4, 1],
    [4, 4, 1, 4]
  ])('%d s where a quarter was due', (seconds, stops, readLv, deltaStops) => {
    const m = means(situation(5, { film: filmWith({ iso: 800 }) }), seconds);
    expect(m.stops).toBeCloseTo(stops, 9);
    expect(m.readLv).toBeCloseTo(readLv, 9);
    expect(m.deltaStops).toBeCloseTo(deltaStops, 9);
  });
  test('film that fails over long times gains less by them', () => {
    // Schwarzschild's law with an exponent of 0.8 from 1 s on: 4 s work like 4^0.8 = 3.03 s, 0.4 stop less
    const film = filmWith({ iso: 800, reciprocity: { kind: 'exponent', p: 1.25, startSeconds: 1 } });
    expect(means(situation(5, { film }), 4).deltaStops).toBeCloseTo(3.6, 6);
  });
  test('an eye in other light than the subject: what it read is its own light', () => {
    const shaded = situation(5, { circumstances: { ...PLAIN, eyeOffsetStops: -2 } });
    // the shade wants 1 s
    const m = means(shaded, 1);
    expect([m.stops, m.readLv, m.deltaStops].map((v) => Math.round((v ?? 99) * 1e6) / 1e6)).toEqual([
      0, 3, 2
    ]);
  });
  test.each([
    [8, 'its longest'],
    [20, 'longer than it can'],
    [1 / 4096, 'shorter than it can']
  ])('%d s, %s: what it read is not said', (seconds) => {
    const m = means(situation(5, { film: filmWith({ iso: 800 }) }), seconds);
    expect(m.readLv).toBeNull();
    expect(m.deltaStops).toBeCloseTo(Math.log2(seconds * 4), 9);
  });
  test('the light, the hearing and the frame are unsure by themselves', () => {
    expect(means(situation(5), 1 / 4).sdStops).toBeCloseTo(Math.hypot(0.5, 0.5, 0.15), 9);
    expect(means(situation(5), 1 / 4, 0.01).sdStops).toBeCloseTo(Math.hypot(0.5, 0.01, 0.15), 9);
  });
});

test('an ear tells half a stop, then a third, then counts; a recording tells what the blades let it', () => {
  expect([1 / 8, 0.49, 0.5, 2, 2.1, 15].map(byEarSd)).toEqual([0.5, 0.5, 0.3, 0.3, 0.15, 0.15]);
  // 1.5 ms of 1/15 s is 0.0225 of it: 0.0325 stop
  expect(recordedSd(1 / 15)).toBeCloseTo(0.0325, 4);
  expect(heardSd({ seconds: 1, sdStops: null })).toBe(0.3);
  expect(heardSd({ seconds: 1, sdStops: 0.02 })).toBe(0.02);
});
