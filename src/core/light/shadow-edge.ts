// Light by eye, from the edge of a shadow: clue f-number N at 1/ISO means LV = log2(100·N²).
// Common practice, no source (the sunny sixteen rule and its cousins).
import type { Contrast } from './contrast.ts';

/** What the shadow of a person or a stick looks like. */
export type ShadowClue = 'sharp' | 'soft' | 'barely' | 'none' | 'leaf' | 'deep';

/** One step of the school. */
export interface ShadowStep {
  readonly clue: ShadowClue;
  /** The full-stop f-number that photographers say for it, at 1/ISO. */
  readonly markedFNumber: number;
  /** How well a person judges it, one sd in stops, until their own record says better. */
  readonly sdStops: number;
  readonly contrast: Contrast;
}

/** The school, brightest first. `barely` is also the shaded side of a subject in sun, judged for itself. */
export const SHADOW_STEPS: readonly ShadowStep[] = [
  { clue: 'sharp', markedFNumber: 16, sdStops: 0.35, contrast: 'normal' },
  { clue: 'soft', markedFNumber: 11, sdStops: 0.5, contrast: 'normal' },
  { clue: 'barely', markedFNumber: 8, sdStops: 0.7, contrast: 'normal' },
  { clue: 'none', markedFNumber: 5.6, sdStops: 0.8, contrast: 'flat' },
  { clue: 'leaf', markedFNumber: 4, sdStops: 1, contrast: 'flat' },
  { clue: 'deep', markedFNumber: 2.8, sdStops: 1, contrast: 'flat' }
];

/**
 * The step of a clue.
 * @param clue of the shadow school
 * @returns its mark, spread and contrast
 */
export function shadowStep(clue: ShadowClue): ShadowStep {
  const step = SHADOW_STEPS.find((s) => s.clue === clue);
  if (!step) throw new RangeError(`clue must be one of the shadow steps, got ${clue}`);
  return step;
}
