// An outing: stops in their order, each with a place, an hour and what is wanted there, and what it may cost.
import type { Purpose } from '../error/situation.ts';
import { err, ok, type Result } from '../numeric/result.ts';
import type { ToldSky } from '../sky/illuminance.ts';
import type { Facing, Ground } from '../sky/sky-light.ts';
import { dayBounds, momentOf, wallClock, type ClockProblem } from '../sky/wall-clock.ts';
import type { NamedPlace } from '../ways/choice.ts';
import type { Mover } from './crossing.ts';
import type { LampFloor, PlanDay } from './day-light.ts';

/** The most stops of an outing. */
export const MOST_STOPS = 60;

/** A day of plans goes from four in the morning to four: the night belongs to the evening before it. */
export const TURN_HOURS = 4;
const HOUR_MS = 3_600_000;

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

/** Presses of a stop: every wanted frame with its tries. */
export function pressesOf({ frames, tries }: Pick<Stop, 'frames' | 'tries'>): number {
  return frames * tries;
}

/** A moment by the clocks of a place, with what is strange about it. */
export interface StopMoment {
  readonly ms: number;
  /** The clocks change just then: the hour is skipped, or comes twice and the first is meant. */
  readonly clockChange: 'skipped' | 'doubled' | null;
}

/**
 * When a stop is.
 * @param date of the outing, YYYY-MM-DD
 * @returns null = when it works; or why its hour is none
 */
export function momentOfStop(
  date: string,
  { time, place }: Pick<Stop, 'time' | 'place'>
): Result<StopMoment | null, ClockProblem> {
  if (time === '') return ok(null);
  const isNight = Number(time.split(/[:.]/)[0]) < TURN_HOURS;
  const read = momentOf(isNight ? dayAfter(date, place.zone) : date, time, place.zone);
  if (read.ok) return ok({ ms: read.value, clockChange: null });
  const { error } = read;
  if (error.problem !== 'skipped' && error.problem !== 'doubled') return err(error);
  return ok({
    ms: error.problem === 'skipped' ? error.laterMs : error.earlierMs,
    clockChange: error.problem
  });
}

function dayAfter(date: string, zone: string): string {
  return wallClock(dayBounds(date, zone).toMs + HOUR_MS, zone).date;
}

/** The light of a day at a stop. @param lamps of its scene; null = none */
export function dayOfStop(
  { date, sky }: Pick<Outing, 'date' | 'sky'>,
  { place, facing, ground }: Stop,
  lamps: LampFloor | null
): PlanDay {
  const { fromMs, toMs } = dayBounds(date, place.zone);
  const { latitude, longitude } = place;
  return {
    place: { latitude, longitude },
    ...{ fromMs: fromMs + TURN_HOURS * HOUR_MS, toMs: toMs + TURN_HOURS * HOUR_MS },
    ...{ sky, facing, ground, lamps, shadeFromMs: null }
  };
}
