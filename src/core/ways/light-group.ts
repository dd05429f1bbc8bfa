// Kinds of light, as a person calls them: what their guesses are told apart by.
import { otherSchool } from '../light/by-eye.ts';
import { sceneById, type SceneGroup } from '../light/scenes.ts';
import { SHADOW_STEPS, shadowStep, type ShadowClue } from '../light/shadow-edge.ts';
import type { LightChoice, LightWay } from './choice.ts';

/** A kind of light: a clue of the open, or a group of named scenes. */
export type LightGroup = ShadowClue | SceneGroup;
/** All of them, brightest first. */
export const LIGHT_GROUPS = [
  ...(['sharp', 'soft', 'barely', 'none', 'leaf', 'deep'] as const),
  ...(['indoors', 'dusk', 'night'] as const)
] satisfies readonly LightGroup[];

/**
 * How well the schools say that a kind is guessed, one sd in stops. Common practice, no source.
 * @returns stops > 0
 */
export function schoolSd(group: LightGroup): number {
  return group === 'indoors' || group === 'dusk' || group === 'night' ? 1 : shadowStep(group).sdStops;
}

/** Under the darkest clue of the open it is indoors, and under this night: LV. Common practice, no source. */
const NIGHT_LV = 3.5;

/**
 * The kind that a light value is usual for.
 * @param lv of the light, as a dome reads it
 * @returns the kind
 */
export function groupOfLv(lv: number): LightGroup {
  const nearest = SHADOW_STEPS.find((s) => lv >= Math.log2(100 * s.markedFNumber ** 2) - 0.5);
  return nearest?.clue ?? (lv >= NIGHT_LV ? 'indoors' : 'night');
}

/**
 * The kind that a person called a light: by the clue or scene they chose, or by how much it is.
 * @returns the kind
 */
export function groupOf({ way, lv }: Pick<LightChoice, 'way' | 'lv'>): LightGroup {
  switch (way.kind) {
    case 'shadow':
      return way.clue;
    case 'sky': {
      const view = otherSchool({ school: 'sky', clue: way.clue });
      return view.school === 'shadow' ? view.clue : groupOfLv(lv);
    }
    case 'scene':
      return sceneById(way.scene)?.group ?? groupOfLv(lv);
    case 'reading':
    case 'sun':
    case 'picture':
    case 'frame':
    case 'hand':
      return groupOfLv(lv);
  }
}

/**
 * Whether a light was read off something: a meter, or a phone's picture. All else is somebody's or something's guess.
 * @returns false for a picture that tells a bound alone
 */
export function isMetered(way: LightWay): boolean {
  return way.kind === 'reading' || (way.kind === 'picture' && way.bound === 'exact');
}
