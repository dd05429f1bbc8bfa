// Why a measured opening is refused, in words.
import type { OpeningProblem } from '#core/bench/opening.ts';

/** What to write instead. */
export const OPENING_WORDS: Readonly<Record<OpeningProblem, string>> = {
  unreadable: 'Write the diameter in millimetres, 5.9, or focal length and diameter, 95 / 5.9.',
  'no-focal-length': 'Write the focal length too: 95 / 5.9.',
  'not-positive': 'Both have to be more than 0 mm.',
  'wider-than-long': 'That is wider than any lens: the focal length comes first, 95 / 5.9.'
};
