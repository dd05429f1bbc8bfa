import { describe, expect, test } from 'vitest';
import { HAND_SPREAD, HALF_HELD } from '../chance/stillness.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { frameWith, judgementWith } from '../log/frames.test.fixtures.ts';
import type { Frame } from '../log/frame.ts';
import type { Conditions } from '../error/situation.ts';
import { PLAIN } from '../error/circumstances.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { heldOf, learnSteadiness, type Held } from './steadiness.ts';

/** A linear congruential generator and Box and Muller's transform: the same numbers on every run. */
function gaussians(seed: number): () => number {
  let state = Math.imul(seed, 2654435761) >>> 0;
  const uniform = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

/** Frames at these times against the rule, by a hand with this factor. */
function shot(factor: number, ratios: readonly number[], gauss: () => number): readonly Held[] {
  return ratios.map((ratio) => ({
    ...{ ratio, sd: 0 },
    blurred: Math.log(ratio) > Math.log(HALF_HELD * factor) + HAND_SPREAD * gauss()
  }));
}
const SERIES = Array.from({ length: 60 }, (_, i) => 2 ** (i % 4));

describe('how still a hand is', () => {
  test('nothing told: as most, give or take what people differ by', () => {
    const { factor, sd } = learnSteadiness([]);
    expect(factor).toBeCloseTo(1, 6);
    expect(sd).toBeCloseTo(0.35, 2);
  });

  test('sixty frames at one to eight times the rule make it known within 0.15', () => {
    const gauss = gaussians(4);
    expect(learnSteadiness(shot(1, SERIES, gauss)).sd).toBeLessThan(0.155);
  });

  test('hands are found again within two sd in 93 of 100 or more', () => {
    let within = 0;
    for (let seed = 1; seed <= 200; seed++) {
      const gauss = gaussians(seed);
      const log = 0.35 * gauss();
      const { factor, sd } = learnSteadiness(shot(Math.exp(log), SERIES, gauss));
      if (Math.abs(Math.log(factor) - log) <= 1.96 * sd) within += 1;
    }
    expect(within / 200).toBeGreaterThanOrEqual(0.93);
  });

  test('a blurred frame counts against the hand, a sharp one for it; a time only heard tells less', () => {
    const one = (held: Partial<Held>) => learnSteadiness([{ ratio: 2, sd: 0, blurred: false, ...held }]);
    expect(one({}).factor).toBeGreaterThan(1);
    expect(one({ blurred: true }).factor).toBeLessThan(1);
    expect(one({ sd: 1 }).factor).toBeLessThan(one({}).factor);
  });
});

describe('which frames tell of the hand', () => {
  const camera = {
    ...cameraWith([fixed('aperture', '8', 8), marked('time', [1 / 30, 1 / 60])]),
    ...{ formats: ['135' as const], focalMm: 30, handHeldSeconds: null }
  };
  const film = { ...filmWith(), formats: ['135' as const] };
  const taken = (conditions: Conditions, more: Partial<Frame> = {}, faults: readonly string[] = []) => {
    const frame = frameWith(camera, film, { choice: { aperture: 0, time: 0 }, conditions, ...more });
    return heldOf({
      ...{ frame, camera, film },
      judgement: judgementWith({ frameId: frame.id, outcome: { kind: 'tone', stops: 0 }, faults })
    });
  };
  // one over the focal length on 35 mm film: common practice, no source
  test('the time against one over the focal length', () => {
    const held = taken({});
    expect(held?.ratio).toBeCloseTo(1, 6);
    expect(held?.blurred).toBe(false);
    expect(taken({}, {}, ['blur'])?.blurred).toBe(true);
    expect(taken({ support: 'leaning' })?.ratio).toBeCloseTo(0.4, 6);
  });
  test.each([
    ['on something', { support: 'standing' }, []],
    ['a subject that moves', { motion: { metresPerSecond: 1, way: 'across' } }, []],
    ['a shaky day', { steadiness: 0.6 }, []],
    ['out of focus', {}, ['focus-too-near']]
  ] as const)('%s says nothing', (_, conditions, faults) => {
    expect(taken(conditions, {}, faults)).toBeNull();
  });
});

describe('what a frame says of the hand', () => {
  const film = filmWith();
  const eye = { place: 'outside', believesIso: 125, angleDegrees: null } as const;
  const timed = cameraWith([fixed('aperture', 'f/8', 8)], {
    handHeldSeconds: 1 / 30,
    program: {
      ...{ kind: 'automatic-time', shortestSeconds: 1 / 1000, longestSeconds: 8, inLowLight: 'closes' },
      eye
    }
  });
  const held = (more: Partial<Frame>, camera = timed) =>
    heldOf({
      ...{ camera, film, frame: frameWith(camera, film, { choice: {}, ...more }) },
      judgement: judgementWith({ faults: ['blur'] })
    });
  test('a time that was heard: against what the hand holds, as sure as it was heard', () => {
    expect(held({ heardSeconds: 0.25 })).toEqual({ ratio: 7.5, sd: 0.5 * Math.LN2, blurred: true });
    expect(held({ heardSeconds: 1 })?.sd).toBeCloseTo(0.3 * Math.LN2, 9);
    expect(held({ heardSeconds: 1, heardSdStops: 0.02 })).toMatchObject({ ratio: 30 });
    expect(held({ heardSeconds: 1, heardSdStops: 0.02 })?.sd).toBeCloseTo(0.02 * Math.LN2, 9);
  });
  test('a camera that times itself: the time it should have taken, as sure as light and eye', () => {
    // LV 7 at f/8 with ISO 125 believed: EV 7.32, so 0.4 s, twelve times what the hand holds
    const light = { ...STARTING_LIGHT, lv: 7, sdStops: 0.4 };
    const found = held({ light });
    expect(found?.ratio).toBeCloseTo((64 / 2 ** (7 + Math.log2(1.25))) * 30, 6);
    expect(found?.sd).toBeCloseTo(Math.hypot(0.4, 0.3) * Math.LN2, 9);
    expect(held({ light, conditions: { scene: 'uneven' } })?.sd).toBeCloseTo(
      Math.hypot(0.4, 0.8) * Math.LN2,
      9
    );
    expect(held({ light: null })).toBeNull();
  });
  test('a flash, a cine camera and a shaky hand say nothing', () => {
    const unit = { name: '', guideNumber: 10, powers: [0], seconds: 1 / 1000, angleDegrees: null };
    const fired = {
      ...PLAIN,
      subjectM: 2,
      flash: { kind: 'fired' as const, unit, powerStops: 0, lossStops: 0 }
    };
    const shoe = { ...timed, flash: { kind: 'shoe', syncSeconds: null } as const };
    expect(held({ heardSeconds: 1, conditions: { circumstances: fired } }, shoe)).toBeNull();
    expect(held({ heardSeconds: 1 }, shoe)).not.toBeNull();
    const automatic = { kind: 'automatic', unit, belowLv: 9, overridable: true, quenched: false } as const;
    expect(held({ heardSeconds: 1 }, { ...timed, flash: automatic })).toBeNull();
    expect(
      held({ heardSeconds: 1 }, { ...timed, transport: { kind: 'cine', framesPerSecond: 16 } })
    ).toBeNull();
    expect(held({ heardSeconds: 1, conditions: { steadiness: 0.6 } })).toBeNull();
    expect(held({ heardSeconds: 1, conditions: { steadiness: 0.9 } })).not.toBeNull();
  });
});
