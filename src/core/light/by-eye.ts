// Light by eye: what either school says about a view, with what changes it, and where the schools part.
// Modifiers: common practice, no source; the hours after sunrise agree with the sum of sun and sky within half a stop.
import { exactFNumber } from '../units/series.ts';
import type { Contrast } from './contrast.ts';
import type { LightValue } from './lv.ts';
import { shadowStep, type ShadowClue } from './shadow-edge.ts';
import { skyStep, type SkyClue } from './sky-first.ts';

/** How low the sun stands: after sunrise or before sunset. */
export const LOW_SUNS = ['no', 'hour', 'half-hour'] as const;
/** @see LOW_SUNS */
export type LowSun = (typeof LOW_SUNS)[number];

/** What changes the light beside the clue. */
export interface LightModifiers {
  /** Snow or pale sand all around: one stop more. */
  readonly bright: boolean;
  /** The subject is lit from behind: one stop less on the side we see. */
  readonly backlit: boolean;
  /** The subject's own shaded side, while the sun shines elsewhere. */
  readonly shaded: boolean;
  /** Within an hour of sunrise or sunset: one stop less; within half an hour: two. */
  readonly lowSun: LowSun;
}

/** Nothing changes the light. */
export const NO_MODIFIERS: LightModifiers = { bright: false, backlit: false, shaded: false, lowSun: 'no' };

/** The stops of each modifier; a shaded side is looked up instead. */
export const MODIFIER_STOPS = { bright: 1, backlit: -1, hour: -1, 'half-hour': -2 } as const;

/** A view by one school's clue. */
export type EyeClue =
  | { readonly school: 'shadow'; readonly clue: ShadowClue }
  | { readonly school: 'sky'; readonly clue: SkyClue };
/** The schools. */
export type School = EyeClue['school'];
/** @see School */
export const SCHOOLS = ['shadow', 'sky'] as const satisfies readonly School[];

/** Clues of both schools for one view. */
export const SAME_VIEW: readonly (readonly [ShadowClue, SkyClue])[] = [
  ['sharp', 'clear'],
  ['soft', 'few'],
  ['barely', 'mostly'],
  ['none', 'overcast'],
  ['leaf', 'shade'],
  ['deep', 'deep']
];

/** Clues under which the sun shines, so that a subject has a shaded side. */
const SUNLIT: readonly string[] = ['sharp', 'soft', 'clear', 'few'];
/** The shaded side: a big open sky lights it, says the shadow school; a porch or tree does, says the other. */
const SHADED: Readonly<Record<School, { readonly markedFNumber: number; readonly sdStops: number }>> = {
  shadow: { markedFNumber: 8, sdStops: 0.7 },
  sky: { markedFNumber: 4, sdStops: 1 }
};

/** A light with the contrast that goes with it. */
export interface LightByEye extends LightValue {
  readonly contrast: Contrast;
  /** The full-stop f-number of the clue at 1/ISO, before modifiers. */
  readonly markedFNumber: number;
}

/**
 * Light of a clue with its modifiers. LV = log2(100·N²) with the f-number of its mark: f/16 is 14.64, f/11 a stop less, and so on.
 * @param view a clue of either school
 * @param modifiers what changes the light beside it
 * @returns LV with one sd in stops, contrast, and the mark before modifiers
 */
export function lightByEye(view: EyeClue, modifiers: LightModifiers): LightByEye {
  const step = view.school === 'shadow' ? shadowStep(view.clue) : skyStep(view.clue);
  const shaded = modifiers.shaded && SUNLIT.includes(view.clue);
  const { markedFNumber, sdStops } = shaded ? SHADED[view.school] : step;
  // a shaded side is not lit from behind as well: that stop is in it
  const backlit = modifiers.backlit && !shaded;
  const added =
    (modifiers.bright ? MODIFIER_STOPS.bright : 0) +
    (backlit ? MODIFIER_STOPS.backlit : 0) +
    (modifiers.lowSun === 'no' ? 0 : MODIFIER_STOPS[modifiers.lowSun]);
  return {
    lv: Math.log2(100 * exactFNumber(markedFNumber, 'full') ** 2) + added,
    sdStops,
    contrast: backlit ? 'backlit' : shaded ? 'flat' : step.contrast,
    markedFNumber
  };
}

/**
 * The same view in the words of the other school.
 * @param view a clue of one school
 * @returns the clue of the other
 */
export function otherSchool(view: EyeClue): EyeClue {
  if (view.school === 'shadow') {
    const clue = SAME_VIEW.find(([shadow]) => shadow === view.clue)?.[1] ?? 'clear';
    return { school: 'sky', clue };
  }
  const clue = SAME_VIEW.find(([, sky]) => sky === view.clue)?.[0] ?? 'sharp';
  return { school: 'shadow', clue };
}
