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
const SHORTEST_MARK_SECONDS = 1 / 70;
/** Up to here each click counts for itself; beyond, clicks close together are one burst. */
const BURST_FROM_SECONDS = 0.1;
const BURST_SECONDS = 0.035;
/** What lies this much below the loudest click is not looked at, dB. */
const QUIETEST_DB = 22;
/** Opening and closing are about as loud, dB. */
const MOST_LEVEL_DB = 16;
/** The first click of a burst may be this much softer than its loudest, dB. */
const FIRST_DB = 16;
/**
 * Whether a time is shorter than sound can tell.
 * @param expected null = nothing is expected
 * @returns false where nothing is expected
 */
export function isTooShort(expected: Expectation | null): boolean {
  return expected !== null && expected.seconds < expected.askedFromSeconds;
}

/** A shutter further from its mark than this is broken, and heard wrongly more likely, stops. */
const MOST_FROM_MARK = 2;
/** What is known of the time beforehand. */
export interface Expectation {
  /** > 0 */
  readonly seconds: number;
  /** How far it may lie from that, one sd in stops. */
  readonly sdStops: number;
  /** What lies further away is not told, stops. */
  readonly mostStops: number;
  /** No pair nearer than this is told, seconds. */
  readonly leastSeconds: number;
  /** Where less is expected, sound is not asked at all, seconds. */
  readonly askedFromSeconds: number;
}

/**
 * A time that stands on the dial: shutters lie about so far from their marks.
 * @param seconds as engraved, > 0
 * @returns what to listen for, and from which length on
 */
export function byMark(seconds: number): Expectation {
  const askedFromSeconds = SHORTEST_MARK_SECONDS;
  return { seconds, sdStops: 0.7, mostStops: MOST_FROM_MARK, leastSeconds: 0.012, askedFromSeconds };
}

/** A time that the camera chose by itself: its eye may be far off. @param seconds what it should choose */
export function byItself(seconds: number): Expectation {
  // without a mark to hold them against, two clicks nearer than the shortest mark are none
  const leastSeconds = SHORTEST_MARK_SECONDS;
  return { seconds, sdStops: 1.5, mostStops: 6, leastSeconds, askedFromSeconds: leastSeconds / 4 };
}

/** Nothing is known: about half a second. */
const BLIND: Expectation = {
  ...{ seconds: 0.5, sdStops: 2.5, mostStops: Infinity },
  ...{ leastSeconds: 0.012, askedFromSeconds: 0 }
};
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
  { seconds: expected, sdStops: expectedSd, mostStops, leastSeconds }: Expectation,
  isLength: (seconds: number) => boolean
): readonly { readonly score: number; readonly proposal: Proposal }[] {
  const loudest = Math.max(...events.map((e) => e.levelDb));
  const heard = events.filter((e) => e.levelDb >= loudest - QUIETEST_DB);
  return heard.flatMap((open, i) =>
    heard.slice(i + 1).flatMap((close) => {
      const seconds = close.atSeconds - open.atSeconds;
      const apart = Math.abs(open.levelDb - close.levelDb);
      const stops = Math.log2(seconds / expected);
      const isFar = Math.abs(stops) > mostStops;
      if (!isLength(seconds) || seconds < leastSeconds || apart > MOST_LEVEL_DB || isFar) return [];
      const weakest = Math.min(open.levelDb, close.levelDb);
      // a click as loud as these that is neither of them is not explained; after the closing it may be the rebound or the motor
      const unexplained = heard.reduce((sum, e) => {
        if (e === open || e === close) return sum;
        const loud = Math.max(0, 10 + e.levelDb - weakest) / 10;
        const isAfter = e.atSeconds > close.atSeconds;
        return sum + loud * (isAfter ? 0.5 : e.atSeconds < open.atSeconds ? 1 : 1.2);
      }, 0);
      const score =
        0.5 * (stops / expectedSd) ** 2 +
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
 * @param onsets of one release, in order @param expected null = nobody knows
 * @returns at most three, best first; none where nothing fits
 */
export function proposalsFor(onsets: readonly Onset[], expected: Expectation | null): readonly Proposal[] {
  if (onsets.length < 2 || isTooShort(expected)) return [];
  const prior = expected ?? BLIND;
  const single = onsets.map((o): Event => ({ ...o, lasts: 0 }));
  const found = [
    ...scored(single, prior, (s) => s <= BURST_FROM_SECONDS),
    ...scored(burstsOf(onsets), prior, (s) => s > BURST_FROM_SECONDS)
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
