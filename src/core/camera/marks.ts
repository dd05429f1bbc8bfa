// Marks as an owner types them, and back: "2.8 4 5.6", "sun=12.3 cloud=7.4", "N=1/85 B". A mark alone means what marks of
// its series mean exactly; after = stands what was measured, taken at its word.
import { err, ok, type Result } from '../numeric/result.ts';
import { formatFNumberDigits, parseFNumber } from '../units/aperture.ts';
import { formatDecimal, parseDecimal } from '../units/decimal.ts';
import { parseFilmSpeed } from '../units/film-speed.ts';
import type { QuantityError } from '../units/quantity-error.ts';
import { exactFNumber, exactSeconds, fNumberMarks, timeMarks, type StepSeries } from '../units/series.ts';
import { formatShutter, parseShutter } from '../units/shutter.ts';
import { formatSignedThirds, parseStops } from '../units/stops.ts';
import { MARK_SYMBOLS, type ControlActs, type MarkSymbol, type Position } from './position.ts';
import { COUNTED_SECONDS } from './hand-timing.ts';
import { readMeasured } from './measured.ts';

/** Neighbouring marks further apart than this, stops, are not a half- or third-stop scale. */
const FINE_STEP_STOPS = 0.75;
const FOOT_M = 0.3048;

/**
 * Splits a list of marks: blanks or semicolons part them, a comma only before a blank (5,6 is one number).
 * @param text as typed
 * @returns marks without blanks; empty for an empty text
 */
export function splitMarks(text: string): readonly string[] {
  return text
    .replace(/=\s*between\s+(\S+)\s+and\s+(\S+)/gi, '=$1–$2')
    .replace(/\s*=\s*/g, '=')
    .replace(/(\d) (m|ft|ms|s|sec|min)\b/g, '$1$2')
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

interface Token {
  /** What stands on the camera. */
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  readonly value: number;
  /** Whether the value was given after =, so that it is measured. */
  readonly measured: boolean;
}

/**
 * Reads the marks of a control.
 * @returns positions in the order typed; B or T on a shutter becomes the lengths that are counted
 */
export function readMarks(acts: ControlActs, text: string): Result<readonly Position[], QuantityError> {
  const tokens: Token[] = [];
  let counted = false;
  const texts = splitMarks(text);
  // an empty list is one empty token, so that the refusal says what is needed
  for (const token of texts.length === 0 && acts !== 'compensation' ? [''] : texts) {
    if (acts === 'time' && /^[bt]$/i.test(token)) {
      counted = true;
      continue;
    }
    const [name = '', given] = token.split('=');
    const read = given === undefined ? readValue(acts, name) : readGiven(acts, given);
    if (!read.ok) return read;
    const symbol = MARK_SYMBOLS.find((s) => s === name) ?? null;
    tokens.push({ mark: name, symbol, value: read.value, measured: given !== undefined });
  }
  const positions = acts === 'compensation' ? withZero(tokens) : tokens.map(positionBy(acts, tokens));
  return ok(counted ? [...positions, ...countedPositions()] : positions);
}

/**
 * The lengths that are offered where a shutter has B or T.
 * @returns whole seconds, ascending
 */
export function countedPositions(): readonly Position[] {
  return COUNTED_SECONDS.map((s) => ({
    mark: `B ${formatShutter(s)}`,
    symbol: null,
    value: s,
    byHand: true as const
  }));
}

/** A value that was measured; of an aperture or a time also two that it lies between. */
function readGiven(acts: ControlActs, text: string): Result<number, QuantityError> {
  if (acts !== 'aperture' && acts !== 'time') return readValue(acts, text);
  const read = readMeasured(acts, text);
  return read.ok ? ok(read.value.value) : read;
}

function readValue(acts: ControlActs, text: string): Result<number, QuantityError> {
  switch (acts) {
    case 'aperture':
      return parseFNumber(text);
    case 'time': {
      const read = parseShutter(text);
      return read.ok ? ok(read.value.seconds) : read;
    }
    case 'dial':
      return parseFilmSpeed(text);
    case 'compensation': {
      const stops = parseStops(text);
      return stops === null ? err({ quantity: 'compensation', problem: 'unreadable', text }) : ok(stops);
    }
    case 'focus':
      return readMetres(text);
    case 'lens': {
      const mm = parseDecimal(text);
      return mm === null ? err({ quantity: 'distance', problem: 'unreadable', text }) : ok(mm);
    }
  }
}

/** Reads a distance: "1.2", "1,2m", "4ft", "∞". @returns metres, Infinity for far away */
export function readMetres(text: string): Result<number, QuantityError> {
  const refuse = (problem: QuantityError['problem']): Result<number, QuantityError> =>
    err({ quantity: 'distance', problem, text });
  const plain = text.trim().toLowerCase();
  if (plain === '') return refuse('empty');
  if (/^(∞|inf|infinity|far)$/.test(plain)) return ok(Infinity);
  const match = /^(.+?) ?(m|ft|feet|')?$/.exec(plain);
  const value = parseDecimal(match?.[1] ?? '');
  if (value === null) return refuse('unreadable');
  if (!(value > 0)) return refuse('not-positive');
  const metres = match?.[2] === undefined || match[2] === 'm' ? value : value * FOOT_M;
  return metres > 10_000 ? refuse('out-of-range') : ok(metres);
}

function positionBy(acts: ControlActs, tokens: readonly Token[]): (t: Token) => Position {
  const engraved = tokens.filter((t) => !t.measured).map((t) => t.value);
  const exact =
    acts === 'aperture'
      ? exactBy(exactFNumber, seriesOf(engraved, fNumberMarks, 2))
      : acts === 'time'
        ? exactBy(exactSeconds, seriesOf(engraved, timeMarks, 1))
        : (value: number) => value;
  return (t) => ({
    mark: t.measured && acts !== 'focus' ? t.mark : engravedMark(acts, t),
    symbol: t.symbol,
    value: t.measured ? t.value : exact(t.value)
  });
}

const exactBy =
  (exact: (mark: number, series: StepSeries) => number, series: StepSeries) =>
  (mark: number): number =>
    exact(mark, series);

/** A mark as it stands on the camera: bare dial numbers stay, everything else in the trade's way. */
function engravedMark(acts: ControlActs, { mark, value }: Token): string {
  // as it was typed, but for the ƒ before it
  if (acts === 'aperture') return mark.replace(/^[fƒ]\s*\/?\s*/i, '') || formatFNumberDigits(value);
  if (acts === 'time') return /^\d+$/.test(mark) ? mark : formatShutter(value);
  if (acts === 'dial') return /°/.test(mark) ? mark : formatDecimal(value, 1);
  return value === Infinity ? '∞' : `${formatDecimal(value, 2)} m`;
}

/** Lighten–darken from darkest to lightest; the zero is put in if it was left out. */
function withZero(tokens: readonly Token[]): readonly Position[] {
  const zero: Token = { mark: '0', symbol: null, value: 0, measured: false };
  const all = tokens.length === 0 || tokens.some((t) => t.value === 0) ? tokens : [...tokens, zero];
  return [...all]
    .sort((a, b) => a.value - b.value)
    .filter((t, i, list) => i === 0 || t.value !== list[i - 1]?.value)
    .map((t) => ({
      mark: t.measured ? t.mark : signedMark(t),
      symbol: t.symbol,
      value: t.value
    }));
}

/** A mark of lighten–darken as it was typed, with a real minus: −1.5 stays −1.5. */
function signedMark({ mark, value }: Token): string {
  return mark === '' ? formatSignedThirds(value) : mark.replace(/^[-–]/, '−');
}

/**
 * Writes positions as they could have been typed: marks alone where that reads back to the same, else mark=value.
 * @param acts what the marks set @param positions in order
 * @returns a text that reads back to the same
 */
export function writeMarks(acts: ControlActs, positions: readonly Position[]): string {
  const shown = positions.filter((p) => p.byHand !== true);
  const bulb = shown.length < positions.length ? ['B'] : [];
  const plain = [...shown.map((p) => plainToken(acts, p)), ...bulb].join(' ');
  const back = readMarks(acts, plain);
  const same =
    back.ok &&
    back.value.length === positions.length &&
    positions.every((p, i) => {
      const q = back.value[i];
      return q !== undefined && q.mark === p.mark && q.symbol === p.symbol && nearly(q.value, p.value);
    });
  if (same) return plain;
  return [...shown.map((p) => measuredToken(acts, p)), ...bulb].join(' ');
}

const nearly = (a: number, b: number): boolean => a === b || Math.abs(a / b - 1) < 1e-5;

function plainToken(acts: ControlActs, p: Position): string {
  if (acts === 'focus') return p.value === Infinity ? '∞' : formatDecimal(p.value, 2);
  return p.mark === '' ? measuredToken(acts, p) : p.mark.replace(/\s+/g, '');
}

function measuredToken(acts: ControlActs, p: Position): string {
  const name = p.symbol ?? (p.mark === '' ? 'mark' : p.mark.replace(/\s+/g, ''));
  const value =
    acts === 'focus' && p.value === Infinity
      ? '∞'
      : acts === 'time' && p.value < 0.3
        ? `1/${formatDecimal(1 / p.value, 3)}`
        : acts === 'time'
          ? `${formatDecimal(p.value, 4)}s`
          : formatDecimal(p.value, 4);
  return acts === 'focus' && p.symbol === null ? value : `${name}=${value}`;
}
