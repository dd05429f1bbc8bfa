// On which side of right a frame came out.
import type { Outcome } from './judgement.ts';

/** Too little light, right, or too much. */
export type OutcomeSide = 'dark' | 'right' | 'light';

const DARK: readonly string[] = ['nothing-dark', 'too-dark', 'shadows-empty', 'thin'];

/**
 * The side of an outcome.
 * @returns dark, light or right
 */
export function sideOf(outcome: Outcome): OutcomeSide {
  if (outcome.kind === 'tone') return outcome.stops < 0 ? 'dark' : outcome.stops > 0 ? 'light' : 'right';
  if (outcome.word === 'right') return 'right';
  return DARK.includes(outcome.word) ? 'dark' : 'light';
}

/** A frame so many stops off is still one to keep. Common practice, no source. */
const KEEPER_STOPS = 1;

/**
 * Whether a frame is one to keep: right, or within a stop of it, and nothing else went wrong. Common practice, no source.
 * @param faults what else went wrong; empty = nothing
 * @returns false where there is a fault
 */
export function isKeeper(outcome: Outcome, faults: readonly string[]): boolean {
  if (faults.length > 0) return false;
  return outcome.kind === 'tone' ? Math.abs(outcome.stops) <= KEEPER_STOPS : outcome.word === 'right';
}
