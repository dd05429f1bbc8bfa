import { describe, expect, test } from 'vitest';
import type { Frame } from '../log/frame.ts';
import { cameraWith, filmWith, fixed, marked } from '../match/pairs.test.fixtures.ts';
import { judge } from '../match/verdict.ts';
import { settingOf } from '../camera/setting.ts';
import { filmWindow } from '../film/window.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { FAULTS, seenOf, TONES, WORDS, type Outcome } from './judgement.ts';
import { learnFrom, observationOf, type JudgedFrame } from './observe.ts';

const TOY = cameraWith([marked('aperture', [12, 8]), fixed('time', 'N', 1 / 90)]);
const film = { ...filmWith(), sdStops: 0.2 };
const light = { ...STARTING_LIGHT, lv: 13, sdStops: 0.5 };
const frameAt = (i: number, lv = 13 + i / 100): Frame => ({
  ...{
    id: `f${i}`,
    loadId: 'l',
    number: i,
    loggedAt: '',
    light: { ...light, lv },
    guess: null,
    conditions: {}
  },
  ...{
    choice: { aperture: 0 },
    deltaStops: 0,
    sdStops: 0.5,
    pUsable: 1,
    note: '',
    series: null,
    timedSeconds: null,
    about: { subject: '', reason: '', tags: [] }
  }
});
const judgedAs = (frame: Frame, outcome: Outcome): JudgedFrame => ({
  ...{ frame, film },
  judgement: { frameId: frame.id, on: 'print', outcome, faults: [], judgedAt: '' }
});
const deltaOf = (biasStops: number): number => {
  const setting = settingOf(TOY, { aperture: 0 });
  if (!setting) throw new Error('no setting');
  return judge({ camera: { ...TOY, biasStops }, film, light, contrast: light.contrast }, setting).deltaStops;
};

describe('from judged frames to what they say', () => {
  test('the error expected with a bias is the engine’s own, on marks and between them', () => {
    const seen = observationOf(TOY, judgedAs(frameAt(0, 13), { kind: 'tone', stops: 0 }));
    for (const b of [-5.9, -1, 0, 0.3, 2.125]) expect(seen?.deltaAt(b)).toBeCloseTo(deltaOf(b), 9);
    expect((seen?.deltaAt(1) ?? 0) - (seen?.deltaAt(0) ?? 0)).toBeCloseTo(1, 9);
  });
  test('a position that the camera has no more says nothing', () => {
    const odd = { ...frameAt(1), choice: { aperture: 9 } };
    expect(observationOf(TOY, judgedAs(odd, { kind: 'tone', stops: 0 }))).toBeNull();
    expect(learnFrom(TOY, [judgedAs(odd, { kind: 'tone', stops: 3 })]).camera.stops).toBeCloseTo(0, 6);
  });
  test('what is learned is the same whatever bias the camera is thought to have: the old one is not counted twice', () => {
    const judged = [1, 2, 3, 4].map((i) => judgedAs(frameAt(i), { kind: 'tone', stops: 1 }));
    const fresh = learnFrom(TOY, judged).camera;
    const later = learnFrom({ ...TOY, biasStops: 1.7 }, judged).camera;
    expect(later.stops).toBeCloseTo(fresh.stops, 9);
    expect(later.sd).toBeCloseTo(fresh.sd, 9);
  });
  test('taken up, the mean error moves by exactly the bias', () => {
    const { stops } = learnFrom(TOY, [judgedAs(frameAt(1), { kind: 'tone', stops: 2 })]).camera;
    expect(Math.abs(stops)).toBeGreaterThan(0.05);
    expect(deltaOf(stops) - deltaOf(0)).toBeCloseTo(stops, 12);
  });
  test('frames in just the same light share its reading, others do not', () => {
    const [a, b, c] = [frameAt(1, 13), frameAt(2, 13), frameAt(3, 12)].map((f) =>
      observationOf(TOY, judgedAs(f, { kind: 'tone', stops: 0 }))
    );
    expect(a?.readingId).toBe(b?.readingId);
    expect(a?.readingId).not.toBe(c?.readingId);
  });
});

describe('what an outcome says', () => {
  const windows = filmWindow(film, 'normal');
  test('tones are near, the outermost reach on', () => {
    expect(seenOf({ kind: 'tone', stops: -1 }, windows)).toEqual({ kind: 'near', stops: -1, sd: 0.4 });
    expect(seenOf({ kind: 'tone', stops: TONES[0] }, windows)).toMatchObject({ lo: -Infinity, hi: -2.5 });
    expect(seenOf({ kind: 'tone', stops: TONES[6] }, windows)).toMatchObject({ lo: 2.5, hi: Infinity });
  });
  test('words run from too little light to too much, each further than the last', () => {
    for (const words of Object.values(WORDS)) {
      const middles = words.map((word) => {
        const seen = seenOf({ kind: 'word', word }, windows);
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
  test('the list of faults names each once', () => expect(new Set(FAULTS).size).toBe(FAULTS.length));
});
