// Phones that do not exist: five tone curves, what they do to a patch, and a seeded source of normal numbers.
import { codeOf, LINEAR, type Patch } from './luminance.ts';

/** A simulated phone. */
export interface SimulatedPhone {
  readonly name: string;
  /** Linear light in, 0.18 for its grey, linear luminance of the picture out. */
  readonly curve: (light: number) => number;
  /** By how much its gain differs from picture to picture without being told, one sd in stops. */
  readonly gainSd: number;
}

/** A sigmoid through its grey. */
const sigmoid =
  (slope: number, brighter = 0) =>
  (light: number): number => {
    const odds = ((light * 2 ** brighter) / 0.18) ** slope * (0.18 / 0.82);
    return odds / (1 + odds);
  };

/** Five kinds, in equal parts. */
export const PHONES: readonly SimulatedPhone[] = [
  { name: 'plain', curve: (light) => light, gainSd: 0.05 },
  { name: 'S', curve: sigmoid(1.55), gainSd: 0.05 },
  { name: 'S and brighter', curve: sigmoid(1.5, 0.3), gainSd: 0.05 },
  { name: 'local', curve: (light) => 0.18 * (light / 0.18) ** 0.9, gainSd: 0.2 },
  { name: 'unknown gain', curve: (light) => light, gainSd: 0.4 }
];

/** A patch that really was x stops lighter than grey, as a phone gives it: noise, eight bits, and what runs off. */
export function patchIn({ curve }: SimulatedPhone, x: number, random: () => number): Patch {
  const light = curve(0.18 * 2 ** (x + 0.1 * random()));
  const code = codeOf(Math.min(1, Math.max(0, light)));
  return { luminance: LINEAR[code] ?? 0, clipped: code >= 250 ? 1 : 0, blocked: code <= 12 ? 1 : 0 };
}

/** Normal numbers, mean 0 and sd 1, the same ones for the same seed. Box and Muller (1958) on a linear congruential generator. */
export function normals(seed: number): () => number {
  let state = seed;
  const uniform = (): number => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}
