import fc from 'fast-check';
import type { Camera } from '../camera/camera.ts';
import { describe, expect, test } from 'vitest';
import { choiceFromShadow } from '../ways/choice.ts';
import { CONTRASTS } from '../light/contrast.ts';
import { handHeldSeconds } from '../chance/stillness.ts';
import { magnification } from '../focus/magnification.ts';
import { errorOfFrame, sumTerms } from '../error/delta.ts';
import { fittingSpeeds } from './film-speeds.ts';
import {
  BOX,
  cameraWith,
  filmWith,
  fixed,
  INSTANT,
  marked,
  SCALES,
  SLIDE
} from '../error/pairs.test.fixtures.ts';
import { bestSetting, rankSettings } from './rank.ts';
import { PLAIN } from '../error/circumstances.ts';
import { errorsWithChance } from '../chance/errors-with-chance.ts';
import { centreLv, deltaAt, reachBoth, reachOf } from './reach.ts';
import { roomOf } from '../chance/room.ts';
import { rangeOf } from '../camera/respond.ts';
import { settingOf } from '../camera/setting.ts';
import type { Situation } from '../error/situation.ts';
import { judge, LIKELY, POSSIBLE } from '../chance/verdict.ts';

const SEED = 20261124;
const SUN = choiceFromShadow('sharp');
const situation = (more: Partial<Situation> = {}): Situation => ({
  camera: BOX,
  film: filmWith(),
  light: SUN,
  contrast: 'normal',
  ...more
});
const best = (s: Situation) => {
  const verdict = bestSetting(s, {});
  if (!verdict) throw new Error('the camera has no setting');
  return verdict;
};

describe('a box camera’s sum', () => {
  // Common practice, no source: f/16 at 1/25 s with ISO 125 in full sun (LV 14.64) is 2⅓ stops over;
  // late overcast takes one back, a developer that halves the film's speed another.
  test('f/16, 1/25 s, ISO 125 at LV 14.64 is 2⅓ over', () => {
    const verdict = best(situation());
    expect(verdict.deltaStops).toBeCloseTo(7 / 3, 1);
    expect(verdict.deltaStops).toBeCloseTo(Math.log2(125 / 25), 12);
  });
  test('minus one for overcast, minus one for the developer', () => {
    const overcast = { lv: SUN.lv - 1, sdStops: 0.5 };
    expect(best(situation({ light: overcast })).deltaStops).toBeCloseTo(4 / 3, 1);
    const slowed = filmWith({ developmentStops: -1 });
    expect(best(situation({ light: overcast, film: slowed })).deltaStops).toBeCloseTo(1 / 3, 1);
  });
  test('the reasons are those three numbers, and they add up', () => {
    const { terms, deltaStops } = best(situation({ film: filmWith({ developmentStops: -1 }) }));
    expect(terms.map((t) => t.term)).toEqual(['light', 'film-speed', 'setting', 'development']);
    expect(sumTerms(terms)).toBe(deltaStops);
  });
});

describe('what films forgive', () => {
  // Common practice, no source: when in doubt overexpose negative film, never slide or instant film.
  test.each([
    ['negative', filmWith({ iso: 100 }), 1],
    ['instant', { ...INSTANT, iso: 100 }, -1],
    ['slide', SLIDE, -1]
  ])('two stops over against two under on %s film', (_kind, film, sign) => {
    const p = (lv: number) => best(situation({ film, light: { lv, sdStops: 0.3 } })).pUsable;
    const middle = centreLv(situation({ film }), best(situation({ film })).setting);
    // a slide or instant frame that is off is lost either way; a negative only when it is under
    if (sign > 0) expect(p(middle + 2) - p(middle - 2)).toBeGreaterThan(0.5);
    else expect(Math.max(p(middle + 2), p(middle - 2))).toBeLessThan(0.1);
  });
  test('a fixed f/9 at 1/120 with ISO 400 in full sun: colour negative comes out, slide does not', () => {
    const camera = cameraWith([fixed('aperture', 'f/9', 9), fixed('time', '', 1 / 120)]);
    const negative = filmWith({ kind: 'negative-colour', iso: 400, belowStops: 3.2, aboveStops: 6.5 });
    expect(best(situation({ camera, film: negative })).chance).toBe('likely');
    expect(best(situation({ camera, film: { ...SLIDE, iso: 400 } })).chance).toBe('unlikely');
  });
});

describe('choosing among settings', () => {
  // The sunny-sixteen table of equivalent pairs: f/16 1/60 = f/5.6 1/500 = f/4 1/1000. Common practice, no source.
  test('equivalent pairs give the same error', () => {
    const camera = cameraWith([
      marked('aperture', [4, 2 ** 2.5, 16]),
      marked('time', [2 ** -10, 2 ** -9, 2 ** -6])
    ]);
    const error = (aperture: number, time: number): number => {
      const setting = settingOf(camera, { aperture, time });
      return setting ? judge(situation({ camera }), setting).deltaStops : NaN;
    };
    expect(error(2, 2)).toBeCloseTo(error(1, 1), 12);
    expect(error(1, 1)).toBeCloseTo(error(0, 0), 12);
  });
  // Common practice, no source: the marked time nearest 1/ISO (50 → 1/60, 400 → 1/500), then the clue's f-number.
  test.each([
    [50, 1 / 64],
    [400, 1 / 512]
  ])('ISO %d in full sun: f/16 at the time nearest 1/ISO', (iso, seconds) => {
    // focused by guess: everything is still, so the smaller opening
    const camera: Camera = { ...SCALES, focusing: { kind: 'scale' } };
    const film = filmWith({ kind: 'reversal', iso, belowStops: 3, aboveStops: 2.5 });
    const verdict = best(situation({ camera, film }));
    expect(verdict.exposure.seconds).toBe(seconds);
    expect(verdict.exposure.fNumber).toBe(16);
  });
  test('what stands already stays when it is as good', () => {
    // two marks of the same value
    const camera = cameraWith([marked('aperture', [8, 8]), fixed('time', 'I', 1 / 125)]);
    expect(bestSetting(situation({ camera }), { aperture: 1 })?.setting.choice['aperture']).toBe(1);
    expect(bestSetting(situation({ camera }), { aperture: 0 })?.setting.choice['aperture']).toBe(0);
  });
  test('a time too long for the hand comes after one that is held and possible, but before a hopeless one', () => {
    const camera = cameraWith([fixed('aperture', 'f/8', 8), marked('time', [1 / 4, 1 / 250])]);
    const at = (lv: number) => best(situation({ camera, light: { lv, sdStops: 0.3 } }));
    expect(at(12.7).exposure.seconds).toBe(1 / 250);
    expect(at(8).exposure.seconds).toBe(1 / 4);
    expect(at(8).failures).toMatchObject([{ condition: 'hold', seconds: 1 / 4 }]);
  });
  test('the hand-held limit is one over the focal length on 35 mm film', () =>
    expect(handHeldSeconds(cameraWith([], { focalMm: 50, handHeldSeconds: null }), '135')).toBeCloseTo(
      1 / 50,
      12
    ));
});

test('close focus costs light where the lens moves out: 1:1 is two stops, infinity none', () => {
  expect(magnification(100, 0.2)).toBeCloseTo(1, 12);
  expect(magnification(100, Infinity)).toBe(0);
  expect(() => magnification(100, 0.1)).toThrow('must be beyond the focal length 100 mm, got 0.1 m');
  const camera = cameraWith([...BOX.controls, marked('focus', [0.15, Infinity])]);
  const loss = (focus: number): number => {
    const setting = settingOf(camera, { focus });
    const terms = setting ? errorOfFrame(camera, filmWith(), setting, 12).terms : [];
    return terms.find((t) => t.term === 'close-focus')?.stops ?? 0;
  };
  expect(loss(0)).toBeCloseTo(-2, 12);
  expect(loss(1)).toBe(0);
});

describe('film speeds that fit', () => {
  // Common practice, no source: a box camera of f/16 and 1/25 s wants about ISO 25 in full sun.
  test('the box camera in full sun is centred on ISO 25', () => {
    const speeds = fittingSpeeds(situation(), {});
    expect(speeds?.centred).toBe(25);
    expect(speeds?.slowest).toBeLessThan(25);
    expect(speeds?.fastest).toBeGreaterThan(125);
  });
});

describe('properties', () => {
  const lv = fc.double({ min: -8, max: 18, noNaN: true });
  const sd = fc.double({ min: 0, max: 2, noNaN: true });
  const stops = fc.double({ min: -6, max: 6, noNaN: true });
  const pair = fc.constantFrom(
    { camera: BOX, film: filmWith() },
    { camera: SCALES, film: filmWith() },
    { camera: SCALES, film: INSTANT },
    { camera: BOX, film: SLIDE }
  );
  const contrast = fc.constantFrom(...CONTRASTS);

  test('Δ is additive: a stop of light, speed or filter is a stop of error', () =>
    fc.assert(
      fc.property(pair, lv, stops, (p, light, n) => {
        const setting = settingOf(p.camera, {});
        if (!setting) throw new Error('no setting');
        const delta = (film = p.film, at = light, filterStops = 0) =>
          sumTerms(
            errorOfFrame(p.camera, film, setting, at, {
              ...PLAIN,
              filters: [{ name: 'grey', stops: filterStops, place: 'lens' }]
            }).terms
          );
        expect(delta(p.film, light + n)).toBeCloseTo(delta() + n, 9);
        expect(delta({ ...p.film, iso: p.film.iso * 2 ** n })).toBeCloseTo(delta() + n, 9);
        expect(delta(p.film, light, Math.abs(n))).toBeCloseTo(delta() - Math.abs(n), 9);
      }),
      { seed: SEED }
    ));

  test('the chance is at or above its threshold exactly inside the reach', () =>
    fc.assert(
      fc.property(pair, lv, sd, contrast, (p, light, sdStops, c) => {
        const s: Situation = { ...p, light: { lv: light, sdStops }, contrast: c };
        const reach = reachOf(s, {});
        const pUsable = rankSettings(s, {}).reduce((p, v) => Math.max(p, v.pUsable), 0);
        const inside = (list: typeof reach.likely, by: number) =>
          list.some((i) => light >= i.from - by && light <= i.to + by);
        for (const [list, threshold] of [
          [reach.likely, LIKELY],
          [reach.possible, POSSIBLE]
        ] as const) {
          if (pUsable >= threshold) expect(inside(list, 1e-6)).toBe(true);
          else expect(inside(list, -1e-6)).toBe(false);
        }
      }),
      { seed: SEED }
    ));

  test('room ends where the chance passes one half', () =>
    fc.assert(
      fc.property(pair, lv, contrast, (p, light, c) => {
        const s: Situation = { ...p, light: { lv: light, sdStops: 0.4 }, contrast: c };
        const verdict = best(s);
        const room = roomOf(s, verdict);
        if (!room) return;
        const at = (by: number) =>
          judge({ ...s, light: { lv: light + by, sdStops: 0.4 } }, verdict.setting).pUsable;
        if (room.fallStops !== null) expect(at(-room.fallStops)).toBeCloseTo(POSSIBLE, 5);
        if (room.riseStops !== null) expect(at(room.riseStops)).toBeCloseTo(POSSIBLE, 5);
        expect(room.fallStops === null && room.riseStops === null).toBe(false);
      }),
      { seed: SEED }
    ));

  test('no light, sd or contrast gives NaN or Infinity', () =>
    fc.assert(
      fc.property(pair, lv, sd, contrast, (p, light, sdStops, c) => {
        const v = best({ ...p, light: { lv: light, sdStops }, contrast: c });
        for (const n of [v.deltaStops, v.sdStops, v.pUsable, v.pGood, v.slackOverStops, v.slackUnderStops]) {
          expect(Number.isFinite(n)).toBe(true);
        }
        expect(v.pUsable).toBeGreaterThanOrEqual(0);
        expect(v.pUsable).toBeLessThanOrEqual(1);
        expect(v.pGood).toBeLessThanOrEqual(v.pUsable + 1e-12);
      }),
      { seed: SEED }
    ));
});

const STANDING = { support: 'standing' } as const;
describe('reach', () => {
  test('where nothing is likely, it names the sd at which something would be', () => {
    const unsure = situation({ film: SLIDE, light: { lv: 12, sdStops: 1.5 }, contrast: 'hard', ...STANDING });
    const reach = reachOf(unsure, {});
    expect(reach.likely).toEqual([]);
    const limit = reachOf(situation({ film: SLIDE, ...STANDING }), {}).largestLikelySd;
    expect(limit).not.toBeNull();
    const atLimit = (sdStops: number) =>
      reachOf(situation({ film: SLIDE, light: { lv: 12, sdStops }, ...STANDING }), {}).likely;
    expect(atLimit((limit ?? 0) - 1e-6)).toHaveLength(1);
    expect(atLimit((limit ?? 0) + 1e-6)).toHaveLength(0);
  });
  test('sd 0 makes the reach the window itself, edges included', () =>
    expect(errorsWithChance({ lo: -1, hi: 2 }, 0, LIKELY)).toEqual({ lo: -1, hi: 2 }));
  test('where only a long exposure on a support comes out, that is what serves', () => {
    const camera = cameraWith([
      fixed('aperture', 'f/8', 8),
      {
        ...{ kind: 'marked', id: 'time', label: 'shutter', acts: 'time', shape: 'lever' },
        positions: [
          { mark: 'N', symbol: null, value: 1 / 90 },
          { mark: 'B 4 s', symbol: null, value: 4, byHand: true }
        ]
      }
    ]);
    const s: Situation = {
      ...{ camera, film: filmWith(), light: { lv: 0, sdStops: 0.3 }, contrast: 'normal' },
      ...STANDING
    };
    const { services, likely } = reachOf(s, {});
    const { hand, standing } = reachBoth({ ...s, support: 'hand' }, {});
    expect(standing.likely).toEqual(likely);
    expect(hand.likely.some((i) => i.from < 3.5 && i.to > 3.5)).toBe(false);
    const serving = services.find((x) => 3.5 <= x.to);
    expect(likely.some((i) => i.from < 3.5 && i.to > 3.5)).toBe(true);
    expect(serving?.setting.timedByHand).toBe(true);
    expect(Math.abs(serving ? deltaAt(s, serving.setting, 3.5) : 9)).toBeLessThan(2);
    expect(services.find((x) => 13 <= x.to)?.setting.timedByHand).toBe(false);
  });
  test('services follow each other without gaps, the wide openings in the dark', () => {
    const { services } = reachOf(situation({ camera: SCALES }), {});
    expect(services[0]?.from).toBe(-Infinity);
    expect(services.at(-1)?.to).toBe(Infinity);
    services.slice(1).forEach((s, i) => {
      expect(s.from).toBe(services[i]?.to);
      const evOf = (setting = s.setting) => rangeOf(SCALES, setting).min;
      expect(evOf()).toBeGreaterThan(evOf(services[i]?.setting));
    });
  });
});
