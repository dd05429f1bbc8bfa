// Coordinates as people write them: "47.5 -28", "47.5, −28.25", "47.5N 28.2W", "47°30' N, 28°15' W".
import { err, ok, type Result } from '../numeric/result.ts';
import type { Place } from './position.ts';

/** Why coordinates were not taken. `not-coordinates`: the text is something else, such as a name. */
export type CoordinatesProblem =
  | { readonly problem: 'not-coordinates' }
  | { readonly problem: 'off-the-earth'; readonly which: 'latitude' | 'longitude'; readonly value: number };

const ANGLE = String.raw`([+-]?\d+(?:[.,]\d+)?)\s*(?:°\s*(?:(\d+(?:[.,]\d+)?)\s*['′]\s*)?(?:(\d+(?:[.,]\d+)?)\s*["″]\s*)?)?`;
const PAIR = new RegExp(String.raw`^${ANGLE}\s*([ns])?\s*[,;\s]\s*${ANGLE}\s*([ewo])?$`, 'i');

const number = (text: string | undefined): number => Number((text ?? '0').replace(',', '.'));

function degrees(parts: readonly (string | undefined)[], side: string | undefined): number {
  const [whole, minutes, seconds] = parts;
  const size = Math.abs(number(whole)) + number(minutes) / 60 + number(seconds) / 3600;
  const negative = (whole ?? '').startsWith('-') || /[sw]/i.test(side ?? '');
  return negative ? -size : size;
}

/**
 * Reads coordinates, latitude first.
 * @param text degrees, or degrees, minutes and seconds, with or without letters
 * @returns degrees, + = north and east, or what is wrong with them
 */
export function parseCoordinates(text: string): Result<Place, CoordinatesProblem> {
  const match = PAIR.exec(text.trim().replace(/[−–]/g, '-'));
  if (!match) return err({ problem: 'not-coordinates' });
  const latitude = degrees(match.slice(1, 4), match[4]);
  const longitude = degrees(match.slice(5, 8), match[8]);
  if (Math.abs(latitude) > 90) return err({ problem: 'off-the-earth', which: 'latitude', value: latitude });
  if (Math.abs(longitude) > 180)
    return err({ problem: 'off-the-earth', which: 'longitude', value: longitude });
  return ok({ latitude, longitude });
}
