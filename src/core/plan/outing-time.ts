// When the stops of an outing are, and the light of their day.
import { err, ok, type Result } from '../numeric/result.ts';
import { dayBounds, momentOf, wallClock, type ClockProblem } from '../sky/wall-clock.ts';
import type { LampFloor, PlanDay } from './day-light.ts';
import { TURN_HOURS, type Outing, type Stop } from './outing.ts';

const HOUR_MS = 3_600_000;

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
