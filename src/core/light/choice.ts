// The light as the photographer chose it: by which way, and what that came to.
import type { Contrast } from './contrast.ts';
import type { LightValue } from './lv.ts';
import { lightFromShadow, type LightModifiers, type ShadowClue } from './shadow-edge.ts';

/** How the light was found. `hand`: the marker was put there on the ruler. */
export type LightWay =
  | ({ readonly kind: 'shadow'; readonly clue: ShadowClue } & LightModifiers)
  | { readonly kind: 'reading'; readonly text: string }
  | { readonly kind: 'hand' };

/** A light, the way it was found and the contrast that goes with it. */
export interface LightChoice extends LightValue {
  readonly way: LightWay;
  readonly contrast: Contrast;
}

/** Starting sd of an incident reading in stops. Common practice, no source. */
export const READING_SD = 0.25;

/** The light of a shadow clue. */
export function choiceFromShadow(clue: ShadowClue, modifiers: LightModifiers): LightChoice {
  return { way: { kind: 'shadow', clue, ...modifiers }, ...lightFromShadow(clue, modifiers) };
}

/** The light that the program starts with: a sharp shadow edge. */
export const STARTING_LIGHT: LightChoice = choiceFromShadow('sharp', { bright: false, backlit: false });
