// How far the light may fall or rise before a frame is no longer possible (P < 0.5) with the setting as it stands.
import { errorsWithChance } from './reach.ts';
import { POSSIBLE, type Verdict } from './verdict.ts';

/** Stops the light may fall and rise; negative when it already is beyond. */
export interface Room {
  readonly fallStops: number;
  readonly riseStops: number;
}

/** Room of a verdict; null when no light would make the frame possible with this uncertainty. */
export function roomOf(verdict: Verdict): Room | null {
  const errors = errorsWithChance(verdict.window.usable, verdict.sdStops, POSSIBLE);
  return errors && { fallStops: verdict.deltaStops - errors.lo, riseStops: errors.hi - verdict.deltaStops };
}
