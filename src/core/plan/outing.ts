// An outing: stops in their order, each with a place, an hour and what is wanted there, and what it may cost.
import type { Purpose } from '../error/situation.ts';
import type { Facing, Ground, ToldSky } from '../sky/sky-scene.ts';
import type { NamedPlace } from '../ways/choice.ts';
import type { Mover } from './crossing.ts';

/** The most stops of an outing. */
export const MOST_STOPS = 60;

/** A day of plans goes from four in the morning to four: the night belongs to the evening before it. */
export const TURN_HOURS = 4;

/** A place and an hour of an outing, and what is wanted there. */
export interface Stop {
  readonly id: string;
  /** What is to be photographed. */
  readonly subject: string;
  readonly place: NamedPlace;
  /** By the clocks of the place, HH:MM; before four it is the night after the day. '' = when it works. */
  readonly time: string;
  readonly facing: Facing;
  readonly ground: Ground;
  /** A scene whose lamps stay on, by its id; '' = none. */
  readonly lamps: string;
  readonly purpose: Purpose;
  /** What the trails shall hold; null = trails as they usually are. */
  readonly mover: Mover | null;
  /** Frames wanted, ≥ 1. */
  readonly frames: number;
  /** Presses for each of them, ≥ 1: a passing moment takes several tries. */
  readonly tries: number;
  /** The load it is kept for; null = whichever serves. */
  readonly loadId: string | null;
}

/** A day out. */
export interface Outing {
  readonly id: string;
  readonly name: string;
  /** YYYY-MM-DD. */
  readonly date: string;
  readonly sky: ToldSky;
  /** In the order of the way. */
  readonly stops: readonly Stop[];
  /** What the film may cost, in the currency of its prices; null = not said. */
  readonly budget: number | null;
}

/**
 * Presses of a stop: every wanted frame with its tries.
 * @returns frames × tries
 */
export function pressesOf({ frames, tries }: Pick<Stop, 'frames' | 'tries'>): number {
  return frames * tries;
}
