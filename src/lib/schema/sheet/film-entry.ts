// The film form: texts in, a film out, or a fault per field; and back, so that a film can be changed.
import { filmFaults } from '#core/film/faults.ts';
import { FILM_KINDS, TYPICAL_RANGE, type Film, type FilmKind } from '#core/film/film.ts';
import { FRAME_FORMATS } from '#core/film/formats.ts';
import type { Reciprocity } from '#core/film/reciprocity.ts';
import type { Temperature } from '#core/film/traits.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { parseFilmSpeed } from '#core/units/film-speed.ts';
import { parseShutter } from '#core/units/shutter.ts';
import type { FieldFault } from '../reading/parse.ts';
import { SheetReader } from './sheet-reader.ts';
import { BALANCES, PERFORATIONS } from '../kit/traits.ts';
import { explainFilmFault } from '../reading/words.ts';

/** Uncertainty of a film's speed by how it was kept, one sd in stops. Common practice, no source. */
export const KEPT_SD = { fresh: 0.2, expired: 0.5 } as const;

/** Instant film works best between these, °C, and comes out darker by about half a stop for ten degrees of cold. Common practice, no source. */
const INSTANT_TEMPERATURE: Temperature = { fromC: 13, toC: 28, stopsPerTenC: 0.5 };

/** The texts of a film. */
export type FilmTexts = Readonly<Record<string, string>>;

/** Starting answers of the form for a kind of film. */
export function typicalFilm(kind: FilmKind): FilmTexts {
  const { below, above } = TYPICAL_RANGE[kind];
  const instant = kind === 'instant-colour' || kind === 'instant-bw';
  const { fromC, toC, stopsPerTenC } = INSTANT_TEMPERATURE;
  return {
    ...{ kind, iso: '', frames: instant ? '8' : '12', below: String(below), above: String(above) },
    ...{ development: '0', age: '0', long: '', kept: 'fresh' },
    ...{ balance: kind === 'negative-bw' || kind === 'instant-bw' ? 'panchromatic' : 'daylight' },
    ...{ lamps: '', price: '', expires: '', feet: '', perforation: '', battery: instant ? 'yes' : 'no' },
    process: 'offered',
    ...(instant
      ? { coldFrom: String(fromC), coldTo: String(toC), coldStops: String(stopsPerTenC) }
      : { coldFrom: '', coldTo: '', coldStops: '' })
  };
}

/**
 * Reads the form.
 * @param texts fields but for the formats @param formats as ticked @param id of the film to be
 */
export function readFilm(
  texts: FilmTexts,
  formats: readonly string[],
  id: string
): Result<Film, readonly FieldFault[]> {
  const r = new SheetReader(texts);
  const name = r.text('name');
  if (name === '' || name.length > 80) r.fault('name', 'Give the film a name of 1 to 80 letters.');
  const kind = FILM_KINDS.find((k) => k === r.text('kind'));
  if (!kind) r.fault('kind', 'Choose the kind of film from the list.');
  const fits = FRAME_FORMATS.filter((f) => formats.includes(f));
  if (fits.length === 0) r.fault('formats', 'Tick at least one size that the film comes in.');
  const frames = Number(r.text('frames'));
  if (!(Number.isInteger(frames) && frames >= 1 && frames <= 200)) {
    r.fault('frames', `“${r.text('frames')}” is no number of frames. Give a whole number from 1 to 200.`);
  }
  const expires = r.text('expires');
  if (expires !== '' && !/^\d{4}-(0[1-9]|1[0-2])$/.test(expires)) {
    r.fault('expires', `“${expires}” is no month. Write it as 2027-05.`);
  }
  const film: Film = {
    ...{ id, name, kind: kind ?? 'negative-bw', iso: r.quantity('iso', parseFilmSpeed), frames },
    ...{ belowStops: r.stops('below', 20), aboveStops: r.stops('above', 20) },
    ...{ developmentStops: r.stops('development', 20), ageStops: r.stops('age', 20) },
    reciprocity: readLong(r),
    sdStops: r.text('kept') === 'expired' ? KEPT_SD.expired : KEPT_SD.fresh,
    formats: fits,
    balance: BALANCES.find((b) => b === r.text('balance')) ?? 'daylight',
    tungstenIso: r.text('lamps') === '' ? null : r.quantity('lamps', parseFilmSpeed),
    temperature: readTemperature(r),
    price: optional(r, 'price', {
      min: 0,
      max: 1e6,
      noun: 'price',
      example: 'without a currency, such as 14.5'
    }),
    expires: expires === '' ? null : expires,
    feet: optional(r, 'feet', { min: 1, max: 2000, noun: 'length', example: 'feet, such as 25' }),
    perforation: PERFORATIONS.find((p) => p === r.text('perforation')) ?? null,
    packBattery: r.text('battery') === 'yes',
    ...(r.text('process') === 'ended' ? { processEnded: true } : {})
  };
  if (r.faults.length > 0) return err(r.faults);
  const unusable = filmFaults(film).map((f) => ({
    field: f.fault === 'no-range' ? 'below' : f.fault === 'bad-reciprocity' ? 'long' : 'name',
    message: explainFilmFault(f)
  }));
  return unusable.length > 0 ? err(unusable) : ok(film);
}

function optional(r: SheetReader, field: string, rule: Parameters<SheetReader['number']>[1]): number | null {
  return r.text(field) === '' ? null : r.number(field, rule);
}

function readTemperature(r: SheetReader): Temperature | null {
  if (r.text('coldFrom') === '' && r.text('coldTo') === '') return null;
  const degrees = { min: -60, max: 80, noun: 'temperature', example: 'degrees Celsius' };
  return {
    // an open end is as far as films are ever carried
    fromC: optional(r, 'coldFrom', degrees) ?? degrees.min,
    toC: optional(r, 'coldTo', degrees) ?? degrees.max,
    stopsPerTenC: r.stops('coldStops', 5)
  };
}

const LONG_WORDS =
  'Write an exponent from 1 to 3, such as 1.3, or a table of metered and needed times: 1s 1s, 10s 17s, 60s 150s.';

/** Long exposures: nothing, an exponent ("1.3"), or a table ("1s 1s, 10s 17s"). */
function readLong(r: SheetReader): Reciprocity {
  const text = r.text('long');
  if (text === '' || text === '1') return { kind: 'none' };
  const refuse = (): Reciprocity => {
    r.fault('long', `“${text}” is not understood. ${LONG_WORDS}`);
    return { kind: 'none' };
  };
  const alone = /^\d+([.,]\d+)?$/.exec(text);
  if (alone) {
    const p = Number(text.replace(',', '.'));
    return p >= 1 && p <= 3 ? { kind: 'exponent', p, startSeconds: 1 } : refuse();
  }
  const rows = text.split(/\s*(?:,|;|\n)\s*/).map((row) => {
    const [metered, needed] = row
      .split(/\s*(?:→|->|=|\s)\s*/)
      .map((t) => parseShutter(/\d$/.test(t) ? `${t}s` : t));
    return metered?.ok && needed?.ok
      ? { meteredSeconds: metered.value.seconds, neededSeconds: needed.value.seconds }
      : null;
  });
  return rows.includes(null) ? refuse() : { kind: 'table', rows: rows.flatMap((row) => row ?? []) };
}

/** A film's texts, so that it can be changed: reading them gives the same film but for how sure its speed is. */
export function textsFromFilm(film: Film): FilmTexts {
  const number = (n: number | null): string => (n === null ? '' : formatDecimal(n, 4).replace('-', '−'));
  const { reciprocity, temperature } = film;
  const long =
    reciprocity.kind === 'none'
      ? ''
      : reciprocity.kind === 'exponent'
        ? number(reciprocity.p)
        : reciprocity.rows
            .map((row) => `${number(row.meteredSeconds)}s ${number(row.neededSeconds)}s`)
            .join(', ');
  return {
    ...{ name: film.name, kind: film.kind, iso: number(film.iso), frames: String(film.frames), long },
    ...{ below: number(film.belowStops), above: number(film.aboveStops) },
    ...{ development: number(film.developmentStops), age: number(film.ageStops) },
    kept: film.sdStops > KEPT_SD.fresh ? 'expired' : 'fresh',
    ...{ balance: film.balance, lamps: number(film.tungstenIso), price: number(film.price) },
    ...{ expires: film.expires ?? '', feet: number(film.feet), perforation: film.perforation ?? '' },
    battery: film.packBattery ? 'yes' : 'no',
    process: film.processEnded === true ? 'ended' : 'offered',
    coldFrom: number(temperature?.fromC ?? null),
    coldTo: number(temperature?.toC ?? null),
    coldStops: number(temperature?.stopsPerTenC ?? null)
  };
}
