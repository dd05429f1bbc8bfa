import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import type { Program } from '../camera/kinds/programs.ts';
import type { Frame } from '../log/frame.ts';
import { frameWith, judgementWith } from '../log/frames.test.fixtures.ts';
import { cameraWith, filmWith, fixed, INSTANT, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import { judge } from '../chance/verdict.ts';
import { settingOf } from '../camera/setting.ts';
import { filmWindow } from '../film/window.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { PLAIN } from '../error/circumstances.ts';
import { STUDENT_4 } from '../numeric/student.ts';
import { FAULTS, seenOf, TONES, WORDS, type Outcome } from './judgement.ts';
import { expectedAt } from './expected.ts';
import { learnFrom, observationOf, type JudgedFrame } from './observe.ts';

const TOY = cameraWith([marked('aperture', [12, 8]), fixed('time', 'N', 1 / 90)]);
const film = { ...filmWith(), sdStops: 0.2 };
const light = { ...STARTING_LIGHT, lv: 13, sdStops: 0.5 };
const frameAt = (i: number, lv = 13 + i / 100): Frame =>
  frameWith(TOY, film, { id: `f${i}`, number: i, light: { ...light, lv }, choice: { aperture: 0 } });
const judgedAs = (frame: Frame, outcome: Outcome, camera: Camera = TOY): JudgedFrame => ({
  ...{ frame, film, camera },
  judgement: judgementWith({ frameId: frame.id, outcome })
});
const deltaOf = (biasStops: number): number => {
  const setting = settingOf(TOY, { aperture: 0 });
  if (!setting) throw new Error('no setting');
  return judge({ camera: { ...TOY, biasStops }, film, light, contrast: light.contrast }, setting).deltaStops;
};

describe('from judged frames to what they say', () => {
  test('the error expected with a bias is the engine’s own, on marks and between them', () => {
    const seen = observationOf(judgedAs(frameAt(0, 13), { kind: 'word', word: 'right' }));
    if (!seen) throw new Error('nothing seen');
    for (const b of [-5.9, -1, 0, 0.3, 2.125])
      expect(expectedAt(seen.expected, b)).toBeCloseTo(deltaOf(b), 9);
    expect(expectedAt(seen.expected, 1) - expectedAt(seen.expected, 0)).toBeCloseTo(1, 9);
  });
  test('a position that the camera has no more says nothing', () => {
    const odd = { ...frameAt(1), choice: { aperture: 9 } };
    expect(observationOf(judgedAs(odd, { kind: 'tone', stops: 0 }))).toBeNull();
    expect(learnFrom(TOY, [judgedAs(odd, { kind: 'tone', stops: 3 })]).camera.stops).toBeCloseTo(0, 6);
  });
  test('what is learned is the same whatever bias the camera is thought to have: the old one is not counted twice', () => {
    const known = { ...TOY, biasStops: 1.7 };
    const judged = (camera: Camera) =>
      [1, 2, 3, 4].map((i) => judgedAs(frameAt(i), { kind: 'word', word: 'dense' }, camera));
    const fresh = learnFrom(TOY, judged(TOY)).camera;
    const later = learnFrom(known, judged(known)).camera;
    expect(later.stops).toBeCloseTo(fresh.stops, 9);
    expect(later.sd).toBeCloseTo(fresh.sd, 9);
  });
  test('taken up, the mean error moves by exactly the bias', () => {
    const { stops } = learnFrom(TOY, [judgedAs(frameAt(1), { kind: 'word', word: 'thin' })]).camera;
    expect(Math.abs(stops)).toBeGreaterThan(0.05);
    expect(deltaOf(stops) - deltaOf(0)).toBeCloseTo(stops, 12);
  });
  test('frames in just the same light share its reading, others do not', () => {
    const [a, b, c] = [frameAt(1, 13), frameAt(2, 13), frameAt(3, 12)].map((f) =>
      observationOf(judgedAs(f, { kind: 'tone', stops: 0 }))
    );
    expect(a?.readingId).toBe(b?.readingId);
    expect(a?.readingId).not.toBe(c?.readingId);
  });
});

describe('what was really done', () => {
  // B held for other than was meant: log2(4) = 2 stops, without reciprocity
  const bulb = cameraWith([
    fixed('aperture', '8', 8),
    {
      ...{ kind: 'marked', id: 'time', label: 'time', acts: 'time', shape: 'lever' },
      positions: [{ mark: '1 s', symbol: null, value: 1, byHand: true }]
    }
  ]);
  const dim = { ...light, lv: 6 - Math.log2(1.25), sdStops: 0.25 };
  test('a second held for four is two stops over, and a camera that does so has no bias', () => {
    const held = Array.from({ length: 5 }, (_, i) =>
      frameWith(bulb, film, { id: `h${i}`, light: { ...dim, lv: dim.lv + i / 100 }, timedSeconds: 4 })
    );
    expect(held[0]?.expected?.deltaStops).toBeCloseTo(2, 6);
    const judged = held.map((frame) => ({
      ...judgedAs(frame, { kind: 'tone', stops: 2 }, bulb),
      film: { ...INSTANT, id: 'i', iso: 125 }
    }));
    expect(Math.abs(learnFrom(bulb, judged).camera.stops)).toBeLessThan(0.1);
    const asMeant = judged.map((j) => ({ ...j, frame: { ...j.frame, timedSeconds: null } }));
    expect(learnFrom(bulb, asMeant).camera.stops).toBeGreaterThan(0.5);
  });
  test('four minutes held for 3.6 s are log2(240/3.6) = 6.06 stops less', () => {
    const minutes = cameraWith([
      fixed('aperture', '8', 8),
      {
        ...{ kind: 'marked', id: 'time', label: 'time', acts: 'time', shape: 'lever' },
        positions: [{ mark: '4 min', symbol: null, value: 240, byHand: true }]
      }
    ]);
    const meant = frameWith(minutes, film, { light: dim });
    const held = frameWith(minutes, film, { light: dim, timedSeconds: 3.6 });
    expect((held.expected?.deltaStops ?? 0) - (meant.expected?.deltaStops ?? 0)).toBeCloseTo(-6.06, 2);
  });
  test('a frame whose light nobody told, or whose marks are not sure any more, is no evidence', () => {
    const outcome = { kind: 'word', word: 'thin' } as const;
    const untold = frameWith(SCALES, film, { light: null });
    expect(untold.expected).toBeNull();
    expect(observationOf(judgedAs(untold, outcome, SCALES))).toBeNull();
    expect(observationOf(judgedAs({ ...frameAt(1), doubts: ['setting'] }, outcome))).toBeNull();
    expect(observationOf(judgedAs({ ...frameAt(1), doubts: ['zone'] }, outcome))).not.toBeNull();
  });
});

describe('what an outcome says', () => {
  const windows = filmWindow(film, 'normal');
  const instant = filmWindow(INSTANT, 'normal');
  test('tones that can be told apart are near, the outermost reach on', () => {
    expect(seenOf({ kind: 'tone', stops: -1 }, INSTANT, instant)).toEqual({
      kind: 'near',
      stops: -1,
      sd: 0.4
    });
    expect(seenOf({ kind: 'tone', stops: TONES[0] }, INSTANT, instant)).toMatchObject({
      lo: -Infinity,
      hi: -2.5
    });
    expect(seenOf({ kind: 'tone', stops: TONES[6] }, INSTANT, instant)).toMatchObject({
      lo: 2.5,
      hi: Infinity
    });
  });
  test('prints of a negative look alike from −1 to +3: a click there tells no more than that', () => {
    for (const stops of [0, 1, 2, 3])
      expect(seenOf({ kind: 'tone', stops }, film, windows)).toMatchObject({
        kind: 'between',
        lo: -1.5,
        hi: Infinity
      });
    expect(seenOf({ kind: 'tone', stops: -2 }, film, windows)).toMatchObject({ kind: 'near' });
  });
  test('eight good frames in the sun, each clicked as right, teach nothing of how dark the camera is', () => {
    const sun = Array.from({ length: 8 }, (_, i) =>
      judgedAs(frameAt(i, 15.3 + i / 100), { kind: 'tone', stops: 0 })
    );
    const { camera } = learnFrom(TOY, sun);
    expect(Math.abs(camera.stops)).toBeLessThan(0.35);
    expect(camera.sd).toBeGreaterThan(0.2);
  });
  test('words run from too little light to too much, each further than the last', () => {
    for (const words of Object.values(WORDS)) {
      const middles = words.map((word) => {
        const seen = seenOf({ kind: 'word', word }, film, windows);
        if (seen.kind !== 'between') return NaN;
        return Number.isFinite(seen.lo) && Number.isFinite(seen.hi)
          ? (seen.lo + seen.hi) / 2
          : Number.isFinite(seen.hi)
            ? seen.hi - 1
            : seen.lo + 1;
      });
      expect([...middles].sort((a, b) => a - b)).toEqual(middles);
    }
  });
  const { good, usable } = instant;
  test.each([
    ['right', good.lo, good.hi],
    ['too-dark', -Infinity, good.lo],
    ['thin', -Infinity, good.lo],
    ['too-light', good.hi, Infinity],
    ['dense', good.hi, Infinity],
    ['shadows-empty', -Infinity, usable.lo],
    ['highlights-blocked', usable.hi, Infinity],
    // a stop past what can be used at all
    ['nothing-dark', -Infinity, usable.lo - 1],
    ['nothing-light', usable.hi + 1, Infinity]
  ] as const)('%s: between its edges', (word, lo, hi) =>
    expect(seenOf({ kind: 'word', word }, INSTANT, instant)).toEqual({
      ...{ kind: 'between', lo, hi, edgeSd: 0.3 }
    })
  );
  test('the list of faults names each once', () => expect(new Set(FAULTS).size).toBe(FAULTS.length));
});

// An old cell two or three stops off is normal (common practice, no source): it is learned, not held to be a mistake.
test('an old cell far off is believed sooner than a new one, and is no outlier', () => {
  const eye: Program = {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 1200, longestSeconds: 10, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 125, angleDegrees: null }
  };
  const timed = { ...cameraWith([fixed('aperture', 'f/8', 8)]), program: eye };
  const judgedOf = (camera: Camera) =>
    [10, 10.5, 11, 11.5].map((lv, i) => {
      const frame = frameWith(camera, film, { id: `o${i}`, number: i, light: { ...light, lv }, choice: {} });
      return {
        frame,
        film,
        camera,
        judgement: judgementWith({ frameId: frame.id, outcome: { kind: 'word', word: 'shadows-empty' } })
      };
    });
  const [old, fresh] = (['unsure', 'automatic'] as const).map((condition) => {
    const camera: Camera = { ...timed, condition };
    return learnFrom(camera, judgedOf(camera));
  });
  expect(old?.camera.stops).toBeLessThan((fresh?.camera.stops ?? 0) - 0.5);
  expect(old?.outliers).toEqual([]);
});

describe('what the error hangs on', () => {
  const word: Outcome = { kind: 'word', word: 'right' };
  const eye: Program = {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 1200, longestSeconds: 10, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 125, angleDegrees: null }
  };
  const unit = { name: '', guideNumber: 10, powers: [0], seconds: 1 / 1000, angleDegrees: null };
  const timed: Camera = { ...cameraWith([fixed('aperture', 'f/8', 8)]), program: eye };
  const kindOf = (camera: Camera, more: Partial<Frame> = {}): string | undefined =>
    observationOf(judgedAs(frameWith(camera, film, { light, choice: {}, ...more }), word, camera))?.expected
      .kind;
  const flash = {
    ...PLAIN,
    subjectM: 2,
    flash: { kind: 'fired' as const, unit, powerStops: 0, lossStops: 0 }
  };
  test.each([
    ['by hand', TOY, {}, 'straight'],
    ['by itself', timed, {}, 'clipped'],
    ['by hand, a flash fired', { ...TOY, flash: { kind: 'shoe', syncSeconds: null } }, flash, 'knots'],
    ['by itself, a flash fired', { ...timed, flash: { kind: 'shoe', syncSeconds: null } }, flash, 'knots'],
    [
      'its own flash fires by itself',
      { ...timed, flash: { kind: 'automatic', unit, belowLv: 9, overridable: true, quenched: false } },
      {},
      'knots'
    ]
  ] as const)('%s', (_, camera, circumstances, kind) =>
    expect(kindOf(camera, { conditions: { circumstances: { ...PLAIN, ...circumstances } } })).toBe(kind)
  );
  test('an eye in other light: what it wants goes by its own light', () => {
    const wanted = (eyeOffsetStops: number): number => {
      const conditions = { circumstances: { ...PLAIN, eyeOffsetStops } };
      const seen = observationOf(
        judgedAs(frameWith(timed, film, { light, choice: {}, conditions }), word, timed)
      );
      return seen?.expected.kind === 'clipped' ? seen.expected.wanted : NaN;
    };
    expect(wanted(-2) - wanted(0)).toBeCloseTo(-2, 9);
    expect(wanted(1) - wanted(0)).toBeCloseTo(1, 9);
  });
  test('a film that is known exactly still has a batch, of a twentieth of a stop', () => {
    const sure = { ...film, sdStops: 0 };
    const judged = [1, 2].map((i) => ({ ...judgedAs(frameAt(i), word), film: sure }));
    const { camera, withBatch } = learnFrom(TOY, judged);
    const both = withBatch.get(sure.id);
    expect(both?.sd).toBeGreaterThan(0.05);
    expect(Math.abs((both?.stops ?? 9) - camera.stops)).toBeLessThan(0.05);
  });
  test('an old cell before any frame: as wide as its heavy tails, a new one as its condition', () => {
    const sd = (condition: Camera['condition']) => learnFrom({ ...timed, condition }, []).camera.sd;
    // a scale mixture: √Σ w·sd²
    const wide = Math.sqrt(STUDENT_4.reduce((sum, m) => sum + m.weight * m.sd ** 2, 0));
    expect(Math.abs(sd('unsure') - wide)).toBeLessThan(0.12);
    expect(sd('automatic')).toBeCloseTo(0.25, 3);
  });
});
