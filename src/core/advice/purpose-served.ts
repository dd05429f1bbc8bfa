// A purpose served with what is owned: for a blurred background, whole seconds, trails and most in focus the filters of the bag
// are tried too, none, one and two together. What no setting reaches is told with what is missing.
import { setsItself } from '../camera/camera.ts';
import type { Choice } from '../camera/setting.ts';
import { prepare } from '../chance/prepared.ts';
import { LIKELY, type Verdict } from '../chance/verdict.ts';
import type { FilterPlace } from '../error/filters.ts';
import type { Purpose, Situation } from '../error/situation.ts';
import type { AtHand } from './at-hand.ts';
import { COUNTED_SECONDS, purposeMeasure, TRAILS_SECONDS } from './purpose.ts';
import { bestSetting } from './rank.ts';
import { applied, type Remedy, type RemedyStep } from './remedy.ts';

/** Purposes that less light can serve. */
const BY_FILTER: ReadonlySet<Purpose> = new Set([
  ...(['blurred-background', 'whole-seconds', 'light-trails', 'most-in-focus'] as const)
]);
/** A purpose may cost this much chance against the likeliest way. */
const MAY_COST = 0.15;
/** A filter that serves no better than this is left in the bag: a twentieth of what the purpose measures by. */
const WORTH = 0.05;

/** What a purpose lacks. */
export type Missing =
  /** So many stops less light. */
  | { readonly missing: 'filter'; readonly stops: number }
  /** So many stops more light: what is asked for is shorter than the light gives. */
  | { readonly missing: 'light'; readonly stops: number }
  /** Something to stand the camera on: seconds are not for the hand. */
  | { readonly missing: 'support' }
  /** A B or T: this camera times no such length. */
  | { readonly missing: 'long-times' };

/** How a purpose is served. */
export interface Served {
  readonly purpose: Purpose;
  /** The filters to put on with the setting then; no steps where none helps. */
  readonly remedy: Remedy;
  /** What keeps the purpose from being reached; null where it is. */
  readonly missing: Missing | null;
}

interface Way {
  readonly steps: readonly RemedyStep[];
  readonly verdict: Verdict;
  readonly measure: number;
}

/**
 * Whether less light can serve a purpose, so that filters are tried for it.
 * @returns true for a blurred background, whole seconds, trails, and most in focus
 */
export function isServedByFilters(purpose: Purpose): boolean {
  return BY_FILTER.has(purpose);
}

/**
 * How the purpose of a situation is served best; null where it has none that filters could serve.
 * @param present where the controls stand @param atHand filters of the bag
 */
export function purposeServed(situation: Situation, present: Choice, atHand: AtHand): Served | null {
  const { purpose = 'good-frame', camera } = situation;
  if (!isServedByFilters(purpose)) return null;
  const advice = bestSetting(situation, present);
  if (!advice) return null;
  // over an eye that sets the time a filter lengthens it only where the eye sees it too
  const place: FilterPlace = setsItself(camera) ? 'lens-and-eye' : 'lens';
  const filters = atHand.filters.map(({ name, stops }): RemedyStep => ({
    ...{ kind: 'filter', filter: { name, stops, place } }
  }));
  const pairs = filters.flatMap((a, i) => filters.slice(i + 1).map((b) => [a, b]));
  const ways = [[], ...filters.map((f) => [f]), ...pairs].flatMap((steps): readonly Way[] => {
    const after = steps.reduce<Situation>(applied, situation);
    const verdict = steps.length === 0 ? advice : bestSetting(after, present);
    return verdict ? [{ steps, verdict, measure: measureOf(after, verdict) }] : [];
  });
  const most = ways.reduce((p, w) => Math.max(p, w.verdict.pUsable), 0);
  const usable = ways.filter(({ verdict: { pUsable } }) => pUsable >= most - MAY_COST || pUsable >= LIKELY);
  const [bare = { steps: [], verdict: advice, measure: Infinity }] = ways;
  const best = usable.reduce((a, b) => (isBetter(b, a) ? b : a), usable[0] ?? bare);
  return {
    purpose,
    remedy: { ...best, gain: best.verdict.pUsable - advice.pUsable },
    missing: missingOf(situation, best.verdict)
  };
}

/** Fewer filters unless more serve clearly better. */
function isBetter(way: Way, than: Way): boolean {
  const scale = Math.max(1e-9, Math.abs(than.measure));
  const gain = (than.measure - way.measure) / scale;
  return way.steps.length > than.steps.length ? gain > WORTH : gain > 1e-9;
}

function measureOf(situation: Situation, verdict: Verdict): number {
  return purposeMeasure(prepare(situation), verdict.setting, verdict, verdict.aimStops);
}

/**
 * What keeps a frame from the purpose of a situation; null where it is reached, or there is none that lengths decide.
 * @returns by how much the time is too long or too short
 */
export function missingOf(situation: Situation, { exposure: { seconds }, setting }: Verdict): Missing | null {
  const { purpose, support = 'hand', trails = TRAILS_SECONDS } = situation;
  if (purpose !== 'whole-seconds' && purpose !== 'light-trails') return null;
  const { from, to } = purpose === 'light-trails' ? trails : COUNTED_SECONDS;
  const third = 2 ** (1 / 3);
  const reached = seconds * third >= from && seconds <= to * third;
  if (reached && (purpose === 'light-trails' || setting.timedByHand)) return null;
  if (support !== 'standing') return { missing: 'support' };
  if (seconds > to) return { missing: 'light', stops: Math.log2(seconds / to) };
  if (seconds < from && !reachesSeconds(situation, from)) return { missing: 'long-times' };
  return seconds < from ? { missing: 'filter', stops: Math.log2(from / seconds) } : { missing: 'long-times' };
}

/** Whether the camera can expose so long at all. */
function reachesSeconds(situation: Situation, seconds: number): boolean {
  const { camera } = situation;
  // in the dark an automatic camera gives its longest time
  const dark = bestSetting({ ...situation, light: { ...situation.light, lv: -10 } }, {});
  const longest = dark?.exposure.seconds ?? 0;
  return setsItself(camera) ? longest * 2 ** (1 / 3) >= seconds : longest >= seconds;
}
