// How far the light may fall or rise before a frame is no longer possible (P < 0.5) with the setting as it stands.
import { candidateOf } from './candidate.ts';
import { prepare } from './prepared.ts';
import type { Situation } from '../error/situation.ts';
import { POSSIBLE, type Verdict } from './verdict.ts';

/** Stops the light may fall and rise; null = further than the scale of light goes. */
export interface Room {
  readonly fallStops: number | null;
  readonly riseStops: number | null;
}

/** More than this is more than any light on the scale. */
const MOST_STOPS = 26;
const STEP_STOPS = 0.5;

/**
 * Room of a verdict; null when the frame is not possible as it stands. Found by walking and bisection, to 1e-6 stop.
 * @param verdict of the setting as it stands
 * @returns stops ≥ 0 each way
 */
export function roomOf(situation: Situation, verdict: Verdict): Room | null {
  const candidate = candidateOf(prepare(situation), verdict.setting);
  const possible = (by: number): boolean => candidate.chancesAt(situation.light.lv + by).usable >= POSSIBLE;
  if (!possible(0)) return null;
  return { fallStops: edge(possible, -1), riseStops: edge(possible, 1) };
}

function edge(possible: (by: number) => boolean, direction: 1 | -1): number | null {
  let inside = 0;
  while (possible(direction * (inside + STEP_STOPS))) {
    inside += STEP_STOPS;
    if (inside >= MOST_STOPS) return null;
  }
  let outside = inside + STEP_STOPS;
  while (outside - inside > 1e-6) {
    const middle = (inside + outside) / 2;
    if (possible(direction * middle)) inside = middle;
    else outside = middle;
  }
  return inside;
}
