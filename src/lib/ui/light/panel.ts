// What every way in the light panel is given: the light as it stands, and where a new one goes.
import { NO_MODIFIERS, type EyeClue, type LightModifiers } from '#core/light/by-eye.ts';
import type { LightChoice, LightWay } from '#core/ways/choice.ts';

/** The light that a panel shows and changes. */
export interface LightPanelWay {
  readonly light: LightChoice;
  onlight: (light: LightChoice) => void;
}

/** The view of a light found by eye; null for every other way. */
export function viewOf(way: LightWay): EyeClue | null {
  if (way.kind === 'shadow') return { school: 'shadow', clue: way.clue };
  return way.kind === 'sky' ? { school: 'sky', clue: way.clue } : null;
}

/** What changed a light found by eye; nothing for every other way. */
export function modifiersOf(way: LightWay): LightModifiers {
  if (way.kind !== 'shadow' && way.kind !== 'sky') return NO_MODIFIERS;
  const { bright, backlit, shaded, lowSun } = way;
  return { bright, backlit, shaded, lowSun };
}
