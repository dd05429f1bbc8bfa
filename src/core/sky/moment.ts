// A moment with the clocks it was lived by: the instant in UTC and the zone, so that no later choice of a place re-times it.
// Made here only, and checked: a month of 99 or a zone that nobody keeps is no moment. RFC 3339 §5.6 for the instant.
import { err, ok, type Result } from '../numeric/result.ts';
import { isZone } from './zone.ts';

declare const checked: unique symbol;

/** An instant and its clocks; only {@link momentFrom} and what is built on it make one. */
export interface Moment {
  /** UTC with milliseconds, such as 2026-05-01T10:00:00.000Z: sorts as text. */
  readonly at: string;
  /** A time-zone name, such as Europe/Oslo, or UTC. */
  readonly zone: string;
  readonly [checked]: true;
}

/** Why a text is no moment. */
export type MomentProblem =
  | { readonly problem: 'bad-instant'; readonly text: string }
  | { readonly problem: 'bad-zone'; readonly text: string };

const INSTANT = /^(\d{4}-\d\d-\d\d)T(\d\d:\d\d)(?::(\d\d)(?:\.(\d{1,9}))?)?Z$/;
/** No photograph is older, and no clock is that far ahead. */
const YEARS = { from: 1826, to: 2199 } as const;

/**
 * Reads an instant in UTC and a zone.
 * @param at as 2026-05-01T10:00:00.000Z; seconds and their parts may be left out
 * @param zone a time-zone name
 * @returns the moment, or what is wrong: a day that the calendar lacks, an hour of 25, a year outside 1826…2199, an unknown zone
 */
export function momentFrom(at: string, zone: string): Result<Moment, MomentProblem> {
  const match = INSTANT.exec(at);
  const ms = match ? Date.parse(at) : NaN;
  if (!match || Number.isNaN(ms)) return err({ problem: 'bad-instant', text: at });
  const text = new Date(ms).toISOString();
  const year = Number(text.slice(0, 4));
  // a day like the 31st of February is read as one of March: it comes back as another text
  const same = text.startsWith(`${match[1] ?? ''}T${match[2] ?? ''}`);
  if (!same || !(year >= YEARS.from && year <= YEARS.to)) return err({ problem: 'bad-instant', text: at });
  if (!isZone(zone)) return err({ problem: 'bad-zone', text: zone });
  return ok({ at: text, zone } as Moment);
}

/**
 * A moment that is known to be one.
 * @throws {RangeError} when it is not, naming what is wrong
 */
export function moment(at: string, zone: string): Moment {
  const read = momentFrom(at, zone);
  if (read.ok) return read.value;
  throw new RangeError(`a moment needs an instant in UTC and a known zone, got ${at} and ${zone}`);
}

/**
 * The moment at a number of milliseconds since 1970.
 * @throws {RangeError} outside the years 1826…2199, and for an unknown zone
 */
export function momentAt(ms: number, zone: string): Moment {
  return moment(new Date(Math.round(ms)).toISOString(), zone);
}

/**
 * Milliseconds since 1970.
 * @returns whole milliseconds
 */
export function msOf({ at }: Moment): number {
  return Date.parse(at);
}

/**
 * The place that a zone is named after: "Lisbon" of Europe/Lisbon, "UTC" of UTC.
 * @param zone a time-zone name
 * @returns words with blanks for underscores
 */
export function zonePlace(zone: string): string {
  return (zone.split('/').at(-1) ?? zone).replaceAll('_', ' ');
}

/**
 * Whether two moments are the same instant on the same clocks.
 * @returns false where the clocks differ, though it be the same instant
 */
export function sameMoment(a: Moment, b: Moment): boolean {
  return a.at === b.at && a.zone === b.zone;
}
