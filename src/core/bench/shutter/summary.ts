// What several releases at one mark come to.
import { err, ok, type Result } from '../../numeric/result.ts';
import type { QuantityError } from '../../units/quantity-error.ts';
import { parseShutter } from '../../units/shutter.ts';
import { splitMarks } from '../../camera/marks.ts';

/** Times of one mark, taken together. */
export interface TimeSummary {
  readonly count: number;
  /** Their middle in stops, seconds. */
  readonly seconds: number;
  /** From release to release, one sd in stops; null for one alone. */
  readonly spreadStops: number | null;
  /** Against what the mark means, stops, + = longer; null without a mark. */
  readonly errorStops: number | null;
}

/**
 * Takes releases together.
 * @param seconds at least one, each > 0 @param markSeconds what the mark means; null = nothing
 * @throws {RangeError} without a time
 */
export function summaryOf(seconds: readonly number[], markSeconds: number | null): TimeSummary {
  if (seconds.length === 0) throw new RangeError('at least one time is needed');
  const logs = seconds.map(Math.log2);
  const mean = logs.reduce((sum, x) => sum + x, 0) / logs.length;
  const squares = logs.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  return {
    count: seconds.length,
    seconds: 2 ** mean,
    spreadStops: seconds.length < 2 ? null : Math.sqrt(squares / (seconds.length - 1)),
    errorStops: markSeconds === null ? null : mean - Math.log2(markSeconds)
  };
}

/** Reads one or several times: "40 ms", "1/38 1/41", "0.5s; 0.52s". @returns seconds, or which one cannot be read */
export function readTimes(text: string): Result<readonly number[], QuantityError> {
  const found: number[] = [];
  for (const one of splitMarks(text.replace(/\babout\b/gi, ' '))) {
    const read = parseShutter(one);
    if (!read.ok) return err(read.error);
    found.push(read.value.seconds);
  }
  return ok(found);
}
