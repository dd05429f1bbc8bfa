// The film that prints are judged on in drills: one that shows by itself what a frame got. A print from a negative is made for mid
// grey, and hides it.
import { isNegative, TYPICAL_RANGE, type Film } from '../film/film.ts';
import { PLAIN_FILM_TRAITS } from '../film/traits.ts';

/** A slide film like any. */
const SLIDE: Film = {
  ...{ id: 'slide', name: 'slide film', kind: 'reversal', iso: 100, reciprocity: { kind: 'none' } },
  ...{ belowStops: TYPICAL_RANGE.reversal.below, aboveStops: TYPICAL_RANGE.reversal.above },
  ...{ developmentStops: 0, ageStops: 0, sdStops: 0.2, formats: ['135'], frames: 36 },
  ...PLAIN_FILM_TRAITS
};

/** The film in hand if it shows its own exposure, else another one that does. @param others films of the kit */
export function judgedFilm(inHand: Film | null, others: readonly Film[]): Film {
  const shows = (film: Film): boolean => !isNegative(film.kind);
  return (inHand && shows(inHand) ? inHand : others.find(shows)) ?? SLIDE;
}
