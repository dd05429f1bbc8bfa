// Whether this machine's clock can be right: frames of tomorrow say it cannot.
import type { Frame } from '#core/log/frame.ts';
import { msOf } from '#core/sky/moment.ts';

/** Clocks of phones and zones may differ so much, ms. */
const APART_MS = 26 * 3_600_000;

/** What to do about a clock that is behind the newest frame; null = it may be right. @param nowMs milliseconds since 1970, by this machine */
export function sayClock(newest: Pick<Frame, 'takenAt'> | undefined, nowMs: number): string | null {
  if (!newest || msOf(newest.takenAt) - nowMs <= APART_MS) return null;
  const day = (ms: number): string => new Date(ms).toISOString().slice(0, 16).replace('T', ' ');
  return (
    `This machine’s clock says ${day(nowMs)} UTC, but the newest frame was taken on ${day(msOf(newest.takenAt))} UTC. ` +
    'Set the clock: until then new frames stand before older ones, and the sun is reckoned for the wrong day.'
  );
}
