// What was measured, in words: finer than the thirds that the rest of the program speaks in.
import { formatDecimal } from '#core/units/decimal.ts';

/** Stops to a tenth: "0.1 stop", "1.3 stops". @param stops ≥ 0 */
export function tenths(stops: number): string {
  const shown = Math.round(stops * 10) / 10;
  return `${formatDecimal(Math.max(shown, stops > 0 ? 0.1 : 0), 1)} ${shown > 1 ? 'stops' : 'stop'}`;
}

/** A time against its mark: "right on", "0.4 stop long". */
export function sayLong(errorStops: number): string {
  if (Math.abs(errorStops) < 0.05) return 'right on';
  return `${tenths(Math.abs(errorStops))} ${errorStops > 0 ? 'long' : 'short'}`;
}

/** An exposure against the one that is meant: "right on", "0.4 stop lighter". */
export function sayOff(offStops: number): string {
  if (Math.abs(offStops) < 0.1) return 'right on';
  return `${tenths(Math.abs(offStops))} ${offStops > 0 ? 'lighter' : 'darker'}`;
}
