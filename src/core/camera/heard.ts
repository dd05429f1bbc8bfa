// The time that a shutter was heard to take, and how well a time is heard.

/** A time that was heard. */
export interface Heard {
  readonly seconds: number;
  /** One sd in stops, > 0, where it was recorded and confirmed; null = by ear. */
  readonly sdStops: number | null;
}

/**
 * How well a time is told by ear, one sd in stops: half a stop below half a second, 0.3 to two seconds, 0.15 where it is counted.
 * Common practice, no source.
 * @param seconds > 0
 * @returns stops
 */
export function byEarSd(seconds: number): number {
  return seconds < 0.5 ? 0.5 : seconds <= 2 ? 0.3 : 0.15;
}

/** Two marks on a recording, each put by a person: the blades' lag, which is heard a little early or late, seconds. Assumed. */
const LAG_SECONDS = 0.0015;

/** How well a recording tells a time, one sd in stops. @param seconds > 0 */
export function recordedSd(seconds: number): number {
  return LAG_SECONDS / (seconds * Math.LN2);
}

/**
 * One sd of a time that was heard, stops.
 * @returns as a recording said, else as an ear does
 */
export function heardSd({ seconds, sdStops }: Heard): number {
  return sdStops ?? byEarSd(seconds);
}
