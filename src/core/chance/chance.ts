// The chance that a frame's error falls in a window, for one setting in one situation.
import type { Setting } from '../camera/setting.ts';
import type { StopWindow } from '../film/window.ts';
import { candidateOf } from './candidate.ts';
import { prepare } from './prepared.ts';
import type { Situation } from '../error/situation.ts';

/**
 * Chance 0…1 that the error of a setting falls in the window.
 * @param window stops from and to, + = over; its ends may be infinite
 * @returns 0…1, of exposure alone
 */
export function chanceWithin(situation: Situation, setting: Setting, window: StopWindow): number {
  return candidateOf(prepare(situation), setting).chanceAt(situation.light.lv, window);
}
