// Which steps are tried against which trouble, one situation at a time. What photographers do: common practice, no source.
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { settingOf } from '../camera/setting.ts';
import type { CameraFlash } from '../camera/traits.ts';
import type { Failure } from '../chance/conditions.ts';
import { judge, type Verdict } from '../chance/verdict.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { BOX, cameraWith, filmWith, fixed, INSTANT, marked, SLIDE } from '../error/pairs.test.fixtures.ts';
import { BOX_B, CINE, FOLDING, RIGID, slide, TWIN } from '../error/panel.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import type { AtHand } from './at-hand.ts';
import { flashUses, stepsAgainst } from './remedy-steps.ts';
import type { RemedyStep } from './remedy.ts';
import type { Trouble } from './troubles.ts';

const NONE: AtHand = { films: [], filters: [], flashes: [], course: [] };
const UNIT = { name: 'clip-on', guideNumber: 20, powers: [0, 1], seconds: 1 / 1000, angleDegrees: null };
const on = (camera: Camera, more: Partial<Situation> = {}): Situation => ({
  ...{ camera, film: filmWith(), light: { lv: 10, sdStops: 0.3 }, contrast: 'normal' },
  ...more
});
const around = (more: Partial<Circumstances>) => ({ circumstances: { ...PLAIN, ...more } });
const now = (s: Situation, more: Partial<Verdict> = {}): Verdict => {
  const setting = settingOf(s.camera, {});
  if (!setting) throw new Error('no setting');
  return { ...judge(s, setting), ...more };
};
const against = (
  troubles: readonly Trouble[],
  s: Situation,
  atHand: Partial<AtHand> = {},
  more: Partial<Verdict> = {}
): readonly RemedyStep[] => stepsAgainst(new Set(troubles), s, now(s, more), { ...NONE, ...atHand });
const kinds = (steps: readonly RemedyStep[]): readonly string[] => steps.map((s) => s.kind);

describe('knowing more', () => {
  test('a light of 0.7 stop or more is worth a reading', () => {
    const at = (sdStops: number) =>
      kinds(against(['unsure'], on({ ...BOX, toleranceStops: 0.2 }, { light: { lv: 10, sdStops } })));
    expect(at(0.7)).toEqual(['reading']);
    expect(at(0.69)).toEqual([]);
  });
  test('what nobody tried is tested: an old shutter, an old cell, a film of half a stop or more', () => {
    const tested = (camera: Camera, sdStops: number) =>
      against(['unsure'], on(camera, { film: filmWith({ sdStops }) }));
    expect(tested({ ...BOX, condition: 'old' }, 0.2)).toEqual([{ kind: 'test', of: 'camera' }]);
    expect(tested({ ...BOX, condition: 'unsure' }, 0.5)).toEqual([{ kind: 'test', of: 'both' }]);
    expect(tested({ ...BOX, condition: 'mechanical' }, 0.5)).toEqual([{ kind: 'test', of: 'film' }]);
    expect(tested({ ...BOX, condition: 'mechanical' }, 0.49)).toEqual([]);
    expect(tested({ ...BOX, condition: 'old', toleranceStops: 0.2 }, 0.2)).toEqual([]);
    expect(tested(FOLDING({ condition: 'old' }), 0.2)).toEqual([{ kind: 'test', of: 'camera' }]);
    expect(tested(FOLDING({ condition: 'automatic' }), 0.2)).toEqual([]);
  });
  test('over and under ask for it too, a shaken frame does not', () => {
    const unread = on({ ...BOX, toleranceStops: 0.2 }, { light: { lv: 10, sdStops: 1 } });
    for (const trouble of ['over', 'under'] as const)
      expect(kinds(against([trouble], unread))).toContain('reading');
    for (const trouble of ['shake', 'motion', 'too-near', 'sync'] as const)
      expect(kinds(against([trouble], unread))).not.toContain('reading');
  });
});

describe('less light', () => {
  const filters = [{ name: 'grey', stops: 2 }];
  test('a filter on the lens; over an eye that times itself also before it, or on the pack', () => {
    const places = (camera: Camera) =>
      against(['over'], on(camera), { filters }).flatMap((s) => (s.kind === 'filter' ? [s.filter] : []));
    expect(places(BOX)).toEqual([{ name: 'grey', stops: 2, place: 'lens' }]);
    expect(places(TWIN).map((f) => f.place)).toEqual(['lens-and-eye', 'lens', 'pack']);
  });
  test('never where it is too dark as well, or shaken', () => {
    for (const other of ['under', 'shake'] as const)
      expect(kinds(against(['over', other], on(BOX), { filters }))).not.toContain('filter');
    expect(kinds(against(['over', 'motion'], on(BOX), { filters }))).toContain('filter');
    expect(kinds(against(['unsure'], on(BOX), { filters }))).not.toContain('filter');
  });
  test('a flash that fires by itself is kept off, where that can be done', () => {
    const own = (overridable: boolean): CameraFlash => ({
      ...{ kind: 'automatic', unit: UNIT, belowLv: 9, overridable, quenched: false }
    });
    expect(kinds(against(['over'], on(RIGID(own(true)))))).toContain('no-flash');
    expect(kinds(against(['over'], on(RIGID(own(false)))))).not.toContain('no-flash');
    expect(kinds(against(['over'], on(RIGID(own(true)), around({ flash: { kind: 'off' } }))))).not.toContain(
      'no-flash'
    );
    expect(kinds(against(['under'], on(RIGID(own(true)))))).not.toContain('no-flash');
  });
});

describe('steadier', () => {
  const steady = (camera: Camera, support?: Situation['support']) =>
    kinds(against(['shake'], on(camera, support ? { support } : {}))).filter(
      (k) => k === 'support' || k === 'leaning'
    );
  test('stand it on something, or lean; what leans can still stand, what stands cannot be steadier', () => {
    expect(steady(BOX)).toEqual(['support', 'leaning']);
    expect(steady(BOX, 'hand')).toEqual(['support', 'leaning']);
    expect(steady(BOX, 'leaning')).toEqual(['support']);
    expect(steady(BOX, 'standing')).toEqual([]);
  });
  test('a cine camera is held as it is', () => expect(steady(CINE)).toEqual([]));
  test('in the dark too, and not for a subject that moves', () => {
    expect(kinds(against(['under'], on(BOX)))).toContain('support');
    expect(kinds(against(['motion'], on(BOX)))).not.toContain('support');
  });
});

describe('more light', () => {
  const lamp = { atM: 2, modifierStops: 1 };
  test('a lamp goes nearer by the square root of the light that is wanting, and is bared', () => {
    const lit = on(BOX, { lamp });
    expect(against(['under'], lit, {}, { deltaStops: -2 })).toEqual(
      expect.arrayContaining([
        { kind: 'lamp-nearer', toM: 1 },
        { kind: 'modifier-off', stops: 1 }
      ])
    );
    const bare = kinds(
      against(['under'], on(BOX, { lamp: { ...lamp, modifierStops: 0 } }), {}, { deltaStops: -1 })
    );
    expect(bare).toContain('lamp-nearer');
    expect(bare).not.toContain('modifier-off');
    for (const deltaStops of [0, 1])
      expect(kinds(against(['shake'], lit, {}, { deltaStops }))).not.toContain('lamp-nearer');
  });
  const shoe: Camera = { ...BOX, flash: { kind: 'shoe', syncSeconds: null } };
  const bag = { ...NONE, flashes: [UNIT] };
  test('a flash of the bag goes in the shoe, at each of its powers', () => {
    const uses = flashUses(on(shoe, around({ subjectM: 3 })), bag);
    expect(uses).toEqual([0, 1].map((powerStops) => ({ unit: UNIT, powerStops, lossStops: 0 })));
    expect(flashUses(on(BOX, around({ subjectM: 3 })), bag)).toEqual([]);
    const switched: Camera = {
      ...BOX,
      flash: { kind: 'switch', unit: { ...UNIT, powers: [0] }, syncSeconds: null }
    };
    expect(flashUses(on(switched, around({ subjectM: 3 })), NONE)).toHaveLength(1);
  });
  test('none where one fires already, by hand or by itself', () => {
    const fired = { kind: 'fired', unit: UNIT, powerStops: 0, lossStops: 0 } as const;
    expect(flashUses(on(shoe, around({ subjectM: 3, flash: fired })), bag)).toEqual([]);
    const own: CameraFlash = {
      kind: 'automatic',
      unit: UNIT,
      belowLv: 9,
      overridable: true,
      quenched: false
    };
    expect(flashUses(on({ ...BOX, flash: own }, around({ subjectM: 3 })), bag)).toEqual([]);
  });
  test('none for what lies beyond eight metres, or in light where nobody said how far', () => {
    const uses = (subjectM: number | null, lv: number) =>
      flashUses(on(shoe, { light: { lv, sdStops: 0.3 }, ...around({ subjectM }) }), bag).length;
    expect([uses(8, 5), uses(8.01, 5)]).toEqual([2, 0]);
    expect([uses(null, 10.99), uses(null, 11)]).toEqual([2, 0]);
    expect(uses(3, 14)).toBe(2);
  });
  test('one that the other light drowns is not tried', () => {
    const tried = (lv: number, subjectM: number) =>
      kinds(against(['under'], on(shoe, { light: { lv, sdStops: 0.3 }, ...around({ subjectM }) }), bag));
    // guide number 20 at 3 m is f/6.7 on ISO 100: at f/16 2½ stops short, and LV 12 gives this box about as much as it wants
    expect(tried(6, 3)).toContain('flash');
    expect(tried(15, 7)).not.toContain('flash');
  });
  test('exposures add up on a camera that stands and can repeat', () => {
    const counts = (camera: Camera, support: Situation['support'], troubles: readonly Trouble[]) =>
      against(troubles, on(camera, { support: support ?? 'hand' })).flatMap((s) =>
        s.kind === 'exposures' ? [s.count] : []
      );
    expect(counts(BOX_B, 'standing', ['under'])).toEqual([2, 4]);
    expect(counts(BOX_B, 'leaning', ['under'])).toEqual([]);
    expect(counts(BOX, 'standing', ['under'])).toEqual([]);
    expect(counts(BOX_B, 'standing', ['under', 'motion'])).toEqual([]);
    expect(counts(BOX_B, 'standing', ['over'])).toEqual([]);
  });
});

describe('another film', () => {
  const other = filmWith({ id: 'other', iso: 400 });
  const foreign = filmWith({ id: 'foreign', formats: ['135'] });
  test('those that fit, but the one that is in', () => {
    const films = (troubles: readonly Trouble[]) =>
      against(troubles, on(BOX), { films: [filmWith(), other, foreign] }).flatMap((s) =>
        s.kind === 'film' ? [s.film.id] : []
      );
    for (const trouble of ['under', 'shake', 'motion', 'over'] as const)
      expect(films([trouble])).toEqual(['other']);
    for (const trouble of ['unsure', 'too-near', 'sync'] as const) expect(films([trouble])).toEqual([]);
  });
  test('negatives are pushed one or two stops and pulled one; slides and instant film are not', () => {
    const stops = (film: Situation['film'], troubles: readonly Trouble[]) =>
      against(troubles, on(BOX, { film })).flatMap((s) => (s.kind === 'development' ? [s.stops] : []));
    expect(stops(filmWith(), ['under'])).toEqual([1, 2]);
    expect(stops(filmWith({ kind: 'negative-colour' }), ['motion'])).toEqual([1, 2]);
    expect(stops(filmWith(), ['over'])).toEqual([-1]);
    expect(stops(filmWith(), ['unsure'])).toEqual([]);
    for (const film of [SLIDE, INSTANT, slide(100)]) expect(stops(film, ['under'])).toEqual([]);
  });
});

describe('nearer or farther', () => {
  const scale = cameraWith(
    [fixed('aperture', '8', 8), fixed('time', '', 1 / 60), marked('focus', [1, 3, Infinity])],
    {
      focusing: { kind: 'scale' }
    }
  );
  const box: Camera = { ...BOX, focusing: { kind: 'fixed', atM: 5, sharpFromM: 3 } };
  const near = (nearM: number, focusMark: string | null = null): Failure => ({
    ...{ condition: 'too-near', chance: 0.2, subjectM: 2, nearM, focusMark }
  });
  const far = (farM: number, focusMark: string | null = null): Failure => ({
    ...{ condition: 'too-far', chance: 0.2, subjectM: 2, farM, focusMark }
  });
  const moves = (
    troubles: readonly Trouble[],
    failures: readonly Failure[],
    { camera = box, subjectM = 2, by = 'measured' }: Partial<Moving> = {}
  ) =>
    against(troubles, on(camera, { ...around({ subjectM }), distanceBy: by }), {}, { failures }).flatMap(
      (s): readonly (number | 'measure')[] =>
        s.kind === 'move' ? [s.toM] : s.kind === 'measure' ? ['measure'] : []
    );
  interface Moving {
    readonly camera: Camera;
    readonly subjectM: number | null;
    readonly by: NonNullable<Situation['distanceBy']>;
  }
  // measured to three hundredths: 1.3 of them inside what is sharp
  const safe = Math.exp(1.3 * 0.03);

  test('back to where it is sharp, and a little more; towards it where it is too far', () => {
    const [back] = moves(['too-near'], [near(3)]);
    expect(back).toBeCloseTo(3 * safe, 9);
    const [towards] = moves(['too-far'], [far(1.5)]);
    expect(towards).toBeCloseTo(1.5 / safe, 9);
    expect(moves(['too-far'], [far(Infinity)])).toEqual([]);
    expect(moves(['too-near'], [near(3)], { subjectM: null })).toEqual([]);
  });
  test('nobody walks where the lens only needs focusing', () => {
    expect(moves(['too-near'], [near(3, '1')])).toEqual([]);
    expect(moves(['too-far'], [far(1.5, '∞')])).toEqual([]);
  });
  test('a lens that focuses so near gains nothing by a step back', () => {
    expect(moves(['too-near'], [near(3)], { camera: scale })).toEqual([]);
    const [back] = moves(['too-near'], [near(3)], { camera: scale, subjectM: 0.6 });
    expect(back).toBeCloseTo(1 * safe, 9);
  });
  test('three times as far at most, and no farther than forty metres', () => {
    expect(moves(['too-near'], [near(5)])).toHaveLength(1);
    expect(moves(['too-near'], [near(6)])).toEqual([]);
    expect(moves(['too-near'], [near(37)], { subjectM: 20 })).toHaveLength(1);
    expect(moves(['too-near'], [near(39)], { subjectM: 20 })).toEqual([]);
    // from half a metre three metres are still a few steps
    expect(moves(['too-near'], [near(2.8)], { subjectM: 0.5 })).toHaveLength(1);
  });
  test('a motion shrinks with the distance: twice the time, twice as far', () => {
    const motion = (seconds: number, limitSeconds: number): Failure => ({
      ...{ condition: 'motion', chance: 0.2, seconds, limitSeconds }
    });
    expect(moves(['motion'], [motion(1 / 30, 1 / 60)])[0]).toBeCloseTo(4, 9);
    expect(moves(['motion'], [motion(1 / 30, 0)])).toEqual([]);
    expect(moves(['motion'], [motion(1, 1 / 60)])).toEqual([]);
  });
  test('a guessed distance is measured, where it is the distance that troubles', () => {
    expect(moves(['too-near'], [near(3)], { by: 'eye' })).toContain('measure');
    expect(moves(['too-far'], [far(1.5)], { by: 'paces' })).toContain('measure');
    expect(moves(['too-near'], [near(3)])).not.toContain('measure');
    expect(moves(['motion'], [], { by: 'eye' })).not.toContain('measure');
    // a rangefinder has measured it
    expect(
      moves(['too-near'], [near(3)], { camera: { ...box, focusing: { kind: 'rangefinder' } }, by: 'eye' })
    ).not.toContain('measure');
  });
  test('a shake is no reason to walk', () => expect(moves(['shake'], [near(3)], { by: 'eye' })).toEqual([]));
});
