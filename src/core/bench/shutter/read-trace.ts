// A light sensor's numbers, as rows of a table: time and light, or light alone at an even pace.
import { err, ok, type Result } from '../../numeric/result.ts';
import { parseDecimal } from '../../units/decimal.ts';

/** A trace. */
export interface Trace {
  readonly times: Float64Array;
  readonly light: Float64Array;
}

/** What the first column counts in: seconds, thousandths or millionths of one; or there is none, and so many values a second. */
export type TraceTime = 's' | 'ms' | 'µs' | { readonly perSecond: number };

/** What is wrong with a trace. */
export type TraceProblem = 'too-short' | 'no-numbers' | 'time-runs-back' | 'too-long';

const MOST_ROWS = 5_000_000;
const SCALE = { s: 1, ms: 1e-3, µs: 1e-6 } as const;

/**
 * Reads rows of texts; rows that hold no numbers, such as a heading, are passed over.
 * @param rows cells as texts, one row for each sample @param time unit of the first column, or samples a second
 * @returns at least eight samples, or what is wrong with them
 */
export function readTrace(
  rows: readonly (readonly string[])[],
  time: TraceTime
): Result<Trace, TraceProblem> {
  if (rows.length > MOST_ROWS) return err('too-long');
  const columns = typeof time === 'string' ? 2 : 1;
  const numbers = rows.flatMap((row) => {
    const read = row.filter((cell) => cell.trim() !== '').map((cell) => parseDecimal(cell.trim()));
    const wanted = typeof time === 'string' ? read.slice(0, 2) : read.slice(-1);
    const good = wanted.filter((n) => n !== null);
    return good.length === columns ? [good] : [];
  });
  if (numbers.length === 0) return err('no-numbers');
  if (numbers.length < 8) return err('too-short');
  const times = Float64Array.from(numbers, (n, i) =>
    typeof time === 'string' ? (n[0] ?? 0) * SCALE[time] : i / time.perSecond
  );
  for (let i = 1; i < times.length; i++)
    if ((times[i] ?? 0) < (times[i - 1] ?? 0)) return err('time-runs-back');
  return ok({ times, light: Float64Array.from(numbers, (n) => n.at(-1) ?? 0) });
}
