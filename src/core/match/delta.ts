// The error of a setting, Δ in stops (+ = more light on the film than asked for), as a sum that shows its terms.
// Δ = LV + log2(S_eff/100) − EVset − D_filter − 2·log2(1 + m) + r(t). APEX: Exif 2.32 (CIPA DC-008-2019) Annex C.
import type { Camera } from '../camera/camera.ts';
import { controlFor, positionAt, type Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import { speedStops } from '../units/film-speed.ts';

/** Which part of the sum a term is. */
export type TermKind =
  'light' | 'film-speed' | 'development' | 'age' | 'setting' | 'filter' | 'close-focus' | 'reciprocity';

/** One term of Δ in stops. */
export interface Term {
  readonly term: TermKind;
  readonly stops: number;
}

/** What stands between subject and film beside the camera's own parts. */
export interface Attachments {
  /** Filters in front of the lens, stops ≥ 0. */
  readonly filterStops: number;
}

/** Nothing in front of the lens. */
export const NO_ATTACHMENTS: Attachments = { filterStops: 0 };

/**
 * Magnification at a subject distance: m = f/(s − f); 0 at infinity.
 * @param focalMm > 0 @param subjectM metres, beyond the focal length
 * @throws {RangeError} when the subject is nearer than the focal length
 */
export function magnification(focalMm: number, subjectM: number): number {
  if (subjectM === Infinity) return 0;
  const beyondMm = subjectM * 1000 - focalMm;
  if (!(beyondMm > 0))
    throw new RangeError(`subjectM must be beyond the focal length ${focalMm} mm, got ${subjectM} m`);
  return focalMm / beyondMm;
}

/**
 * The terms of Δ for a light. Light, film speed and setting are always there; the others only when they are not 0.
 * @param lv light on the subject
 * @returns terms whose stops add up to Δ exactly (in the order given)
 */
export function deltaTerms(
  camera: Camera,
  film: Film,
  setting: Setting,
  lv: number,
  attachments: Attachments = NO_ATTACHMENTS
): readonly Term[] {
  const optional: readonly Term[] = [
    { term: 'development', stops: film.developmentStops },
    { term: 'age', stops: -film.ageStops },
    { term: 'filter', stops: -attachments.filterStops },
    { term: 'close-focus', stops: -2 * Math.log2(1 + focusMagnification(camera, setting)) },
    { term: 'reciprocity', stops: reciprocityStops(film.reciprocity, setting.seconds) }
  ];
  return [
    { term: 'light', stops: lv },
    { term: 'film-speed', stops: speedStops(film.iso) },
    { term: 'setting', stops: -setting.ev },
    ...optional.filter((t) => t.stops !== 0)
  ];
}

/** Δ itself: the sum of {@link deltaTerms}. */
export function sumTerms(terms: readonly Term[]): number {
  return terms.reduce((sum, t) => sum + t.stops, 0);
}

function focusMagnification(camera: Camera, setting: Setting): number {
  const focus = controlFor(camera, 'focus');
  // a lens that cannot be moved keeps its distance from the film, so nothing is lost close up
  if (focus?.kind !== 'marked') return 0;
  const position = positionAt(focus, setting.choice);
  return position ? magnification(camera.focalMm, position.value) : 0;
}
