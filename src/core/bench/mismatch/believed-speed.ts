// Which film speed does an unknown conversion believe in? Three frames in even light, of which it is known how much too light or too
// dark they came out, say so: Δ = log2(S_film/S_believed) + lighten–darken.
import { normalQuantile } from '../../numeric/normal.ts';

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
  if (frames.length === 0) throw new RangeError('at least one frame is needed');
  const each = frames.map((f) => f.judgedStops - f.compensationStops);
  const mean = each.reduce((sum, x) => sum + x, 0) / each.length;
  const squares = each.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  // what the frames differ by may be more than judging explains
  const own = each.length < 2 ? 0 : Math.sqrt(squares / (each.length - 1));
  return { iso: filmIso * 2 ** -mean, sdStops: Math.max(JUDGING_SD, own) / Math.sqrt(each.length) };
}

/** From where to where the speed lies in nine of ten cases, ISO. */
export function speedRange({ iso, sdStops }: BelievedSpeed): readonly [number, number] {
  const stops = normalQuantile(0.95) * sdStops;
  return [iso * 2 ** -stops, iso * 2 ** stops];
}
