// What several releases at one mark come to.
import { err, ok, type Result } from '../../numeric/result.ts';
import { sampleOf } from '../../numeric/sample.ts';
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
  const { count, mean, sd } = sampleOf(seconds.map(Math.log2));
  return {
    ...{ count, seconds: 2 ** mean, spreadStops: sd },
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
