// A step darker and a step lighter than a setting: by lighten–darken where the camera has it, else by the setting that comes
// nearest to a stop away with the fewest controls to move. For print strips, and for brackets.
import { positionsOf } from '../camera/camera.ts';
import { allSettings, changesBetween, controlFor, settingOf, type Setting } from '../camera/setting.ts';
import { candidateOf } from '../chance/candidate.ts';
import { certainFailure, focusAt, stillnessAt, TOLD_UNDER } from '../chance/conditions.ts';
import { prepare } from '../chance/prepared.ts';
import type { Situation } from '../error/situation.ts';

/** Settings on either side of one; null where the camera has none. */
export interface Steps {
  readonly darker: Setting | null;
  readonly lighter: Setting | null;
}

/** A step without lighten–darken lies between these, stops. */
const STEP_STOPS = { least: 0.4, most: 1.7, wanted: 1 } as const;

/**
 * The steps.
 * @param setting whose neighbours are asked for
 * @returns the next setting to either side; null where there is none
 */
export function stepsAround(situation: Situation, setting: Setting): Steps {
  const { camera } = situation;
  const control = controlFor(camera, 'compensation');
  if (!control) return { darker: nearStop(situation, setting, -1), lighter: nearStop(situation, setting, 1) };
  const here = setting.compensationStops;
  const beside = (direction: 1 | -1): Setting | null => {
    const found = positionsOf(control)
      .map(({ value }, index) => ({ index, away: (value - here) * direction }))
      .filter((p) => p.away > 0)
      .sort((a, b) => a.away - b.away)[0];
    return found ? settingOf(camera, { ...setting.choice, [control.id]: found.index }) : null;
  };
  return { darker: beside(-1), lighter: beside(1) };
}

function nearStop(situation: Situation, from: Setting, direction: 1 | -1): Setting | null {
  const { camera, light } = situation;
  const prepared = prepare(situation);
  const deltaOf = (s: Setting): number => candidateOf(prepared, s).frameAt(light.lv).deltaStops;
  // hand, subject and focus together, whatever the exposure
  const heldAt = (s: Setting): boolean => {
    const { seconds, fNumber } = candidateOf(prepared, s).frameAt(light.lv).exposure;
    const { limits } = prepared;
    if (certainFailure(limits, s, seconds)) return false;
    return stillnessAt(limits, seconds) * focusAt(camera, limits, s, fNumber) >= TOLD_UNDER;
  };
  const start = deltaOf(from);
  const found = allSettings(camera, from.choice)
    .map((s) => ({ s, away: (deltaOf(s) - start) * direction }))
    .filter(({ away }) => away >= STEP_STOPS.least && away <= STEP_STOPS.most)
    .map(({ s, away }) => ({
      s,
      key:
        (heldAt(from) && !heldAt(s) ? 100 : 0) +
        changesBetween(camera, from.choice, s.choice) * 10 +
        Math.abs(away - STEP_STOPS.wanted)
    }))
    .sort((a, b) => a.key - b.key);
  return found[0]?.s ?? null;
}
