// The opening of a lens measured with a rule: focal length over the diameter that is seen from the front.
// ISO 517:2008: the f-number is the focal length over the diameter of the entrance pupil, which is what is seen (from memory).
import { parseDecimal } from '../units/decimal.ts';
import { err, ok, type Result } from '../numeric/result.ts';
import { nearestFNumberMark } from '../units/series.ts';

/** An opening as it was measured. */
export interface Opening {
  readonly focalMm: number;
  readonly seenMm: number;
  readonly fNumber: number;
  /** One sd in stops, by what can be read off a rule. */
  readonly sdStops: number;
  /** The nearest mark of third stops. */
  readonly mark: number;
}

/** What is wrong with a text. */
export type OpeningProblem = 'unreadable' | 'no-focal-length' | 'not-positive' | 'wider-than-long';

/** The best reading of a rule: anywhere within half a millimetre either way is an even spread. */
export const RULE_MM = 0.5;

/**
 * Works an opening out.
 * @param focalMm > 0 @param seenMm > 0 @param ruleMm reading error either way, mm
 */
export function openingOf(focalMm: number, seenMm: number, ruleMm = RULE_MM): Opening {
  const fNumber = focalMm / seenMm;
  const sd = ruleMm / Math.sqrt(3);
  return {
    ...{ focalMm, seenMm, fNumber, mark: nearestFNumberMark(fNumber, 'third') },
    sdStops: (2 / Math.LN2) * Math.hypot(sd / focalMm, sd / seenMm)
  };
}

/**
 * Reads "95 / 5.9", "95mm/5,9mm" or the diameter alone.
 * @param focalMm of the camera, for a diameter alone; null = not known
 */
export function readOpening(
  text: string,
  focalMm: number | null,
  ruleMm = RULE_MM
): Result<Opening, OpeningProblem> {
  const parts = text
    .replace(/mm/gi, '')
    .split(/[/÷:]/)
    .map((part) => parseDecimal(part.trim()));
  const [first = null, second = null] = parts;
  if (parts.length > 2 || first === null || (parts.length === 2 && second === null)) return err('unreadable');
  const [focal, seen] = parts.length === 2 ? [first, second] : [focalMm, first];
  if (focal === null || seen === null) return err('no-focal-length');
  if (!(focal > 0 && seen > 0)) return err('not-positive');
  // wider than f/0.5 no lens in air can be
  return focal / seen < 0.5 ? err('wider-than-long') : ok(openingOf(focal, seen, ruleMm));
}
