// Exposure times: reading "1/60", "60", "2s", `2"`, "½ s", "1 min 30 s" and writing 1/125, ½ s, 4 s.
import { err, ok, type Result } from '../numeric/result.ts';
import { formatDecimal, parseDecimal, plainDigits } from './decimal.ts';
import type { QuantityError } from './quantity-error.ts';

/** Accepted times in seconds: a fast flash to a day. */
export const TIME_RANGE_SECONDS = { min: 1e-5, max: 86_400 } as const;

/** A time as understood, with the other possible reading of the same text, if there is one. */
export interface TimeReading {
  readonly seconds: number;
  /** What the text could also mean: "60" is 1/60 s, but someone may mean a minute. */
  readonly otherSeconds: number | null;
}

/**
 * Writes a time as photographers do: 1/125 below ⅓ s (1/n understood in seconds), ⅓ s, ½ s, 0.8 s, 4 s, 2 min, 1 min 30 s.
 * @param seconds > 0
 */
export function formatShutter(seconds: number): string {
  if (seconds < 0.29) return `1/${Math.round(1 / seconds)}`;
  if (Math.abs(seconds - 1 / 3) < 0.005) return '⅓ s';
  if (Math.abs(seconds - 1 / 2) < 0.005) return '½ s';
  if (seconds <= 60) return `${formatDecimal(seconds, seconds < 10 ? 1 : 0)} s`;
  const total = Math.round(seconds);
  const minutes = Math.floor(total / 60);
  return total % 60 === 0 ? `${minutes} min` : `${minutes} min ${total % 60} s`;
}

/**
 * Reads a time. A bare whole number of 2 or more is 1/n s, as on a shutter dial; with s, ″ or a decimal mark it is seconds.
 * @returns seconds as written (nominal), with the other reading where the text has two; or why not
 */
export function parseShutter(text: string): Result<TimeReading, QuantityError> {
  const plain = plainDigits(text).toLowerCase();
  const refuse = (problem: QuantityError['problem']): Result<TimeReading, QuantityError> =>
    err({ quantity: 'time', problem, text });
  if (plain === '') return refuse('empty');
  const seconds = parseMilliseconds(plain) ?? parseMinutes(plain) ?? parseSeconds(plain);
  if (seconds !== null) return checked(seconds, null, refuse);
  const value = parseDecimal(plain);
  if (value === null) return refuse('unreadable');
  const bareWhole = /^\d+$/.test(plain) && value >= 2;
  return bareWhole ? checked(1 / value, value, refuse) : checked(value, null, refuse);
}

function checked(
  seconds: number,
  otherSeconds: number | null,
  refuse: (problem: QuantityError['problem']) => Result<TimeReading, QuantityError>
): Result<TimeReading, QuantityError> {
  if (seconds === Infinity) return refuse('divided-by-zero');
  if (!(seconds > 0)) return refuse('not-positive');
  if (seconds < TIME_RANGE_SECONDS.min || seconds > TIME_RANGE_SECONDS.max) return refuse('out-of-range');
  return ok({ seconds, otherSeconds });
}

function parseMilliseconds(text: string): number | null {
  const match = /^(.+?) ?(?:ms|msec|milliseconds?)$/.exec(text);
  const value = match?.[1] === undefined ? null : parseDecimal(match[1]);
  return value === null ? null : value / 1000;
}

function parseSeconds(text: string): number | null {
  const match = /^(.+?) ?(?:s|sec|secs|second|seconds|"|″|'')$/.exec(text);
  return match?.[1] === undefined ? null : parseDecimal(match[1]);
}

function parseMinutes(text: string): number | null {
  const match = /^(\S+) ?(?:m|min|mins|minute|minutes|'|′)(?: (.+))?$/.exec(text);
  if (match?.[1] === undefined) return null;
  const minutes = parseDecimal(match[1]);
  const rest = match[2] === undefined ? 0 : parseSeconds(match[2]);
  return minutes === null || rest === null ? null : minutes * 60 + rest;
}
