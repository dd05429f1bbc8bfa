// How long a light that was told goes on counting: it changes, and after half an hour nobody knows it any more.
import type { LightChoice } from './choice.ts';

/** Light that was told longer ago is not told. Common practice, no source. */
export const TOLD_MINUTES = 30;
/** What its age adds to its sd over that time, stops. Common practice, no source. */
const AGE_SD = 0.5;

/**
 * A light some time after it was told.
 * @param ageMs since it was told; a clock that was put back counts as 0
 * @returns the light, less sure by half a stop in half an hour; null when it is older than that
 */
export function agedLight(light: LightChoice, ageMs: number): LightChoice | null {
  const minutes = Math.max(0, ageMs) / 60_000;
  if (minutes > TOLD_MINUTES) return null;
  // to a hundredth: a light told this minute is as sure as it was told
  const more = Math.round((AGE_SD * minutes * 100) / TOLD_MINUTES) / 100;
  return more === 0 ? light : { ...light, sdStops: light.sdStops + more };
}
