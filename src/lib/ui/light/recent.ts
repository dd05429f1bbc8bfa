// Frames of all films, the latest first: light by memory.
import type { Frame } from '#core/log/frame.ts';
import type { LightChoice } from '#core/ways/choice.ts';

/** A frame with the name of its film. */
export interface RecentFrame {
  readonly frame: Frame;
  readonly filmName: string;
}

/** One whose light was told. */
export interface RecentLight extends RecentFrame {
  readonly light: LightChoice;
}

/** Those whose light was told. */
export function toldOf(recent: readonly RecentFrame[]): readonly RecentLight[] {
  return recent.flatMap((r) => (r.frame.light ? [{ ...r, light: r.frame.light }] : []));
}

const DAY_HOURS = 24;

/** How far two moments' times of day lie apart, hours 0…12, by this machine's clock. */
export function hoursApart(a: Date, b: Date): number {
  const hour = (d: Date): number => d.getHours() + d.getMinutes() / 60;
  const apart = Math.abs(hour(a) - hour(b));
  return Math.min(apart, DAY_HOURS - apart);
}
