// The drawn clues, as pictures a style can show: a drawing made of page elements would be painted anew with every move of the light.
import type { EyeClue } from '#core/light/by-eye.ts';

const FILES = import.meta.glob<string>('./clues/*.svg', { eager: true, query: '?inline', import: 'default' });

/** The drawing of a clue (a post and its shadow, or a sky) as a CSS image. */
export function cluePicture({ school, clue }: EyeClue): string {
  return `url("${FILES[`./clues/${school}-${clue}.svg`] ?? ''}")`;
}
