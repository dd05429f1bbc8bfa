// The error of a setting, Δ in stops (+ = more light on the film than asked for), as a sum that shows its terms.
// Set by hand: Δ = LV + log2(S_eff/100) − EVset − D_film + b − 2·log2(1 + m) + r(t).
// Set by the camera: it reads LV_m and wants EV = LV_m − D_eye + log2(S_dial/100) − ld − b; inside its limits
// Δ = (LV − LV_m) + log2(S_eff/S_dial) + ld + b − D_film + D_eye − 2·log2(1 + m) + r(t); beyond, each stop is a stop of error.
// APEX: Exif 2.32 (CIPA DC-008-2019) Annex C.
import { playedBy } from '../camera/played-by.ts';
import type { Exposure } from '../camera/respond.ts';
import { type Camera, eyeOf, positionCount, setsItself } from '../camera/camera.ts';
import { controlFor, positionAt, type Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import { lightKindStops, temperatureStops } from '../film/traits.ts';
import { flashSeconds, mixedStops } from '../flash/flash.ts';
import { speedStops } from '../units/film-speed.ts';
import { magnification } from '../focus/magnification.ts';
import { PLAIN, type Circumstances } from './circumstances.ts';
import { eyeFilterStops, filmFilterStops } from './filters.ts';
import { flashErrorStops, flashFor, respondLit } from './firing.ts';

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
  | 'light-kind'
  | 'temperature'
  | 'filter'
  | 'eye-filter'
  | 'close-focus'
  | 'reciprocity'
  | 'flash'
  | 'exposures';

/** Where a term comes from. */
export type TermSource = 'light' | 'film' | 'camera' | 'setting' | 'filter' | 'flash';

/** The source of each term. */
export const TERM_SOURCES: Readonly<Record<TermKind, TermSource>> = {
  light: 'light',
  'film-speed': 'film',
  setting: 'setting',
  eye: 'light',
  'film-over-dial': 'film',
  compensation: 'setting',
  limit: 'camera',
  bias: 'camera',
  development: 'film',
  age: 'film',
  'light-kind': 'film',
  temperature: 'film',
  filter: 'filter',
  'eye-filter': 'filter',
  'close-focus': 'camera',
  reciprocity: 'film',
  flash: 'flash',
  exposures: 'setting'
};

/** One term of Δ in stops. */
export interface Term {
  readonly term: TermKind;
  readonly stops: number;
}

/** What a flash did for a frame. */
export interface FlashOnFrame {
  /** Error by the flash alone, and by the other light alone, stops. */
  readonly stops: number;
  readonly ambientStops: number;
  /** How long it shone, seconds. */
  readonly seconds: number;
}

/** A frame's error with what the camera did. */
export interface ErrorOfFrame {
  readonly terms: readonly Term[];
  readonly exposure: Exposure;
  /** Null when no flash fired. */
  readonly flash: FlashOnFrame | null;
}

/**
 * The exposure value the camera asks for when its eye reads `readLv`. Meaningless on manual cameras, which ask for nothing.
 * @param readLv what its eye reads, LV, before filters on it
 * @returns EV of aperture and time, log2(N²/t)
 */
export function wantedEv(
  camera: Camera,
  setting: Setting,
  readLv: number,
  circumstances: Circumstances
): number {
  const dial = speedStops(setting.dialIso ?? 100);
  const seen = readLv - eyeFilterStops(camera, circumstances.filters);
  return seen + dial - setting.compensationStops - camera.biasStops;
}

/**
 * Stops by which the film is faster (+) or slower than printed: development, age, kind of light, temperature.
 * @returns four terms, stops; + = faster
 */
export function filmTerms(film: Film, circumstances: Circumstances): readonly Term[] {
  return [
    { term: 'development', stops: film.developmentStops },
    { term: 'age', stops: -film.ageStops },
    { term: 'light-kind', stops: lightKindStops(film.iso, film, circumstances.lightKind) },
    { term: 'temperature', stops: temperatureStops(film, circumstances.temperatureC) }
  ];
}

/**
 * The terms of Δ when light and reading are just so.
 * @param lv light on the subject @param readLv light the eye reads; the subject's own if left out
 * @returns terms whose stops add up to Δ; the main ones always, others only when they are not 0
 */
export function errorOfFrame(
  asked: Camera,
  film: Film,
  setting: Setting,
  lv: number,
  circumstances: Circumstances = PLAIN,
  readLv: number = lv + circumstances.eyeOffsetStops
): ErrorOfFrame {
  const camera = playedBy(asked, setting);
  const wanted = wantedEv(camera, setting, readLv, circumstances);
  const exposure = respondLit(camera, circumstances, setting, wanted, readLv);
  const own = !setsItself(camera)
    ? handTerms(film, lv, exposure)
    : ownTerms(film, setting, lv, readLv, wanted - exposure.ev);
  const ambient: readonly Term[] = [
    ...own.slice(1),
    { term: 'bias', stops: camera.biasStops },
    ...filmTerms(film, circumstances),
    { term: 'filter', stops: -filmFilterStops(circumstances.filters) },
    { term: 'close-focus', stops: closeFocusStops(camera, setting) },
    { term: 'eye-filter', stops: eyeFilterStops(camera, circumstances.filters) },
    { term: 'reciprocity', stops: reciprocityStops(film.reciprocity, exposure.seconds) }
  ];
  const first = own[0];
  const terms = [...(first ? [first] : []), ...ambient.filter((t) => t.stops !== 0 || MAIN.has(t.term))];
  const flash = flashTerm({ camera, film, setting, circumstances }, exposure, readLv, sumTerms(terms));
  const more: readonly Term[] = [
    ...(flash ? [{ term: 'flash', stops: flash.added } as const] : []),
    { term: 'exposures', stops: Math.log2(circumstances.exposures) }
  ];
  return { terms: [...terms, ...more.filter((t) => t.stops !== 0)], exposure, flash: flash?.on ?? null };
}

/** Terms that are shown even when they are 0. */
const MAIN: ReadonlySet<TermKind> = new Set(['light', 'film-speed', 'setting', 'film-over-dial']);

function handTerms(film: Film, lv: number, exposure: Exposure): readonly Term[] {
  return [
    { term: 'light', stops: lv },
    { term: 'film-speed', stops: speedStops(film.iso) },
    { term: 'setting', stops: -exposure.ev }
  ];
}

function ownTerms(
  film: Film,
  setting: Setting,
  lv: number,
  readLv: number,
  limitStops: number
): readonly Term[] {
  return [
    { term: 'film-over-dial', stops: Math.log2(film.iso / (setting.dialIso ?? 100)) },
    { term: 'eye', stops: lv - readLv },
    { term: 'compensation', stops: setting.compensationStops },
    { term: 'limit', stops: limitStops }
  ];
}

interface On {
  readonly camera: Camera;
  readonly film: Film;
  readonly setting: Setting;
  readonly circumstances: Circumstances;
}

function flashTerm(
  on: On,
  exposure: Exposure,
  readLv: number,
  ambientStops: number
): { readonly added: number; readonly on: FlashOnFrame } | null {
  const fired = flashFor(on.camera, on.circumstances, readLv);
  if (!fired) return null;
  const filmStops = sumTerms(filmTerms(on.film, on.circumstances));
  const m = focusMagnification(on.camera, on.setting);
  const stops = flashErrorStops(fired, on, exposure.fNumber, filmStops, m);
  return {
    added: mixedStops(ambientStops, stops) - ambientStops,
    on: { stops, ambientStops, seconds: flashSeconds(fired.use) }
  };
}

/**
 * The sum of terms.
 * @returns stops; 0 for none
 */
export function sumTerms(terms: readonly Term[]): number {
  let sum = 0;
  for (const t of terms) sum += t.stops;
  return sum;
}

/**
 * What the film loses because the lens is moved out to focus, stops ≤ 0; an eye behind the lens sees it and loses nothing.
 * @param setting where focus stands; controls without a distance keep the lens at infinity
 * @returns stops ≤ 0: −2·log2(1 + m)
 */
export function closeFocusStops(camera: Camera, setting: Setting): number {
  if (eyeOf(playedBy(camera, setting))?.place === 'behind-lens') return 0;
  const m = focusMagnification(camera, setting);
  return m === 0 ? 0 : -2 * Math.log2(1 + m);
}

/**
 * Magnification where the focus control stands; a lens that cannot be moved keeps its distance from the film: 0.
 * @param setting where focus stands
 * @returns m ≥ 0, size on the film by size of the subject
 */
export function focusMagnification(camera: Camera, setting: Setting): number {
  const focus = controlFor(camera, 'focus');
  if (!focus || positionCount(focus) < 2) return 0;
  const position = positionAt(focus, setting.choice);
  return position ? magnification(camera.focalMm, position.value) : 0;
}
