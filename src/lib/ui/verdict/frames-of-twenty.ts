// A chance drawn as twenty frames: how many come out, how many are lost to the dark and to the light.
import type { Verdict } from '#core/match/verdict.ts';
import { normalCdf } from '#core/numeric/normal.ts';

/** What becomes of one of twenty like frames. */
export type FrameFate = 'dark' | 'good' | 'light';

/** How many frames are drawn. */
export const FRAME_COUNT = 20;

/**
 * Twenty fates, too dark ones first. Counts are rounded so that they add up; a chance is never drawn as more than 20.
 */
export function fatesOf(verdict: Verdict): readonly FrameFate[] {
  const { usable } = verdict.window;
  const { deltaStops: mean, sdStops: sd } = verdict;
  const below = sd === 0 ? Number(mean < usable.lo) : normalCdf((usable.lo - mean) / sd);
  const good = Math.round(verdict.pUsable * FRAME_COUNT);
  const lost = FRAME_COUNT - good;
  const dark = Math.min(lost, Math.round((lost * below) / Math.max(1 - verdict.pUsable, 1e-12)));
  return Array.from({ length: FRAME_COUNT }, (_, i) =>
    i < dark ? 'dark' : i < dark + good ? 'good' : 'light'
  );
}

/** The twenty frames in words. */
export function sayFates(fates: readonly FrameFate[]): string {
  const count = (fate: FrameFate): number => fates.filter((f) => f === fate).length;
  const parts = [
    count('dark') > 0 ? `${count('dark')} too dark` : '',
    count('light') > 0 ? `${count('light')} too light` : ''
  ].filter((p) => p !== '');
  return `Of ${FRAME_COUNT} such frames, ${count('good')} come out${parts.length > 0 ? `, ${parts.join(', ')}` : ''}`;
}
