// A chance drawn as twenty frames: how many come out, how many are lost to the dark and to the light.
import type { Verdict } from '#core/chance/verdict.ts';
import { normalCdf } from '#core/numeric/normal.ts';

/** What becomes of one of twenty like frames. */
export type FrameFate = 'dark' | 'good' | 'light';

/** How many frames are drawn. */
export const FRAME_COUNT = 20;

/** How many of the twenty are lost to the dark and how many come out; the others are lost to the light. */
export interface FateCounts {
  readonly dark: number;
  readonly good: number;
}

/** The counts, rounded so that they add up; a chance is never drawn as more than 20. */
export function fatesOf(verdict: Verdict): FateCounts {
  const { usable } = verdict.window;
  const { deltaStops: mean, sdStops: sd } = verdict;
  const below = sd === 0 ? Number(mean < usable.lo) : normalCdf((usable.lo - mean) / sd);
  const good = Math.round(verdict.pUsable * FRAME_COUNT);
  const lost = FRAME_COUNT - good;
  const dark = Math.min(lost, Math.round((lost * below) / Math.max(1 - verdict.pUsable, 1e-12)));
  return { dark, good };
}

/** What becomes of each of the twenty, too dark ones first. @param at 0…19 */
export function fateAt({ dark, good }: FateCounts, at: number): FrameFate {
  return at < dark ? 'dark' : at < dark + good ? 'good' : 'light';
}

/** The twenty frames in words. */
export function sayFates({ dark, good }: FateCounts): string {
  const light = FRAME_COUNT - dark - good;
  const parts = [dark > 0 ? `${dark} too dark` : '', light > 0 ? `${light} too light` : ''].filter(
    (p) => p !== ''
  );
  return `Of ${FRAME_COUNT} such frames, ${good} come out${parts.length > 0 ? `, ${parts.join(', ')}` : ''}`;
}
