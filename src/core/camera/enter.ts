// A camera from what its owner typed: marks in the camera's own writing become positions with values.
import type { FrameFormat } from '../film/film.ts';
import { err, ok, type Result } from '../numeric/result.ts';
import { formatFNumberDigits, parseFNumber } from '../units/aperture.ts';
import { parseFilmSpeed } from '../units/film-speed.ts';
import type { QuantityError } from '../units/quantity-error.ts';
import { exactFNumber, exactSeconds, fNumberMarks, timeMarks, type StepSeries } from '../units/series.ts';
import { formatShutter, parseShutter } from '../units/shutter.ts';
import { formatSignedThirds, parseStops } from '../units/stops.ts';
import type { Camera, Control, Position, Program } from './camera.ts';
import { PLAIN_TRAITS } from './traits.ts';

/** What a camera has, told apart by what its owner sees on it. */
export type EnteredControls =
  | { readonly has: 'nothing'; readonly aperture: string; readonly time: string }
  | { readonly has: 'symbols'; readonly sun: string; readonly cloud: string; readonly time: string }
  | { readonly has: 'scales'; readonly apertures: string; readonly times: string }
  /** It times itself: openings to choose from (or one), its limits, the film speed it believes in, lighten–darken marks (or none). */
  | {
      readonly has: 'timed';
      readonly openings: string;
      readonly shortest: string;
      readonly longest: string;
      readonly believes: string;
      readonly lighten: string;
    };

/** A camera as entered. */
export interface EnteredCamera {
  readonly id: string;
  readonly name: string;
  readonly format: FrameFormat;
  readonly focalMm: number;
  readonly controls: EnteredControls;
}

/** A field that could not be read. */
export interface EntryFault {
  readonly field: string;
  readonly error: QuantityError;
}

/** Neighbouring marks further apart than this, stops, are not a half- or third-stop scale. */
const FINE_STEP_STOPS = 0.75;

/** Splits a list of marks: blanks or semicolons part them, a comma only before a blank (5,6 is one number). */
export function splitMarks(text: string): readonly string[] {
  return text
    .split(/\s*;\s*|,\s+|\s+/)
    .map((t) => t.trim())
    .filter((t) => t !== '');
}

/**
 * The series a list of marks belongs to: the coarsest that has them all, or `literal` for a single mark and odd scales.
 * @param marks as engraved @param of the marks of a series @param stopsPerDoubling 1 for times, 2 for f-numbers
 */
export function seriesOf(
  marks: readonly number[],
  of: (series: StepSeries) => readonly number[],
  stopsPerDoubling: number
): StepSeries {
  if (marks.length < 2) return 'literal';
  const has = (series: StepSeries): boolean =>
    marks.every((m) => of(series).some((s) => Math.abs(s / m - 1) < 1e-6));
  if (has('full')) return 'full';
  // 1/25, 1/50, 1/100 are third-stop marks too, but a stop apart: an old scale, not a fine one
  const ratios = marks.slice(1).map((m, i) => Math.abs(Math.log2(m / (marks[i] ?? m))));
  const finest = Math.min(...ratios) * stopsPerDoubling;
  if (finest > FINE_STEP_STOPS) return 'literal';
  return (['half', 'third'] as const).find(has) ?? 'literal';
}

/** Reads apertures such as "2.8 4 5.6 8"; the series decides what each mark gives exactly. */
export function aperturePositions(text: string): Result<readonly Position[], QuantityError> {
  const marks: number[] = [];
  for (const token of tokensOf(text)) {
    const read = parseFNumber(token);
    if (!read.ok) return read;
    marks.push(read.value);
  }
  const series = seriesOf(marks, fNumberMarks, 2);
  return ok(
    marks.map((m) => ({ mark: formatFNumberDigits(m), symbol: null, value: exactFNumber(m, series) }))
  );
}

/** Reads times such as "1 2 4 8 15 30 60 125" (bare numbers are fractions, as on a dial) or "1/25 1/50 1/100". */
export function timePositions(text: string): Result<readonly Position[], QuantityError> {
  const times: { readonly token: string; readonly seconds: number }[] = [];
  for (const token of tokensOf(text)) {
    const read = parseShutter(token);
    if (!read.ok) return read;
    times.push({ token, seconds: read.value.seconds });
  }
  const series = seriesOf(
    times.map((t) => t.seconds),
    timeMarks,
    1
  );
  return ok(
    times.map(({ token, seconds }) => ({
      mark: /^\d+$/.test(token) ? token : formatShutter(seconds),
      symbol: null,
      value: exactSeconds(seconds, series)
    }))
  );
}

/** An empty list is one empty token, so that the refusal says what is needed. */
function tokensOf(text: string): readonly string[] {
  const tokens = splitMarks(text);
  return tokens.length === 0 ? [''] : tokens;
}

/** Builds the camera, or names every field that could not be read. */
export function enterCamera(entered: EnteredCamera): Result<Camera, readonly EntryFault[]> {
  const faults: EntryFault[] = [];
  const take = (field: string, read: Result<readonly Position[], QuantityError>): readonly Position[] => {
    if (read.ok) return read.value;
    faults.push({ field, error: read.error });
    return [];
  };
  const controls = controlsFrom(entered.controls, take);
  const program = programFrom(entered.controls, faults);
  if (faults.length > 0) return err(faults);
  const { id, name, format, focalMm } = entered;
  return ok({
    id,
    name,
    formats: [format],
    focalMm,
    condition: 'mechanical',
    handHeldSeconds: null,
    controls,
    program,
    biasStops: 0,
    ...PLAIN_TRAITS
  });
}

/** Who sets the exposure; a limit that cannot be read is added to the faults. */
function programFrom(entered: EnteredControls, faults: EntryFault[]): Program {
  if (entered.has !== 'timed') return { kind: 'manual' };
  const seconds = (field: 'shortest' | 'longest'): number => {
    const read = parseShutter(entered[field]);
    if (read.ok) return read.value.seconds;
    faults.push({ field, error: read.error });
    return NaN;
  };
  const believes = parseFilmSpeed(entered.believes);
  if (!believes.ok) faults.push({ field: 'believes', error: believes.error });
  return {
    kind: 'automatic-time',
    shortestSeconds: seconds('shortest'),
    longestSeconds: seconds('longest'),
    inLowLight: 'closes',
    eye: { place: 'outside', believesIso: believes.ok ? believes.value : NaN, angleDegrees: null }
  };
}

/** Lighten–darken marks such as "-1 0 +1", in stops; the zero is put in if it was left out. */
export function compensationPositions(text: string): Result<readonly Position[], QuantityError> {
  const stops: number[] = [];
  for (const token of splitMarks(text)) {
    const read = parseStops(token);
    if (read === null) return err({ quantity: 'compensation', problem: 'unreadable', text });
    stops.push(read);
  }
  const all = stops.length === 0 || stops.includes(0) ? stops : [...stops, 0];
  return ok(
    [...new Set(all)]
      .sort((a, b) => a - b)
      .map((s) => ({ mark: formatSignedThirds(s), symbol: null, value: s }))
  );
}

type Take = (field: string, read: Result<readonly Position[], QuantityError>) => readonly Position[];

function controlsFrom(entered: EnteredControls, take: Take): readonly Control[] {
  switch (entered.has) {
    case 'nothing':
      return [
        control(
          'aperture',
          'opening',
          'lever',
          take('aperture', aperturePositions(entered.aperture)).slice(0, 1)
        ),
        control('time', 'shutter', 'lever', take('time', timePositions(entered.time)).slice(0, 1))
      ];
    case 'symbols': {
      const [sun] = take('sun', aperturePositions(entered.sun));
      const [cloud] = take('cloud', aperturePositions(entered.cloud));
      const positions: readonly Position[] = [
        ...(sun ? [{ ...sun, mark: 'sun', symbol: 'sun' } as const] : []),
        ...(cloud ? [{ ...cloud, mark: 'cloud', symbol: 'cloud' } as const] : [])
      ];
      return [
        control('aperture', 'aperture lever', 'lever', positions),
        control('time', 'shutter', 'lever', take('time', timePositions(entered.time)).slice(0, 1))
      ];
    }
    case 'timed': {
      const lighten = take('lighten', compensationPositions(entered.lighten));
      return [
        control('aperture', 'aperture lever', 'lever', take('openings', aperturePositions(entered.openings))),
        ...(lighten.length > 1 ? [control('compensation', 'lighten–darken', 'ring', lighten)] : [])
      ];
    }
    case 'scales':
      return [
        control('aperture', 'aperture ring', 'ring', take('apertures', aperturePositions(entered.apertures))),
        control('time', 'speed wheel', 'wheel', take('times', timePositions(entered.times)))
      ];
  }
}

function control(
  acts: 'aperture' | 'time' | 'compensation',
  label: string,
  shape: 'lever' | 'ring' | 'wheel',
  positions: readonly Position[]
): Control {
  const [only, second] = positions;
  return only && !second
    ? { kind: 'fixed', id: acts, label, acts, position: only }
    : { kind: 'marked', id: acts, label, acts, shape, positions };
}
