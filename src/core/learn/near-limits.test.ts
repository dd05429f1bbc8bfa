// Cameras that set themselves, judged inside, near and past their limits: what is learned holds as often as it says, and says as
// much as can be known.
import { describe, expect, test } from 'vitest';
import type { Program } from '../camera/kinds/programs.ts';
import { cameraWith, filmWith, fixed } from '../error/pairs.test.fixtures.ts';
import { frameWith, judgementWith } from '../log/frames.test.fixtures.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { learnBias, type Observation } from './bias.ts';
import { observationOf } from './observe.ts';

const timed: Program = {
  ...{ kind: 'automatic-time', shortestSeconds: 1 / 256, longestSeconds: 1, inLowLight: 'closes' },
  eye: { place: 'outside', believesIso: 100, angleDegrees: null }
};
// f/8: its shortest time serves EV 14, its longest EV 6
const CAMERA = {
  ...cameraWith([fixed('aperture', '8', 8)], { program: timed }),
  condition: 'mechanical' as const
};
const FILM = { ...filmWith(), iso: 100, sdStops: 0.2 };
const [MIN, MAX] = [6, 14];
const [CAMERA_SD, BATCH_SD, LIGHT_SD, EYE_SD, FRAME_SD, TONE_SD] = [0.33, 0.2, 0.35, 0.3, 0.15, 0.4];

/** A linear congruential generator, begun far apart for neighbouring seeds, and Box and Muller's transform: the same numbers on every run. */
function gaussians(seed: number): () => number {
  let state = Math.imul(seed, 2654435761) >>> 0;
  const uniform = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
  for (let i = 0; i < 8; i++) uniform();
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

/** Where the light lies against the limits, LV. */
const WHERE = {
  inside: [8, 9, 10, 11, 12, 9.5, 10.5, 11.5],
  near: [13.6, 13.8, 14, 14.2, 6.3, 6, 5.8, 13.9],
  past: [15.5, 15, 16, 4.5, 5, 15.2, 4.8, 14.7]
} as const;

/** One camera with eight judged frames: its bias and what was seen. */
function simulated(seed: number, lights: readonly number[]) {
  const gauss = gaussians(seed * 7919);
  const [bias, batch] = [CAMERA_SD * gauss(), BATCH_SD * gauss()];
  const seen = lights.map((lv, i): Observation => {
    const frame = frameWith(CAMERA, FILM, {
      ...{ id: `f${i}`, number: i, choice: { aperture: 0 } },
      light: { ...STARTING_LIGHT, lv, sdStops: LIGHT_SD }
    });
    const observation = observationOf({
      ...{ frame, camera: CAMERA, film: FILM },
      judgement: judgementWith({ frameId: frame.id, outcome: { kind: 'tone', stops: 0 } })
    });
    if (!observation) throw new Error('no evidence');
    const off = LIGHT_SD * gauss();
    const wanted = lv + off + EYE_SD * gauss() - bias - batch;
    const error = lv + off - Math.min(MAX, Math.max(MIN, wanted));
    const stops = error + FRAME_SD * gauss() + TONE_SD * gauss();
    return { ...observation, batchId: 'b', seen: { kind: 'near', stops, sd: TONE_SD } };
  });
  return { bias, seen };
}

const learned = (seen: readonly Observation[]) =>
  learnBias(seen, { camera: [{ weight: 1, sd: CAMERA_SD }], batchSd: () => BATCH_SD }).camera;

/** The posterior's sd by a sum over light and reading of every frame, with the camera written out by hand. */
function exactSd(lights: readonly number[], seen: readonly Observation[]): number {
  const steps = Array.from({ length: 25 }, (_, i) => (i - 12) / 3);
  const own = FRAME_SD ** 2 + TONE_SD ** 2;
  const said = (both: number): number =>
    seen.reduce((product, o, i) => {
      const lv = lights[i] ?? 0;
      const stops = o.seen.kind === 'near' ? o.seen.stops : 0;
      let sum = 0;
      for (const e of steps)
        for (const w of steps) {
          const wanted = lv + LIGHT_SD * e + EYE_SD * w - both;
          const error = lv + LIGHT_SD * e - Math.min(MAX, Math.max(MIN, wanted));
          sum += Math.exp(-(e * e + w * w) / 2 - (stops - error) ** 2 / 2 / own);
        }
      return product * sum;
    }, 1);
  const line = Array.from({ length: 81 }, (_, i) => (i - 40) * 0.05);
  const told = line.map(said);
  let [total, mean, square] = [0, 0, 0];
  for (const c of line)
    for (const [i, both] of line.entries()) {
      const p = (told[i] ?? 0) * Math.exp(-((c / CAMERA_SD) ** 2) / 2 - ((both - c) / BATCH_SD) ** 2 / 2);
      [total, mean, square] = [total + p, mean + p * c, square + p * c * c];
    }
  return Math.sqrt(square / total - (mean / total) ** 2);
}

describe.each(['inside', 'near', 'past'] as const)('%s the limits', (where) => {
  const lights = WHERE[where];
  test('intervals of 95 hold in 93 of 100 or more, and nothing is off on the whole', () => {
    let [within, off] = [0, 0];
    for (let seed = 1; seed <= 200; seed++) {
      const { bias, seen } = simulated(seed, lights);
      const { stops, sd } = learned(seen);
      if (Math.abs(stops - bias) <= 1.96 * sd) within += 1;
      off += (stops - bias) / 200;
    }
    expect(within / 200).toBeGreaterThanOrEqual(0.93);
    // the mean of 200 biases spreads by a fourteenth of one
    expect(Math.abs(off)).toBeLessThan((3 * CAMERA_SD) / Math.sqrt(200));
  }, 60_000);

  test('no more than a fifth wider than what can be known', () => {
    for (let seed = 1; seed <= 8; seed++) {
      const { seen } = simulated(seed, lights);
      const ratio = learned(seen).sd / exactSd(lights, seen);
      expect(ratio).toBeGreaterThan(0.97);
      expect(ratio).toBeLessThan(1.2);
    }
  }, 60_000);
});

test('past a limit the bias makes no difference: what is learned is what was believed', () => {
  const { seen } = simulated(1, [18, 18.5, 2, 1.5]);
  expect(learned(seen).sd).toBeCloseTo(CAMERA_SD, 2);
});
