// A reel of film: feet, frames and seconds, what is left by the counter, and shots planned against it.
// Frames a foot: SMPTE ST 149 (8 mm, 80), ST 215 (super 8, 72), ST 109 (16 mm, 40); figures from memory.

/** Gauges with their frames to the foot. */
export const FRAMES_PER_FOOT = { 'double-run-8': 80, 'super-8': 72, '16': 40 } as const;
/** A gauge. */
export type Gauge = keyof typeof FRAMES_PER_FOOT;

/** A reel. */
export interface Reel {
  readonly gauge: Gauge;
  /** Of one side, > 0. */
  readonly feet: number;
  readonly framesPerSecond: number;
}

/**
 * How long feet run, seconds.
 * @param feet ≥ 0
 * @returns seconds
 */
export function secondsOf(
  feet: number,
  { gauge, framesPerSecond }: Pick<Reel, 'gauge' | 'framesPerSecond'>
): number {
  return (feet * FRAMES_PER_FOOT[gauge]) / framesPerSecond;
}

/**
 * How many feet seconds run.
 * @param seconds ≥ 0
 * @returns feet
 */
export function feetOf(
  seconds: number,
  { gauge, framesPerSecond }: Pick<Reel, 'gauge' | 'framesPerSecond'>
): number {
  return (seconds * framesPerSecond) / FRAMES_PER_FOOT[gauge];
}

/** The time of a picture: the open part of a turn. @param shutterDegrees 0…360 @returns seconds */
export function pictureSeconds(shutterDegrees: number, framesPerSecond: number): number {
  return shutterDegrees / (360 * framesPerSecond);
}

/** A shot that is planned. */
export interface ReelShot {
  readonly seconds: number;
  /** Where the counter stands after it, feet; below 0 = it does not fit on this side. */
  readonly counterFeet: number;
}

/** What is left and what is planned. */
export interface ReelPlan {
  readonly leftSeconds: number;
  readonly leftFrames: number;
  readonly shots: readonly ReelShot[];
  /** What is left after all of them, seconds; negative = so much is missing. */
  readonly overSeconds: number;
}

/** What is wrong with a counter. */
export type CounterProblem = 'above-full' | 'below-empty';

/**
 * Whether a counter that runs down from full can stand there; null = it can.
 * @param counterFeet as read
 * @returns `above-full` or `below-empty`
 */
export function counterProblem(reel: Reel, counterFeet: number): CounterProblem | null {
  if (counterFeet > reel.feet) return 'above-full';
  return counterFeet < 0 ? 'below-empty' : null;
}

/**
 * Shots planned against what is left.
 * @param counterFeet where the counter stands, running down from full
 * @param shots lengths, seconds @param betweenFeet run off between two shots
 */
export function reelPlan(
  reel: Reel,
  counterFeet: number,
  shots: readonly number[],
  betweenFeet = 0
): ReelPlan {
  const leftSeconds = secondsOf(counterFeet, reel);
  let at = counterFeet;
  const planned = shots.map((seconds, i): ReelShot => {
    at -= feetOf(seconds, reel) + (i === 0 ? 0 : betweenFeet);
    return { seconds, counterFeet: at };
  });
  return {
    leftSeconds,
    leftFrames: Math.floor(leftSeconds * reel.framesPerSecond + 1e-9),
    shots: planned,
    overSeconds: secondsOf(at, reel)
  };
}

/** How long each shot ran by the counter, seconds, with what was run off before it. @param counters feet after each shot, in order */
export function secondsRun(reel: Reel, counters: readonly number[]): readonly number[] {
  return counters.map((feet, i) => secondsOf((counters[i - 1] ?? reel.feet) - feet, reel));
}
