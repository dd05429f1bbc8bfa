import { describe, expect, test } from 'vitest';
import { settingOf } from '../camera/setting.ts';
import { judge } from '../chance/verdict.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import type { Situation } from '../error/situation.ts';
import { exactFNumber } from '../units/series.ts';
import { toldBefore } from './told-before.ts';

const CAMERA = cameraWith([marked('aperture', [8, 11, 16]), fixed('time', '1/125', 1 / 128)]);
const told = (more: Partial<Situation> = {}, bySight = false, time = 0) => {
  const situation: Situation = {
    ...{ camera: CAMERA, film: filmWith(), light: { lv: 14.64, sdStops: 0.35 }, contrast: 'normal' },
    ...more
  };
  const setting = settingOf(situation.camera, { aperture: 0, time });
  if (!setting) throw new Error('no setting');
  return toldBefore(situation, judge(situation, setting), bySight);
};

describe('what is told before the press', () => {
  // colour film made for daylight goes orange under lamps, and the other way round: common practice, no source
  test.each([
    ['daylight', 'lamps', 'orange'],
    ['tungsten', 'daylight', 'blue'],
    ['orthochromatic', 'daylight', 'dark-reds']
  ] as const)('%s film in %s: %s', (balance, lightKind, cast) => {
    const film = { ...filmWith(), kind: 'negative-colour' as const, balance };
    expect(told({ film, circumstances: { ...PLAIN, lightKind } })).toContainEqual({ told: 'cast', cast });
  });
  test('film in the light it is made for, and black-and-white film, have no cast', () => {
    expect(told().filter((t) => t.told === 'cast')).toEqual([]);
    const film = { ...filmWith(), kind: 'negative-bw' as const };
    expect(told({ film, circumstances: { ...PLAIN, lightKind: 'lamps' } })).toEqual([]);
  });
  test('the longest time that stops the subject is asked for with its distance', () => {
    const motion = { metresPerSecond: 1.4, way: 'across' } as const;
    expect(told({ motion }).some((t) => t.told === 'stops-subject')).toBe(false);
    const near = told({ motion, circumstances: { ...PLAIN, subjectM: 3 } });
    const far = told({ motion, circumstances: { ...PLAIN, subjectM: 30 } });
    const [a, b] = [near, far].map((t) => t.find((x) => x.told === 'stops-subject')?.seconds ?? 0);
    expect(b).toBeGreaterThan(9 * (a ?? 0));
  });
  test('no figures beyond a second only where the film has none', () => {
    const camera = cameraWith([fixed('aperture', '8', 8), marked('time', [1 / 2, 4])]);
    expect(told({ camera }, false, 1)).toContainEqual({ told: 'no-figures', seconds: 4 });
    expect(told({ camera }, false, 0)).toEqual([]);
    const film = { ...filmWith(), reciprocity: { kind: 'exponent' as const, p: 1.3, startSeconds: 1 } };
    expect(told({ camera, film }, false, 1)).toEqual([]);
  });
  // a guide number of 20 m at ISO 100 and f/8 reaches 2.5 m; a fill a stop under reaches √2 further: GN = N·d, by hand
  test('a person lit from behind is offered the flash that is there, and how far it fills', () => {
    const camera = cameraWith([fixed('aperture', '8', 8), fixed('time', '1/60', 1 / 64)], {
      flash: { kind: 'shoe', syncSeconds: null }
    });
    const flash = { name: 'Spark', guideNumber: 20, powers: [0], seconds: 1 / 1000, angleDegrees: null };
    const s: Situation = {
      ...{ camera, film: { ...filmWith(), iso: 100 }, light: { lv: 12, sdStops: 0.3 }, contrast: 'backlit' }
    };
    const setting = settingOf(camera, {});
    if (!setting) throw new Error('no setting');
    const fact = toldBefore(s, judge(s, setting), false, [flash]).find((t) => t.told === 'fill-flash');
    expect(fact).toMatchObject({ name: 'Spark' });
    expect(fact?.told === 'fill-flash' && fact.toM).toBeCloseTo(2.5 * Math.SQRT2, 6);
    expect(toldBefore({ ...s, contrast: 'normal' }, judge(s, setting), false, [flash])).toEqual([]);
    expect(toldBefore(s, judge(s, setting), false, [])).toEqual([]);
  });
  test('where the finder looks is told without a distance', () => {
    const camera = { ...CAMERA, finder: { ...CAMERA.finder, upShare: 0.1 } };
    expect(told({ camera })).toContainEqual({ told: 'aim', rightShare: 0, upShare: 0.1 });
  });
  // the rule of f/16: in clear sun one over the film's speed at f/16, and f/8 under a barely seen shadow. Common practice, no source
  test.each([
    [14.64, 16],
    [12.64, 8],
    [10.64, 4]
  ])('the rule at LV %d sets f/%d and one over the speed', (lv, fNumber) => {
    const rule = told({ light: { lv, sdStops: 0.35 }, film: filmWith() }, true).find(
      (t) => t.told === 'rule'
    );
    expect(rule?.fNumber).toBeCloseTo(exactFNumber(fNumber, 'full'), 1);
    expect(rule?.seconds).toBeCloseTo(1 / filmWith().iso, 9);
  });
});
