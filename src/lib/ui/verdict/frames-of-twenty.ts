// A chance drawn as twenty frames: how many come out, and what the others are lost to.
import type { Verdict } from '#core/chance/verdict.ts';
import { normalCdf } from '#core/numeric/normal.ts';

/** What becomes of one of twenty like frames, in the order in which they are drawn. */
export const FATES = ['dark', 'good', 'shaken', 'unsharp', 'light'] as const;
/** @see FATES */
export type FrameFate = (typeof FATES)[number];

/** How many frames are drawn. */
export const FRAME_COUNT = 20;

/** How many of the twenty meet each fate. */
export type FateCounts = Readonly<Record<FrameFate, number>>;

/** The counts, rounded so that they add up to twenty; a chance is never drawn as more. */
export function fatesOf(verdict: Verdict): FateCounts {
  const good = Math.round(verdict.pUsable * FRAME_COUNT);
  const shares = lossesOf(verdict);
  const lost = FRAME_COUNT - good;
  const total = shares.dark + shares.light + shares.shaken + shares.unsharp;
  const exact = LOSSES.map((fate) => ({ fate, frames: total > 1e-12 ? (lost * shares[fate]) / total : 0 }));
  const counts = { dark: 0, light: 0, shaken: 0, unsharp: 0 };
  for (const { fate, frames } of exact) counts[fate] = Math.floor(frames);
  // the largest remainders get what is left (Hamilton's method)
  const byRemainder = [...exact].sort((a, b) => (b.frames % 1) - (a.frames % 1));
  let missing = lost - LOSSES.reduce((sum, fate) => sum + counts[fate], 0);
  for (const { fate } of byRemainder) {
    if (missing <= 0) break;
    counts[fate] += 1;
    missing -= 1;
  }
  return { ...counts, good };
}

const LOSSES = ['dark', 'light', 'shaken', 'unsharp'] as const;

/** Shares of all frames that are lost to each; a frame is lost to the first thing that spoils it. */
function lossesOf(verdict: Verdict): Readonly<Record<(typeof LOSSES)[number], number>> {
  const { usable } = verdict.window;
  const { deltaStops: mean, sdStops: sd, pExposure } = verdict;
  const below = sd === 0 ? Number(mean < usable.lo) : normalCdf((usable.lo - mean) / sd);
  const above = sd === 0 ? Number(mean > usable.hi) : 1 - normalCdf((usable.hi - mean) / sd);
  const off = 1 - pExposure;
  const dark = below + above > 0 ? (off * below) / (below + above) : off / 2;
  const shares = { dark, light: off - dark, shaken: 0, unsharp: 0 };
  let left = pExposure;
  for (const { kind, chance } of verdict.factors) {
    if (kind === 'exposure') continue;
    const loss = left * (1 - chance);
    left -= loss;
    if (kind === 'focus') shares.unsharp += loss;
    // a shutter that locks or cuts the flash leaves the frame dark
    else if (kind === 'lock' || kind === 'sync') shares.dark += loss;
    else shares.shaken += loss;
  }
  return shares;
}

/** What becomes of each of the twenty, too dark ones first. @param at 0…19 */
export function fateAt(counts: FateCounts, at: number): FrameFate {
  let first = 0;
  for (const fate of FATES) {
    first += counts[fate];
    if (at < first) return fate;
  }
  return 'light';
}

const WORDS: Readonly<Record<Exclude<FrameFate, 'good'>, string>> = {
  dark: 'too dark',
  light: 'too light',
  shaken: 'shaken',
  unsharp: 'out of focus'
};

/** The twenty frames in words. */
export function sayFates(counts: FateCounts): string {
  const parts = LOSSES.flatMap((fate) => (counts[fate] > 0 ? [`${counts[fate]} ${WORDS[fate]}`] : []));
  return `Of ${FRAME_COUNT} such frames, ${counts.good} come out${parts.length > 0 ? `, ${parts.join(', ')}` : ''}`;
}
