// What a film loses in long exposures. r(t) ≤ 0 stops is what a time t gives less than it should;
// the inverse question is how long to hold for a metered time. Both directions undo each other exactly.
// Source: K. Schwarzschild, "On the Deviations from the Law of Reciprocity for Bromide of Silver Gelatine",
// Astrophysical Journal 11 (1900) 89. The form t^p with a start of 1 s is the one film makers print on their sheets.
import { assertNever } from '../numeric/result.ts';

/** One row of a film's table: a metered time asks for a longer one. */
export interface ReciprocityRow {
  readonly meteredSeconds: number;
  readonly neededSeconds: number;
}

/** How a film behaves beyond its start time. */
export type Reciprocity =
  | { readonly kind: 'none' }
  /** needed = start·(metered/start)^p for metered > start; p ≥ 1. */
  | { readonly kind: 'exponent'; readonly p: number; readonly startSeconds: number }
  /** Piecewise linear in log time; both columns strictly rising; the last slope continues. */
  | { readonly kind: 'table'; readonly rows: readonly ReciprocityRow[] };

/**
 * The time to hold for a metered time.
 * @param meteredSeconds > 0
 * @returns seconds, never less than metered for a table whose rows never ask for less
 */
export function neededSeconds(reciprocity: Reciprocity, meteredSeconds: number): number {
  requirePositive('meteredSeconds', meteredSeconds);
  switch (reciprocity.kind) {
    case 'none':
      return meteredSeconds;
    case 'exponent': {
      const { p, startSeconds } = reciprocity;
      return meteredSeconds <= startSeconds
        ? meteredSeconds
        : startSeconds * (meteredSeconds / startSeconds) ** p;
    }
    case 'table':
      return interpolateLog(reciprocity.rows, meteredSeconds, 'meteredSeconds', 'neededSeconds');
    default:
      return assertNever(reciprocity);
  }
}

/**
 * The metered time that a held time amounts to on this film: the inverse of {@link neededSeconds}.
 * @param heldSeconds > 0
 * @returns seconds ≤ `heldSeconds`
 */
export function equivalentSeconds(reciprocity: Reciprocity, heldSeconds: number): number {
  requirePositive('heldSeconds', heldSeconds);
  switch (reciprocity.kind) {
    case 'none':
      return heldSeconds;
    case 'exponent': {
      const { p, startSeconds } = reciprocity;
      return heldSeconds <= startSeconds
        ? heldSeconds
        : startSeconds * (heldSeconds / startSeconds) ** (1 / p);
    }
    case 'table':
      return interpolateLog(reciprocity.rows, heldSeconds, 'neededSeconds', 'meteredSeconds');
    default:
      return assertNever(reciprocity);
  }
}

/**
 * Stops lost by holding a time: r(t) = log2(equivalent/held) ≤ 0.
 * @param heldSeconds > 0
 * @returns stops ≤ 0; 0 where the film loses nothing
 */
export function reciprocityStops(reciprocity: Reciprocity, heldSeconds: number): number {
  const stops = Math.log2(equivalentSeconds(reciprocity, heldSeconds) / heldSeconds);
  // a table answers through logarithms: what rounding leaves is no loss
  return Math.abs(stops) < 1e-12 ? 0 : stops;
}

/**
 * Checks a table: at least one row, times above 0, both columns strictly rising, no row asking for less than metered.
 * @returns the number of the first bad row (from 0), or null when all is well
 */
export function firstBadRow(rows: readonly ReciprocityRow[]): number | null {
  if (rows.length === 0) return 0;
  const bad = rows.findIndex((row, i) => {
    const before = rows[i - 1];
    if (!(row.meteredSeconds > 0 && row.neededSeconds >= row.meteredSeconds)) return true;
    return (
      before !== undefined &&
      !(row.meteredSeconds > before.meteredSeconds && row.neededSeconds > before.neededSeconds)
    );
  });
  return bad === -1 ? null : bad;
}

/**
 * The held times, in seconds, at which the loss changes its slope over log time: between them it is a straight line.
 * @returns ascending; empty for a film without a loss
 */
export function reciprocityKinks(reciprocity: Reciprocity): readonly number[] {
  switch (reciprocity.kind) {
    case 'none':
      return [];
    case 'exponent':
      return [reciprocity.startSeconds];
    case 'table':
      return reciprocity.rows.map((r) => r.neededSeconds);
    default:
      return assertNever(reciprocity);
  }
}

function interpolateLog(
  rows: readonly ReciprocityRow[],
  seconds: number,
  from: keyof ReciprocityRow,
  to: keyof ReciprocityRow
): number {
  const points = logsOf(rows);
  const x = Math.log(seconds);
  const first = points[0];
  // before the first row the law holds as far as that row's own shift allows: a line of slope 1 through it
  if (!first || x <= first[from]) return Math.exp(x + (first ? first[to] - first[from] : 0));
  const at = points.findIndex((p) => x <= p[from]);
  const hi = at === -1 ? points.length - 1 : at;
  const a = points[hi - 1];
  const b = points[hi];
  if (!b) return seconds;
  if (!a) return Math.exp(b[to] + x - b[from]);
  return Math.exp(a[to] + ((x - a[from]) * (b[to] - a[to])) / (b[from] - a[from]));
}

// a table is asked about every time of every camera: it is checked and its logarithms are taken once
const logs = new WeakMap<readonly ReciprocityRow[], readonly ReciprocityRow[]>();

/** The rows by the logarithms of their times. */
function logsOf(rows: readonly ReciprocityRow[]): readonly ReciprocityRow[] {
  const known = logs.get(rows);
  if (known) return known;
  const bad = firstBadRow(rows);
  if (bad !== null) throw new RangeError(`reciprocity row ${bad + 1} must rise in both columns`);
  const found = rows.map((r) => ({
    meteredSeconds: Math.log(r.meteredSeconds),
    neededSeconds: Math.log(r.neededSeconds)
  }));
  logs.set(rows, found);
  return found;
}

function requirePositive(name: string, value: number): void {
  if (!(value > 0 && Number.isFinite(value))) {
    throw new RangeError(`${name} must be a finite number above 0, got ${value}`);
  }
}
