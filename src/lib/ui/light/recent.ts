// Frames of all films, the latest first: light by memory.
import type { Frame } from '#core/log/frame.ts';

/** A frame with the name of its film. */
export interface RecentFrame {
  readonly frame: Frame;
  readonly filmName: string;
}

const DAY_HOURS = 24;

/** How far two moments' times of day lie apart, hours 0…12, by this machine's clock. */
export function hoursApart(a: Date, b: Date): number {
  const hour = (d: Date): number => d.getHours() + d.getMinutes() / 60;
  const apart = Math.abs(hour(a) - hour(b));
  return Math.min(apart, DAY_HOURS - apart);
}
