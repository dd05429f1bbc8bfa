// Words people have for the light outdoors, and the clue that each stands for.
import type { EyeClue } from './by-eye.ts';

/** Patterns in small letters, brightest first. */
export const CLUE_PATTERNS: readonly (readonly [pattern: RegExp, clue: EyeClue])[] = [
  [
    /\b(full sun|bright sun|sun|sunny|sharp (edge|shadows?)|clear (sun|sky))\b/,
    { school: 'shadow', clue: 'sharp' }
  ],
  [
    /\b(soft (edge|shadows?)|hazy( sun)?|haze|thin cloud|few clouds|veiled sun)\b/,
    { school: 'shadow', clue: 'soft' }
  ],
  [/\b(barely there|mostly cloud|bright cloud|cloudy bright)\b/, { school: 'shadow', clue: 'barely' }],
  [/\b(overcast|no shadows?|cloudy|clouds?|grey( sky)?|dull)\b/, { school: 'shadow', clue: 'none' }],
  [/\b(under (the )?(leaves|trees)|open shade|shade)\b/, { school: 'shadow', clue: 'leaf' }],
  [/\b(deep shade|under (a |the )?roof)\b/, { school: 'shadow', clue: 'deep' }]
];

/**
 * The clue that a whole text stands for.
 * @param text as typed, in any case
 * @returns the clue; null where it says something else
 */
export function clueFromWords(text: string): EyeClue | null {
  const words = text.trim().toLowerCase();
  const found = CLUE_PATTERNS.find(([pattern]) => pattern.exec(words)?.[0] === words);
  return found?.[1] ?? null;
}
