// Which film speed does an unknown conversion believe in? Three frames in even light, of which it is known how much too light or too
// dark they came out, say so: Δ = log2(S_film/S_believed) + lighten–darken.
import { normalQuantile } from '../../numeric/normal.ts';
import { sampleOf } from '../../numeric/sample.ts';

/** One frame of the test. */
export interface TestFrame {
  /** Where lighten–darken stood, stops, + = lighter. */
  readonly compensationStops: number;
  /** How it came out, stops, + = too light. */
  readonly judgedStops: number;
}

/** What three frames say. */
export interface BelievedSpeed {
  readonly iso: number;
  /** One sd in stops. */
  readonly sdStops: number;
}

/** Judging a frame against its neighbours: one sd in stops. Common practice, no source. */
const JUDGING_SD = 0.4;

/**
 * The speed that explains them.
 * @param filmIso speed of the film in it, > 0 @param frames at least one
 * @throws {RangeError} without a frame
 */
export function believedSpeed(filmIso: number, frames: readonly TestFrame[]): BelievedSpeed {
  const { count, mean, sd } = sampleOf(frames.map((f) => f.judgedStops - f.compensationStops));
  // what the frames differ by may be more than judging explains
  return { iso: filmIso * 2 ** -mean, sdStops: Math.max(JUDGING_SD, sd ?? 0) / Math.sqrt(count) };
}

/**
 * From where to where the speed lies in nine of ten cases, ISO.
 * @returns the lower and the higher one, both > 0
 */
export function speedRange({ iso, sdStops }: BelievedSpeed): readonly [number, number] {
  const stops = normalQuantile(0.95) * sdStops;
  return [iso * 2 ** -stops, iso * 2 ** stops];
}
