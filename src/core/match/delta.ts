// The error of a setting, Δ in stops (+ = more light on the film than asked for), as a sum that shows its terms.
// Set by hand: Δ = LV + log2(S_eff/100) − EVset − D_film + b − 2·log2(1 + m) + r(t).
// Set by the camera: it reads LV_m and wants EV = LV_m − D_eye + log2(S_dial/100) − ld − b; inside its limits
// Δ = (LV − LV_m) + log2(S_eff/S_dial) + ld + b − D_film + D_eye − 2·log2(1 + m) + r(t); beyond, each stop is a stop of error.
// APEX: Exif 2.32 (CIPA DC-008-2019) Annex C.
import { respond, type Exposure } from '../camera/respond.ts';
import type { Camera } from '../camera/camera.ts';
import { controlFor, positionAt, type Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import { speedStops } from '../units/film-speed.ts';
import { eyeFilterStops, filmFilterStops, type Filter } from './filters.ts';

/** Which part of the sum a term is. */
export type TermKind =
  | 'light'
  | 'film-speed'
  | 'setting'
  | 'eye'
  | 'film-over-dial'
  | 'compensation'
  | 'limit'
  | 'bias'
  | 'development'
  | 'age'
  | 'filter'
  | 'eye-filter'
  | 'close-focus'
  | 'reciprocity';

/** One term of Δ in stops. */
export interface Term {
  readonly term: TermKind;
  readonly stops: number;
}

/** What is true beside camera and film when the frame is taken. */
export interface Circumstances {
  readonly filters: readonly Filter[];
  /** Stops by which the camera's eye sees more light than the subject has. */
  readonly eyeOffsetStops: number;
}

/** No filter, and the eye in the subject's light. */
export const PLAIN: Circumstances = { filters: [], eyeOffsetStops: 0 };

/** A frame's error with what the camera did. */
export interface ErrorOfFrame {
  readonly terms: readonly Term[];
  readonly exposure: Exposure;
}

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

/** The exposure value the camera asks for when its eye reads `readLv`. Meaningless on manual cameras, which ask for nothing. */
export function wantedEv(
  camera: Camera,
  setting: Setting,
  readLv: number,
  circumstances: Circumstances
): number {
  const dial = speedStops(setting.dialIso ?? 100);
  return (
    readLv -
    eyeFilterStops(camera, circumstances.filters) +
    dial -
    setting.compensationStops -
    camera.biasStops
  );
}

/** Stops between subject and film that do not depend on the light: film speed as it is now, filters, lens moved out. */
export function constantStops(
  camera: Camera,
  film: Film,
  setting: Setting,
  circumstances: Circumstances
): number {
  return (
    sumTerms(filmTerms(film)) + sumTerms(pathTerms(camera, setting, circumstances)) + speedStops(film.iso)
  );
}

/**
 * The terms of Δ when light and reading are just so.
 * @param lv light on the subject @param readLv light the eye reads; the subject's own if left out
 * @returns terms whose stops add up to Δ; the main ones always, others only when they are not 0
 */
export function errorOfFrame(
  camera: Camera,
  film: Film,
  setting: Setting,
  lv: number,
  circumstances: Circumstances = PLAIN,
  readLv: number = lv + circumstances.eyeOffsetStops
): ErrorOfFrame {
  const wanted = wantedEv(camera, setting, readLv, circumstances);
  const exposure = respond(camera, setting, wanted);
  const { eye, own } = ownTerms(camera, film, setting, lv, readLv, wanted, exposure);
  const optional: readonly Term[] = [
    ...eye,
    { term: 'bias', stops: camera.biasStops },
    ...filmTerms(film),
    ...pathTerms(camera, setting, circumstances),
    ...(camera.program.kind === 'manual' ? [] : [eyeFilterTerm(camera, circumstances)]),
    { term: 'reciprocity', stops: reciprocityStops(film.reciprocity, exposure.seconds) }
  ];
  return { terms: [...own, ...optional.filter((t) => t.stops !== 0)], exposure };
}

function ownTerms(
  camera: Camera,
  film: Film,
  setting: Setting,
  lv: number,
  readLv: number,
  wanted: number,
  exposure: Exposure
): { readonly own: readonly Term[]; readonly eye: readonly Term[] } {
  if (camera.program.kind === 'manual') {
    const own: readonly Term[] = [
      { term: 'light', stops: lv },
      { term: 'film-speed', stops: speedStops(film.iso) },
      { term: 'setting', stops: -exposure.ev }
    ];
    return { own, eye: [] };
  }
  const own: readonly Term[] = [
    { term: 'film-over-dial', stops: Math.log2(film.iso / (setting.dialIso ?? 100)) }
  ];
  const eye: readonly Term[] = [
    { term: 'eye', stops: lv - readLv },
    { term: 'compensation', stops: setting.compensationStops },
    { term: 'limit', stops: wanted - exposure.ev }
  ];
  return { own, eye };
}

function filmTerms(film: Film): readonly Term[] {
  return [
    { term: 'development', stops: film.developmentStops },
    { term: 'age', stops: -film.ageStops }
  ];
}

function pathTerms(camera: Camera, setting: Setting, circumstances: Circumstances): readonly Term[] {
  // an eye behind the lens sees what the lens loses by moving out, so that nothing is lost
  const seesLens = camera.program.kind !== 'manual' && camera.program.eye.place === 'behind-lens';
  const close = seesLens ? 0 : -2 * Math.log2(1 + focusMagnification(camera, setting));
  return [
    { term: 'filter', stops: -filmFilterStops(circumstances.filters) },
    { term: 'close-focus', stops: close }
  ];
}

function eyeFilterTerm(camera: Camera, circumstances: Circumstances): Term {
  return { term: 'eye-filter', stops: eyeFilterStops(camera, circumstances.filters) };
}

/** The sum of terms. */
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
