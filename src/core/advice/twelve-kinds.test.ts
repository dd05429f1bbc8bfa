// A worked case for each of the twelve kinds of cameras that owners know by heart. Common practice, no source, unless named.
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import type { Position } from '../camera/position.ts';
import type { Program } from '../camera/kinds/programs.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import { sharpRangeOf } from '../focus/focused.ts';
import { parseLightReading } from '../light/reading-text.ts';
import { exactFNumber, exactSeconds } from '../units/series.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms } from '../error/delta.ts';
import type { FilterPlace } from '../error/filters.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { bestSetting } from './rank.ts';
import type { Situation } from '../error/situation.ts';

const SUN = Math.log2(100 * 16 ** 2);
const f = (mark: number): number => exactFNumber(mark, 'full');
const s = (mark: number): number => exactSeconds(mark, 'full');
const timed = (iso: number, shortest: number, longest: number): Program => ({
  ...{ kind: 'automatic-time', shortestSeconds: shortest, longestSeconds: longest, inLowLight: 'closes' },
  eye: { place: 'outside', believesIso: iso, angleDegrees: null }
});
const grey = (stops: number, place: FilterPlace): Circumstances => ({
  ...PLAIN,
  filters: [{ name: '', stops, place }]
});
function deltaOf(camera: Camera, iso: number, lv: number, choice: Choice, circumstances = PLAIN) {
  const setting = settingOf(camera, choice);
  if (!setting) throw new Error('no such setting');
  const { terms, exposure } = errorOfFrame(camera, filmWith({ iso }), setting, lv, circumstances);
  return { delta: sumTerms(terms), exposure };
}
const best = (situation: Situation, present: Choice = {}) => {
  const verdict = bestSetting(situation, present);
  if (!verdict) throw new Error('no setting');
  return verdict;
};
const situation = (camera: Camera, film = filmWith(), lv = SUN): Situation => ({
  ...{ camera, film, contrast: 'normal' },
  light: { lv, sdStops: 0.35 }
});

describe('1 a reusable camera of f/9 and 1/120', () => {
  const camera = cameraWith([fixed('aperture', 'f/9', 9), fixed('time', '1/120', 1 / 120)]);
  const negative = (iso: number) =>
    filmWith({ kind: 'negative-colour', iso, belowStops: 3.2, aboveStops: 6.5 });
  test('400 comes out in full sun on colour negative, not on slide', () => {
    expect(best(situation(camera, negative(400))).chance).toBe('likely');
    const slide = filmWith({ kind: 'reversal', iso: 400, belowStops: 3, aboveStops: 2.5 });
    expect(best(situation(camera, slide)).chance).toBe('unlikely');
  });
  test('in open shade owners load 400 rather than 100', () =>
    expect(best(situation(camera, negative(400), 11.6)).pUsable).toBeGreaterThan(
      best(situation(camera, negative(100), 11.6)).pUsable
    ));
});

describe('2 a box of f/16 and 1/25', () => {
  const camera = cameraWith([fixed('aperture', 'f/16', 16), fixed('time', 'I', 1 / 25)]);
  test('wants ISO 25 in full sun; 125 is about 2⅓ over', () => {
    expect(deltaOf(camera, 25, SUN, {}).delta).toBeCloseTo(0, 1);
    expect(deltaOf(camera, 125, SUN, {}).delta).toBeCloseTo(7 / 3, 1);
  });
});

describe('3 a toy camera by day with grey filters', () => {
  const camera = cameraWith([
    marked('aperture', [11, 8]),
    {
      ...{ kind: 'marked', id: 'time', label: 'shutter', acts: 'time', shape: 'lever' },
      positions: [
        { mark: 'N', symbol: null, value: 1 / 100 },
        ...[1, 2, 4, 8].map((value): Position => ({
          mark: `B ${value} s`,
          symbol: null,
          value,
          byHand: true
        }))
      ]
    }
  ]);
  // f/11 at 1/400 in full sun on ISO 200 (sunny sixteen); ten stops more are 2.5 s
  test('ten stops on the lens turn a bright day into whole seconds that a person counts', () => {
    const film = filmWith({ iso: 200 });
    const day: Situation = {
      ...situation(camera, film),
      circumstances: grey(10, 'lens'),
      support: 'standing'
    };
    const verdict = best(day);
    expect(verdict.setting.timedByHand).toBe(true);
    expect(verdict.exposure.seconds).toBeGreaterThanOrEqual(1);
    expect(verdict.chance).toBe('likely');
  });
  test('three stops are as many stops less light', () =>
    expect(
      deltaOf(camera, 200, SUN, { aperture: 0, time: 0 }).delta -
        deltaOf(camera, 200, SUN, { aperture: 0, time: 0 }, grey(3, 'lens')).delta
    ).toBeCloseTo(3, 12));
});

describe('4 a folding camera with an old cell', () => {
  const camera: Camera = {
    ...cameraWith([fixed('aperture', 'f/8.8', 8.8), marked('compensation', [-1, 0, 1])]),
    program: timed(150, 1 / 1200, 10),
    biasStops: -2.7
  };
  test('a cell 2.7 stops off and ISO 800 on dial 150: what is left is told, and lighten takes a stop of it', () => {
    const at = (compensation: number) => deltaOf(camera, 800, 10, { compensation }).delta;
    expect(at(1)).toBeCloseTo(Math.log2(800 / 150) - 2.7, 9);
    expect(at(2) - at(1)).toBeCloseTo(1, 9);
  });
  test('indoors at ISO 800 and f/8.8 about a quarter second', () => {
    const sound: Camera = { ...camera, biasStops: 0, program: timed(800, 1 / 1200, 10) };
    const { exposure } = deltaOf(sound, 800, 5.3, { compensation: 1 });
    expect(exposure.seconds).toBeGreaterThan(1 / 6);
    expect(exposure.seconds).toBeLessThan(1 / 3);
  });
});

describe('5 a folding reflex made for ISO 160', () => {
  const made = (iso: number): Camera => ({
    ...cameraWith([fixed('aperture', 'f/8', 8)]),
    program: timed(iso, 1 / 180, 60)
  });
  test('640 in it is two stops over; two stops on the pack cure the tone and leave the time', () => {
    const bare = deltaOf(made(160), 640, 11, {});
    const packed = deltaOf(made(160), 640, 11, {}, grey(2, 'pack'));
    expect(bare.delta).toBeCloseTo(2, 9);
    expect(packed.delta).toBeCloseTo(0, 9);
    expect(packed.exposure.seconds).toBeCloseTo(bare.exposure.seconds, 12);
  });
  test('eight seconds at dusk on 160 are two on 640', () => {
    const lv = Math.log2(64 / 8) - Math.log2(1.6);
    expect(deltaOf(made(160), 160, lv, {}).exposure.seconds).toBeCloseTo(8, 9);
    expect(deltaOf(made(640), 640, lv, {}).exposure.seconds).toBeCloseTo(2, 9);
  });
});

describe('6 a rigid instant camera with a long end of a second', () => {
  const camera: Camera = { ...cameraWith([fixed('aperture', 'f/14', 14)]), program: timed(640, 1 / 200, 1) };
  test('beyond its second each stop of dark is a stop under', () => {
    const at = (lv: number) => deltaOf(camera, 640, lv, {}).delta;
    const end = Math.log2(14 ** 2 / 1) - Math.log2(6.4);
    expect(at(end + 0.5)).toBeCloseTo(0, 9);
    expect(at(end - 2)).toBeCloseTo(-2, 9);
  });
});

describe('7 a twin-lens camera of ISO 800 with 1/500 at the shortest', () => {
  const camera: Camera = {
    ...cameraWith([marked('aperture', [5.6, 8, 11, 16, 22].map(f))]),
    program: timed(800, s(1 / 500), 10)
  };
  test('LV 15 at f/5.6 is clipped and four stops over; f/22 is right without a filter', () => {
    expect(deltaOf(camera, 800, 15, { aperture: 0 }).delta).toBeCloseTo(4, 9);
    expect(deltaOf(camera, 800, 15, { aperture: 4 }).delta).toBeCloseTo(0, 9);
  });
  test('f/16 with two stops over lens and eye, or f/11 with three, gives about 1/250', () => {
    for (const [aperture, stops] of [
      [3, 2],
      [2, 3]
    ] as const) {
      const { delta, exposure } = deltaOf(camera, 800, 15, { aperture }, grey(stops, 'lens-and-eye'));
      expect(delta).toBeCloseTo(0, 9);
      expect(Math.log2(exposure.seconds * 250)).toBeCloseTo(0, 0);
    }
  });
  test('on the lens alone the filter only darkens, since the eye sits outside it', () =>
    expect(deltaOf(camera, 800, 13, { aperture: 3 }, grey(2, 'lens')).delta).toBeCloseTo(-2, 9));
});

describe('8 a rangefinder with very fast film and a meter that shows tenths', () => {
  const camera = cameraWith([
    marked('aperture', [5.6, 8, 11, 16, 22, 32].map(f)),
    marked('time', [1, 1 / 2, 1 / 4, 1 / 8, 1 / 15, 1 / 30, 1 / 60, 1 / 125].map(s))
  ]);
  const fast = filmWith({ kind: 'instant-bw', iso: 3000, belowStops: 2.6, aboveStops: 2.6 });
  test('1/30 at f/32 and 7 tenths is beyond the lens: the nearest pair, with a third of a stop left', () => {
    const reading = parseLightReading('f/32.7 1/30 at 3000', { showsTenths: true });
    const lv = reading.ok ? reading.value.lv : NaN;
    const verdict = best(situation(camera, fast, lv));
    expect(verdict.deltaStops).toBeCloseTo(-0.3, 9);
    // the next faster time at the smallest opening is as far off, and so one of the equivalent pairs
    expect(deltaOf(camera, 3000, lv, { aperture: 5, time: 6 }).delta).toBeCloseTo(-0.3, 9);
  });
});

describe('9 a swing lens with two gears', () => {
  const gear = (label: string, times: readonly (readonly [string, number])[]) => ({
    label,
    positions: times.map(([mark, value]) => ({ mark, symbol: null, value }))
  });
  const camera: Camera = {
    ...cameraWith([
      marked('aperture', [2.8, 4, 5.6, 8, 11, 16].map(f)),
      {
        ...{ kind: 'geared', id: 'time', label: 'speed wheel', acts: 'time', shape: 'wheel' },
        gears: [
          gear('white', [
            ['250', s(1 / 250)],
            ['125', s(1 / 125)],
            ['60', s(1 / 60)]
          ]),
          gear('red', [
            ['8', 1 / 8],
            ['4', 1 / 4],
            ['2', 1 / 2]
          ])
        ]
      }
    ]),
    focalMm: 28,
    focusing: { kind: 'fixed', atM: 10_000, sharpFromM: null }
  };
  test('8 on the second gear is an eighth: read as eight seconds it would be six stops', () => {
    const at = (time: number) => deltaOf(camera, 100, 6, { aperture: 2, time });
    expect(at(3).exposure.seconds).toBe(1 / 8);
    expect(Math.log2(8 / at(3).exposure.seconds)).toBe(6);
  });
  test('focus is fixed far away, so the small openings are sharp from much nearer', () => {
    const near = (fNumber: number) => sharpRangeOf(camera, '135-panorama', {}, fNumber).nearM;
    expect(near(f(2.8)) / near(f(16))).toBeCloseTo(f(16) / f(2.8), 1);
  });
});

describe('10 a meterless camera with full scales', () => {
  const camera = cameraWith([
    marked('aperture', [4, 5.6, 8, 11, 16].map(f)),
    marked('time', [1 / 30, 1 / 60, 1 / 125, 1 / 250, 1 / 500, 1 / 1000].map(s))
  ]);
  test('equivalent pairs: f/16 1/60, f/5.6 1/500 and f/4 1/1000', () => {
    const at = (aperture: number, time: number) => deltaOf(camera, 50, SUN, { aperture, time }).delta;
    expect(at(1, 4)).toBeCloseTo(at(4, 1), 9);
    expect(at(0, 5)).toBeCloseTo(at(4, 1), 9);
  });
  // focused by guess: everything is still, so the smaller opening
  const guessed: Camera = { ...camera, focusing: { kind: 'scale' } };
  test.each([
    [50, 60],
    [400, 500]
  ])('the marked time nearest to 1/%d is 1/%d', (iso, mark) => {
    const slide = filmWith({ kind: 'reversal', iso, belowStops: 3, aboveStops: 2.5 });
    const verdict = best(situation(guessed, slide));
    expect(verdict.setting.seconds).toBeCloseTo(s(1 / mark), 9);
    expect(verdict.setting.fNumber).toBe(16);
  });
});

describe('11 a clockwork cine camera at 1/30', () => {
  test('ISO 40 in full sun lies between f/11 and f/22; ISO 400 is beyond the lens', () => {
    const camera: Camera = {
      ...cameraWith([
        marked('aperture', [1.9, 2.8, 4, 5.6, 8, 11, 16].map(f)),
        fixed('time', '1/30', 1 / 30)
      ]),
      transport: { kind: 'cine', framesPerSecond: 16 }
    };
    const slide = (iso: number) => filmWith({ kind: 'reversal', iso, belowStops: 3, aboveStops: 2.5 });
    const slow = best(situation(camera, slide(40)));
    expect(slow.pUsable).toBeGreaterThan(0.5);
    expect(slow.setting.fNumber).toBeGreaterThanOrEqual(11);
    expect(best(situation(camera, slide(400))).chance).toBe('unlikely');
  });
});

describe('12 any of these under a lamp', () => {
  test('f/8 at 1/100 on ISO 400 where the lamp asks for 1/60 is ⅔ to ¾ under', () => {
    const camera = cameraWith([fixed('aperture', 'f/8', 8), fixed('time', '1/100', 1 / 100)]);
    const lv = Math.log2(64 * 60) - Math.log2(4);
    const { delta } = deltaOf(camera, 400, lv, {});
    expect(delta).toBeLessThanOrEqual(-2 / 3);
    expect(delta).toBeGreaterThanOrEqual(-3 / 4);
  });
});
