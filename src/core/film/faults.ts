// A film's data that cannot be used, as data. Every number that comes from a person is looked at here before it is stored.
import { FILM_SPEED_RANGE } from '../units/film-speed.ts';
import { developedRange, type Film } from './film.ts';
import { firstBadRow } from './reciprocity.ts';

/** What is wrong with a film. */
export type FilmFault =
  | { readonly fault: 'no-range'; readonly belowStops: number; readonly aboveStops: number }
  | { readonly fault: 'bad-speed'; readonly iso: number }
  | { readonly fault: 'bad-number'; readonly field: 'developmentStops' | 'ageStops' | 'sdStops' | 'frames' }
  | { readonly fault: 'bad-reciprocity'; readonly row: number };

/** Development beyond this many stops either way is refused. */
const MAX_DEVELOPMENT_STOPS = 5;

/**
 * Looks a film over; an empty list means it can be used. The range is judged as developed.
 * @returns one for each field that cannot be
 */
export function filmFaults(film: Film): readonly FilmFault[] {
  const faults: FilmFault[] = [];
  const { below, above } = developedRange(film);
  // each end must lie on its own side of mid grey, or mid grey itself could not be shown
  if (!(below > 0 && above > 0 && Number.isFinite(below) && Number.isFinite(above))) {
    faults.push({ fault: 'no-range', belowStops: below, aboveStops: above });
  }
  if (!(film.iso >= FILM_SPEED_RANGE.min && film.iso <= FILM_SPEED_RANGE.max)) {
    faults.push({ fault: 'bad-speed', iso: film.iso });
  }
  const bad = (field: 'developmentStops' | 'ageStops' | 'sdStops' | 'frames', good: boolean): void => {
    if (!good) faults.push({ fault: 'bad-number', field });
  };
  bad('developmentStops', Math.abs(film.developmentStops) <= MAX_DEVELOPMENT_STOPS);
  bad('ageStops', film.ageStops >= 0 && film.ageStops <= 10);
  bad('sdStops', film.sdStops >= 0 && film.sdStops <= 4);
  bad('frames', Number.isInteger(film.frames) && film.frames >= 1);
  const row = reciprocityFault(film);
  if (row !== null) faults.push({ fault: 'bad-reciprocity', row });
  return faults;
}

function reciprocityFault(film: Film): number | null {
  const { reciprocity } = film;
  if (reciprocity.kind === 'none') return null;
  if (reciprocity.kind === 'table') return firstBadRow(reciprocity.rows);
  return reciprocity.p >= 1 && reciprocity.p <= 3 && reciprocity.startSeconds > 0 ? null : 0;
}
