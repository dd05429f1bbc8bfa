// Likely causes drawn from the log, frames that disagree, what a scan suggests, and which frames tell most.
// Where the facts are of the trade: common practice, no source.
import { describe, expect, test } from 'vitest';
import { printTone } from '../film/print.ts';
import { toneCurve } from '../film/tone-curve.ts';
import { filmWindow } from '../film/window.ts';
import type { Camera } from '../camera/camera.ts';
import type { Frame } from '../log/frame.ts';
import { frameWith, judgementWith } from '../log/frames.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, filmWith, fixed, INSTANT, marked, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { likelyCauses, type Cause } from './causes.ts';
import type { Outcome } from './judgement.ts';
import { lastRollWith } from './last-roll.ts';
import { learnFrom } from './observe.ts';
import { isKeeper, sideOf } from './outcome-side.ts';
import { pushedTones, suggestedBy } from './suggest.ts';
import { planTestRoll } from './test-roll.ts';

const EYE: Camera = cameraWith([marked('aperture', [5.6, 8, 16, 22]), marked('compensation', [-1, 0, 1])], {
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 500, longestSeconds: 1, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 800, angleDegrees: null }
  }
});
const sunny = { ...STARTING_LIGHT, lv: 12, sdStops: 0.25 };
const frame = (
  number: number,
  choice: Frame['choice'],
  more: Partial<Frame> = {},
  camera: Camera = EYE
): Frame => frameWith(camera, INSTANT, { id: `f${number}`, number, choice, light: sunny, ...more });
const tone = (stops: number): Outcome => ({ kind: 'tone', stops });
const causesOf = (
  f: Frame,
  outcome: Outcome,
  before: readonly Frame[] = [],
  camera = EYE,
  faults: readonly string[] = []
) => likelyCauses({ camera, film: INSTANT, frame: f, before, judgement: { outcome, faults } });
const kinds = (causes: readonly Cause[]) => causes.map((c) => c.cause);

describe('likely causes', () => {
  test('lighten–darken left at lighten, from the first frame on that had it', () => {
    const rows = [1, 1, 2, 2, 2].map((compensation, i) => frame(i + 4, { aperture: 1, compensation }));
    const last = rows[4];
    if (!last) throw new Error('no frame');
    expect(causesOf(last, tone(1), rows.slice(0, 4))[0]).toMatchObject({
      cause: 'compensation-left',
      sinceNumber: 6
    });
    expect(kinds(causesOf(last, tone(-1), rows.slice(0, 4)))).not.toContain('compensation-left');
    expect(causesOf(last, tone(0), rows.slice(0, 4))).toEqual([]);
  });

  test('f/5.6 on ISO 800 in bright sun asks for about 1/8000: beyond 1/500, four stops over', () => {
    const sun = frame(
      1,
      { aperture: 0, compensation: 1 },
      { light: { ...STARTING_LIGHT, lv: 15, sdStops: 0.25 } }
    );
    const causes = causesOf(sun, tone(3));
    expect(causes.find((c) => c.cause === 'beyond-limit')).toMatchObject({ limit: 'bright' });
    expect(sun.expected?.deltaStops).toBeCloseTo(4, 0);
    // a camera that was heard to take ⅛ s met no limit at 1/500
    const heard = causesOf({ ...sun, heardSeconds: 1 / 8 }, tone(3));
    expect(kinds(heard)).not.toContain('beyond-limit');
  });

  test('the eye in shade makes it light, the eye in sun dark', () => {
    const uneven = frame(1, { aperture: 1, compensation: 1 }, { conditions: { scene: 'uneven' } });
    expect(kinds(causesOf(uneven, tone(2)))).toContain('eye-in-shade');
    expect(kinds(causesOf(uneven, tone(-2)))).toContain('eye-in-sun');
  });

  test('a smaller aperture after a light frame: the camera makes up for it', () => {
    const before = frame(1, { aperture: 1, compensation: 1 });
    expect(kinds(causesOf(frame(2, { aperture: 2, compensation: 1 }), tone(1), [before]))).toContain(
      'aperture-made-up'
    );
    expect(kinds(causesOf(frame(2, { aperture: 0, compensation: 1 }), tone(1), [before]))).not.toContain(
      'aperture-made-up'
    );
  });

  test('the dial left at the last film’s speed', () => {
    const dialled = cameraWith([fixed('aperture', 'f/8', 8), marked('dial', [75, 800])], {
      program: EYE.program
    });
    expect(kinds(causesOf(frame(1, { dial: 0 }, {}, dialled), tone(3), [], dialled))).toContain('dial-left');
    expect(kinds(causesOf(frame(1, { dial: 1 }, {}, dialled), tone(3), [], dialled))).not.toContain(
      'dial-left'
    );
    // what the film is faster by, a filter on the pack takes: log2(800/75) = 3.4 stops
    const filters = [{ name: 'grey', stops: 3.4, place: 'pack' as const }];
    const filtered = frame(1, { dial: 0 }, { conditions: { circumstances: { ...PLAIN, filters } } }, dialled);
    expect(kinds(causesOf(filtered, tone(3), [], dialled))).not.toContain('dial-left');
  });

  test('that it was expected so is no cause', () => {
    const dark = frame(1, { aperture: 3, compensation: 0 }, { light: { ...sunny, lv: 2 } });
    expect(kinds(causesOf(dark, tone(-3)))).toEqual(['compensation-left', 'beyond-limit']);
  });

  test('a fault leads to its cause', () => {
    const at = (fault: string) =>
      kinds(causesOf(frame(1, { aperture: 1, compensation: 1 }), tone(0), [], EYE, [fault]));
    expect(at('streaks')).toEqual(['rollers']);
    expect(at('smears')).toEqual(['old-pack']);
    expect(at('dark-corners')).toEqual(['between-marks']);
    const film = filmWith();
    const [cause] = likelyCauses({
      ...{ camera: EYE, film, frame: frame(1, { aperture: 1, compensation: 1 }), before: [] },
      judgement: { outcome: tone(0), faults: ['streaks'] }
    });
    expect(cause?.cause).toBe('agitation');
  });

  test('blur, when the time was longer than can be held', () => {
    const dim = frame(
      1,
      { aperture: 3, compensation: 1 },
      { light: { ...STARTING_LIGHT, lv: 6, sdStops: 0.25 } }
    );
    expect(kinds(causesOf(dim, tone(0), [], EYE, ['blur']))).toContain('hold');
  });
});

describe('what comes of it', () => {
  test('a keeper is right or within a stop, without a fault', () => {
    expect(
      [tone(1), tone(-1), tone(0), { kind: 'word', word: 'right' } as const].every((o) => isKeeper(o, []))
    ).toBe(true);
    expect([tone(2), { kind: 'word', word: 'thin' } as const].some((o) => isKeeper(o, []))).toBe(false);
    expect(isKeeper(tone(0), ['leak'])).toBe(false);
    expect([tone(-2), tone(0), tone(3)].map(sideOf)).toEqual(['dark', 'right', 'light']);
    const word = (w: 'right' | 'thin' | 'dense') => sideOf({ kind: 'word', word: w });
    expect([word('right'), word('thin'), word('dense')]).toEqual(['right', 'dark', 'light']);
  });

  test('one frame among many that says otherwise is told', () => {
    const judged = [0, 0, 0, 0, 0, 0, 3].map((stops, i) => ({
      frame: frame(
        i + 1,
        { aperture: 1, compensation: 1 },
        { light: { ...STARTING_LIGHT, lv: 11 + i / 10, sdStops: 0.25 } }
      ),
      ...{ film: INSTANT, camera: EYE },
      judgement: judgementWith({ frameId: `f${i + 1}`, outcome: tone(stops) })
    }));
    const { outliers } = learnFrom(EYE, judged);
    expect(outliers.map((o) => o.frameId)).toEqual(['f7']);
    expect(learnFrom(EYE, judged.slice(0, 6)).outliers).toEqual([]);
  });

  test('knowing a bias is worth what it gains over what was known then, whatever was set', () => {
    const frames = [1, 2, 3].map((n) => ({
      frame: frame(n, { aperture: 1, compensation: 1 }, { light: { ...sunny, lv: 9 } }),
      camera: EYE,
      film: INSTANT
    }));
    const known = lastRollWith(frames, { stops: 1, sd: 0.2 });
    expect(known?.knowing).toBeGreaterThan((known?.knownThen ?? 1) + 0.1);
    const nothingNew = lastRollWith(frames, { stops: 0, sd: 0.2 });
    expect(nothingNew?.knowing).toBeCloseTo(nothingNew?.knownThen ?? 0, 6);
    expect(lastRollWith([], { stops: 1, sd: 0.2 })).toBeNull();
  });
});

describe('a test roll', () => {
  test('five frames, each inside the camera’s limits and told on the strip, each making it surer', () => {
    const plan = planTestRoll(SCALES, SLIDE, {});
    expect(plan).toHaveLength(5);
    const sds = plan.map((f) => f.sdAfter);
    expect(sds).toEqual([...sds].sort((a, b) => b - a));
    for (const f of plan) expect(Math.abs(f.deltaStops)).toBeLessThanOrEqual(2);
    expect(new Set(plan.map((f) => f.lv)).size).toBe(5);
  });
  test('by hand: each frame of a manual camera tells 1/(0.25² + 0.15² + 0.4²), added to 1/sd² (Gelman et al., 2013, ch. 2)', () => {
    const [first] = planTestRoll(SCALES, SLIDE, {}, 0.5, Infinity, 1);
    expect(first?.sdAfter).toBeCloseTo(1 / Math.sqrt(1 / 0.25 + 1 / (0.0625 + 0.0225 + 0.16)), 6);
  });
});

describe('what a scan suggests', () => {
  const film = filmWith({ kind: 'instant-colour', belowStops: 2.7, aboveStops: 2.6 });
  const print = printTone(film, filmWindow(film, 'normal').usable);
  test.each([-2, -1, 0, 1, 2])('a middle printed at %i stops is told as that', (stops) => {
    const suggestion = suggestedBy({ middle: print(0, stops), darkShare: 0, lightShare: 0.2 }, print);
    expect(suggestion).toEqual({ stops, shadowsLost: false, highlightsLost: true });
    const other = suggestedBy({ middle: print(0, stops), darkShare: 0.06, lightShare: 0.04 }, print);
    expect(other).toEqual({ stops, shadowsLost: true, highlightsLost: false });
  });
  test('pushing moves a tone along the film’s own curve; black and white stay in their order', () => {
    const curve = toneCurve(2.7, 2.6);
    const table = pushedTones({ below: 2.7, above: 2.6 }, 1, 101);
    const at = (v: number): number => table[Math.round(v * 100)] ?? NaN;
    for (const scene of [-1, 0, 0.5]) expect(at(curve(scene))).toBeCloseTo(curve(scene + 1), 1);
    expect(table).toEqual([...table].sort((a, b) => a - b));
    expect(pushedTones({ below: 2.7, above: 2.6 }, 0, 3)).toEqual([0, 0.5, 1]);
  });
});
