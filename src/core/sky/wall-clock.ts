// Wall-clock time at a place and the moment it means. Clock changes skip an hour and double another: both are told.
import { Temporal } from 'temporal-polyfill';
import { err, ok, type Result } from '../numeric/result.ts';
import { isZone } from './zone.ts';

/** Why a wall-clock time names no single moment. */
export type ClockProblem =
  | { readonly problem: 'bad-date'; readonly text: string }
  | { readonly problem: 'bad-time'; readonly text: string }
  | { readonly problem: 'bad-zone'; readonly text: string }
  /** The clocks jump over it: the moments just before and after the jump would read so. */
  | { readonly problem: 'skipped'; readonly earlierMs: number; readonly laterMs: number }
  /** The clocks show it twice. */
  | { readonly problem: 'doubled'; readonly earlierMs: number; readonly laterMs: number };

/**
 * The moment of a wall-clock time.
 * @param date YYYY-MM-DD @param time HH:MM @param zone a time-zone name, such as Etc/GMT+2
 */
export function momentOf(date: string, time: string, zone: string): Result<number, ClockProblem> {
  let day: Temporal.PlainDate;
  try {
    day = Temporal.PlainDate.from(/^[+-]?\d{4,6}-\d\d-\d\d$/.test(date) ? date : '', { overflow: 'reject' });
  } catch {
    return err({ problem: 'bad-date', text: date });
  }
  const match = /^([01]?\d|2[0-3])[:.]([0-5]\d)$/.exec(time.trim());
  if (!match) return err({ problem: 'bad-time', text: time });
  if (!isZone(zone)) return err({ problem: 'bad-zone', text: zone });
  const wall = day.toPlainDateTime({ hour: Number(match[1]), minute: Number(match[2]) });
  const at = (disambiguation: 'earlier' | 'later'): number =>
    wall.toZonedDateTime(zone, { disambiguation }).epochMilliseconds;
  const [earlierMs, laterMs] = [at('earlier'), at('later')];
  if (earlierMs === laterMs) return ok(earlierMs);
  const shown = wallClock(earlierMs, zone);
  const doubled = shown.time === wall.toPlainTime().toString({ smallestUnit: 'minute' });
  return err({ problem: doubled ? 'doubled' : 'skipped', earlierMs, laterMs });
}

/** What a clock at the place shows. */
export interface WallClock {
  /** YYYY-MM-DD. */
  readonly date: string;
  /** HH:MM. */
  readonly time: string;
  /** Offset from UTC, ±HH:MM. */
  readonly offset: string;
}

/** What a clock shows at a moment. @throws {RangeError} for a zone that is not known */
export function wallClock(ms: number, zone: string): WallClock {
  const at = Temporal.Instant.fromEpochMilliseconds(Math.round(ms)).toZonedDateTimeISO(zone);
  return {
    date: at.toPlainDate().toString(),
    time: at.toPlainTime().toString({ smallestUnit: 'minute' }),
    offset: at.offset
  };
}

/**
 * First and last moment of a day at a place; 23 to 25 hours apart where clocks change.
 * @param date YYYY-MM-DD @param zone a time-zone name
 * @returns milliseconds since 1970
 */
export function dayBounds(date: string, zone: string): { readonly fromMs: number; readonly toMs: number } {
  const day = Temporal.PlainDate.from(date);
  const start = (d: Temporal.PlainDate): number => d.toZonedDateTime(zone).epochMilliseconds;
  return { fromMs: start(day), toMs: start(day.add({ days: 1 })) };
}
