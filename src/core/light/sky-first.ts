// Light by eye, from the sky: clue f-number N at 1/ISO means LV = log2(100·N²). Common practice, no source: the school that
// looks up first. It differs from the shadow school in the shade, where it thinks of trees and porches.
import type { Contrast } from './contrast.ts';

/** What the sky looks like, or what stands between it and the subject. */
export type SkyClue = 'clear' | 'few' | 'mostly' | 'overcast' | 'shade' | 'deep';

/** One step of the school. */
export interface SkyStep {
  readonly clue: SkyClue;
  /** The full-stop f-number that photographers say for it, at 1/ISO. */
  readonly markedFNumber: number;
  /** How well a person judges it, one sd in stops. */
  readonly sdStops: number;
  readonly contrast: Contrast;
}

/** The school, brightest first. */
export const SKY_STEPS: readonly SkyStep[] = [
  { clue: 'clear', markedFNumber: 16, sdStops: 0.35, contrast: 'normal' },
  { clue: 'few', markedFNumber: 11, sdStops: 0.5, contrast: 'normal' },
  { clue: 'mostly', markedFNumber: 8, sdStops: 0.7, contrast: 'normal' },
  { clue: 'overcast', markedFNumber: 5.6, sdStops: 0.8, contrast: 'flat' },
  { clue: 'shade', markedFNumber: 4, sdStops: 1, contrast: 'flat' },
  { clue: 'deep', markedFNumber: 2.8, sdStops: 1, contrast: 'flat' }
];

/**
 * The step of a clue.
 * @param clue of the sky school
 * @returns its mark, spread and contrast
 */
export function skyStep(clue: SkyClue): SkyStep {
  const step = SKY_STEPS.find((s) => s.clue === clue);
  if (!step) throw new RangeError(`clue must be one of the sky steps, got ${clue}`);
  return step;
}
