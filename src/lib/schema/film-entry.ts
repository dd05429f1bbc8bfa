// The film form: texts in, a film out, or a fault per field.
import { filmFaults } from '#core/film/faults.ts';
import { FILM_KINDS, FRAME_FORMATS, TYPICAL_RANGE, type Film, type FilmKind } from '#core/film/film.ts';
import { PLAIN_FILM_TRAITS } from '#core/film/traits.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseDecimal } from '#core/units/decimal.ts';
import { parseFilmSpeed } from '#core/units/film-speed.ts';
import { parseStops } from '#core/units/stops.ts';
import type { FieldFault } from './parse.ts';
import { explainFilmFault, explainQuantity } from './words.ts';

/** Fields of the form that hold an amount of stops. */
const STOP_FIELDS = [
  { field: 'below', label: 'Range under mid grey' },
  { field: 'above', label: 'Range over mid grey' },
  { field: 'development', label: 'Push or pull' },
  { field: 'age', label: 'Speed lost to age' }
] as const;

/** Uncertainty of a film's speed by how it was kept, one sd in stops. Common practice, no source. */
export const KEPT_SD = { fresh: 0.2, expired: 0.5 } as const;

/** Starting answers of the form for a kind of film. */
export function typicalFilm(kind: FilmKind): Readonly<Record<string, string>> {
  const { below, above } = TYPICAL_RANGE[kind];
  return {
    kind,
    iso: '',
    frames: '12',
    below: String(below),
    above: String(above),
    development: '0',
    age: '0',
    exponent: '1',
    kept: 'fresh'
  };
}

/**
 * Reads the form. `formats` may stand there several times.
 * @param texts fields but for the formats @param formats as ticked @param id of the film to be
 */
export function readFilm(
  texts: Readonly<Record<string, string>>,
  formats: readonly string[],
  id: string
): Result<Film, readonly FieldFault[]> {
  const faults: FieldFault[] = [];
  const text = (field: string): string => (texts[field] ?? '').trim();
  const fault = (field: string, message: string): void => void faults.push({ field, message });

  const name = text('name');
  if (name === '' || name.length > 80) fault('name', 'Give the film a name of 1 to 80 letters.');
  const kind = FILM_KINDS.find((k) => k === text('kind'));
  if (!kind) fault('kind', 'Choose the kind of film from the list.');
  const speed = parseFilmSpeed(text('iso'));
  if (!speed.ok) fault('iso', explainQuantity(speed.error));
  const fits = FRAME_FORMATS.filter((f) => formats.includes(f));
  if (fits.length === 0) fault('formats', 'Tick at least one size that the film comes in.');
  const frames = Number(text('frames'));
  if (!(Number.isInteger(frames) && frames >= 1 && frames <= 200)) {
    fault('frames', `“${text('frames')}” is no number of frames. Give a whole number from 1 to 200.`);
  }
  const stops = STOP_FIELDS.map(({ field, label }) => {
    const value = parseStops(text(field));
    if (value === null)
      fault(field, `${label}: “${text(field)}” is no amount of stops. Write it as 2⅔, 2.7 or −1.`);
    return value ?? 0;
  });
  const exponent = parseDecimal(text('exponent'));
  if (exponent === null || !(exponent >= 1 && exponent <= 3)) {
    fault(
      'exponent',
      `“${text('exponent')}” is no long-exposure exponent. Give a number from 1 (no loss) to 3.`
    );
  }
  if (faults.length > 0 || !kind || !speed.ok || exponent === null) return err(faults);
  const [belowStops = 0, aboveStops = 0, developmentStops = 0, ageStops = 0] = stops;
  const film: Film = {
    ...{ id, name, kind, iso: speed.value, belowStops, aboveStops, developmentStops, ageStops, frames },
    reciprocity: exponent === 1 ? { kind: 'none' } : { kind: 'exponent', p: exponent, startSeconds: 1 },
    sdStops: text('kept') === 'expired' ? KEPT_SD.expired : KEPT_SD.fresh,
    formats: fits,
    ...PLAIN_FILM_TRAITS
  };
  const unusable = filmFaults(film).map((f) => ({
    field: f.fault === 'no-range' ? 'below' : 'name',
    message: explainFilmFault(f)
  }));
  return unusable.length > 0 ? err(unusable) : ok(film);
}
