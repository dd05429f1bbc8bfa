// Which two clicks of a release are the opening and the closing? Sound alone cannot tell: at most three pairs are proposed, best
// first, and the person says which. What is shorter than sound can tell is told as that, never as a time.
import type { Onset } from './onsets.ts';

/** Two clicks that may be the opening and the closing. */
export interface Proposal {
  readonly openSeconds: number;
  readonly closeSeconds: number;
  /** Between them. */
  readonly seconds: number;
  /** How unsure that is, one sd in stops, if these are the two. */
  readonly sdStops: number;
}

/** Marks shorter than this are not asked of sound, seconds: 1/60 is the last one. */
export const SHORTEST_MARK_SECONDS = 1 / 70;
/** No pair nearer than this is told, seconds. */
const SHORTEST_PAIR_SECONDS = 0.012;
/** Up to here each click counts for itself; beyond, clicks close together are one burst. */
const BURST_FROM_SECONDS = 0.1;
const BURST_SECONDS = 0.035;
/** What lies this much below the loudest click is not looked at, dB. */
const QUIETEST_DB = 22;
/** Opening and closing are about as loud, dB. */
const MOST_LEVEL_DB = 16;
/** The first click of a burst may be this much softer than its loudest, dB. */
const FIRST_DB = 16;
/** A shutter further from its mark than this is broken, and heard wrongly more likely, stops. */
const MOST_FROM_MARK = 2;
/** How far shutters lie from their marks, and where there is no mark from half a second, one sd in stops. */
const [MARK_SD, BLIND_SD] = [0.7, 2.5];
/** Blades reach the middle of their way a little before or after they are heard, seconds. Assumed. */
const LAG_SECONDS = 0.0015;
const MOST_PROPOSALS = 3;

interface Event {
  readonly atSeconds: number;
  readonly levelDb: number;
  /** How long its clicks last, seconds. */
  readonly lasts: number;
}

/** Clicks close together as one. */
function burstsOf(onsets: readonly Onset[]): readonly Event[] {
  const groups: Onset[][] = [];
  for (const onset of onsets) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    if (last && before && onset.atSeconds - before.atSeconds < BURST_SECONDS) last.push(onset);
    else groups.push([onset]);
  }
  return groups.flatMap((group): readonly Event[] => {
    const levelDb = Math.max(...group.map((o) => o.levelDb));
    const first = group.find((o) => o.levelDb >= levelDb - FIRST_DB);
    const end = group.at(-1);
    return first && end
      ? [{ atSeconds: first.atSeconds, levelDb, lasts: end.atSeconds - first.atSeconds }]
      : [];
  });
}

/** Pairs of events with how well each explains all that is heard; the less, the better. */
function scored(
  events: readonly Event[],
  markSeconds: number | null,
  isLength: (seconds: number) => boolean
): readonly { readonly score: number; readonly proposal: Proposal }[] {
  const loudest = Math.max(...events.map((e) => e.levelDb));
  const heard = events.filter((e) => e.levelDb >= loudest - QUIETEST_DB);
  return heard.flatMap((open, i) =>
    heard.slice(i + 1).flatMap((close) => {
      const seconds = close.atSeconds - open.atSeconds;
      const apart = Math.abs(open.levelDb - close.levelDb);
      const stops = Math.log2(seconds / (markSeconds ?? 0.5));
      const isFar = markSeconds !== null && Math.abs(stops) > MOST_FROM_MARK;
      if (!isLength(seconds) || seconds < SHORTEST_PAIR_SECONDS || apart > MOST_LEVEL_DB || isFar) return [];
      const weakest = Math.min(open.levelDb, close.levelDb);
      // a click as loud as these that is neither of them is not explained; after the closing it may be the rebound or the motor
      const unexplained = heard.reduce((sum, e) => {
        if (e === open || e === close) return sum;
        const loud = Math.max(0, 10 + e.levelDb - weakest) / 10;
        const isAfter = e.atSeconds > close.atSeconds;
        return sum + loud * (isAfter ? 0.5 : e.atSeconds < open.atSeconds ? 1 : 1.2);
      }, 0);
      const score =
        0.5 * (stops / (markSeconds === null ? BLIND_SD : MARK_SD)) ** 2 +
        0.1 * apart +
        0.1 * (2 * loudest - open.levelDb - close.levelDb) +
        unexplained;
      const sd = Math.hypot(LAG_SECONDS, 0.3 * open.lasts, 0.3 * close.lasts);
      const sdStops = sd / (seconds * Math.LN2);
      return [
        {
          score,
          proposal: { openSeconds: open.atSeconds, closeSeconds: close.atSeconds, seconds, sdStops }
        }
      ];
    })
  );
}

/**
 * The likeliest pairs of one release.
 * @param onsets of one release, in order @param markSeconds what the dial said; null = the camera times itself, or nobody knows
 * @returns at most three, best first; none where nothing fits
 */
export function proposalsFor(onsets: readonly Onset[], markSeconds: number | null): readonly Proposal[] {
  if (onsets.length < 2 || (markSeconds !== null && markSeconds < SHORTEST_MARK_SECONDS)) return [];
  const single = onsets.map((o): Event => ({ ...o, lasts: 0 }));
  const found = [
    ...scored(single, markSeconds, (s) => s <= BURST_FROM_SECONDS),
    ...scored(burstsOf(onsets), markSeconds, (s) => s > BURST_FROM_SECONDS)
  ].sort((a, b) => a.score - b.score);
  const kept: Proposal[] = [];
  for (const { proposal } of found) {
    const isNew = kept.every(
      (k) =>
        Math.abs(k.openSeconds - proposal.openSeconds) > 0.004 ||
        Math.abs(k.closeSeconds - proposal.closeSeconds) > 0.004
    );
    if (isNew && kept.length < MOST_PROPOSALS) kept.push(proposal);
  }
  return kept;
}

/** Releases lie at least this far apart, and further than the longest time that could be meant, seconds. */
const RELEASES_APART = 0.8;

/** The releases of a recording: clicks with a long pause before and after. @param markSeconds what the dial said; null = not known */
export function releasesOf(
  onsets: readonly Onset[],
  markSeconds: number | null
): readonly (readonly Onset[])[] {
  const apart = Math.max(RELEASES_APART, (markSeconds ?? 4) * 2.8);
  const releases: Onset[][] = [];
  for (const onset of onsets) {
    const last = releases.at(-1);
    const before = last?.at(-1);
    if (last && before && onset.atSeconds - before.atSeconds < apart) last.push(onset);
    else releases.push([onset]);
  }
  return releases;
}
