// The reach of a camera with a film: in which light some setting comes out likely (P ≥ 0.75) or possible (P ≥ 0.5),
// for the uncertainty of the light now, and which setting serves each part.
// Set by hand: exact, since the chance depends on the distance from the window's middle alone.
// Set by the camera: walked, in reach-walked.ts.
import { setsItself } from '../camera/camera.ts';
import type { Choice, Setting } from '../camera/setting.ts';
import type { StopWindow } from '../film/window.ts';
import { normalQuantile } from '../numeric/normal.ts';
import { errorOfFrame, sumTerms } from '../error/delta.ts';
import { errorsWithChance } from '../chance/errors-with-chance.ts';
import { prepare } from '../chance/prepared.ts';
import { candidatesOf } from './rank.ts';
import { circumstancesOf, errorSd, type Situation } from '../error/situation.ts';
import type { LvInterval, Reach } from './reach-shape.ts';
import { stepsAlong, walked, walkedReach } from './reach-walked.ts';
import { LIKELY, POSSIBLE } from '../chance/verdict.ts';

/**
 * Error of a setting at a light, stops: what the rule and the prints are drawn from.
 * @param lv at the subject
 * @returns stops, + = over
 */
export function deltaAt(situation: Situation, setting: Setting, lv: number): number {
  const { camera, film } = situation;
  return sumTerms(errorOfFrame(camera, film, setting, lv, circumstancesOf(situation)).terms);
}

/**
 * Light at which a setting made by hand is exactly right (Δ = 0), LV.
 * @param setting of a camera that is set by hand
 * @returns LV
 */
export function centreLv(situation: Situation, setting: Setting): number {
  return -deltaAt(situation, setting, 0);
}

/**
 * The reach, for the support that was said. The situation's own LV plays no part, its sd does.
 * @param present where the controls stand
 * @returns intervals of LV, ascending
 */
export function reachOf(situation: Situation, present: Choice): Reach {
  const { camera } = situation;
  const flash = circumstancesOf(situation).flash.kind === 'fired';
  // with flash the chance depends on more than the distance from the window's middle, so that it has to be walked too
  return !setsItself(camera) && !flash ? manualReach(situation, present) : walkedReach(situation, present);
}

/**
 * The reach in the hand and on something, kept apart; the same where it makes no difference.
 * @param present where the controls stand
 * @returns `hand` for the hand, `standing` for a tripod or a table
 */
export function reachBoth(
  situation: Situation,
  present: Choice
): { readonly hand: Reach; readonly standing: Reach } {
  return {
    hand: reachOf({ ...situation, support: 'hand' }, present),
    standing: reachOf({ ...situation, support: 'standing' }, present)
  };
}

/** Gaps under half a stop are no gaps to anybody. */
const GAP_LV = 0.5;

function manualReach(situation: Situation, present: Choice): Reach {
  const prepared = prepare(situation);
  const { usable } = prepared.window;
  const candidates = candidatesOf(prepared, present);
  const points = candidates.map((candidate): Point => {
    const { deltaStops } = candidate.frameAt(0);
    // hand, subject and focus do not hang on the light: at the middle of the window they are what is left beside the exposure
    const middle = candidate.chancesAt((usable.lo + usable.hi) / 2 - deltaStops);
    const held = middle.exposure > 0 ? middle.usable / middle.exposure : 0;
    return { setting: candidate.setting, centre: -deltaStops, held };
  });
  const sure = { ...situation, light: { ...situation.light, sdStops: 0 } };
  const spread = (p: number): readonly LvInterval[] =>
    union(
      points.flatMap(({ setting, centre, held }) => {
        if (held < p) return [];
        const errors = errorsWithChance(
          usable,
          errorSd(situation, true, setting),
          Math.min(1 - 1e-12, p / held)
        );
        return errors ? [{ from: centre + errors.lo, to: centre + errors.hi }] : [];
      })
    );
  return {
    likely: spread(LIKELY),
    possible: closed(spread(POSSIBLE)),
    services: walked(stepsAlong(prepared, present, candidates)),
    largestLikelySd: largestLightSd(usable, errorSd(sure, true))
  };
}

/** A setting with the light at which it is exactly right, and the chance that the rest of the frame holds. */
interface Point {
  readonly setting: Setting;
  readonly centre: number;
  readonly held: number;
}

/** Neighbours with less than half a stop between them, as one. */
function closed(intervals: readonly LvInterval[]): readonly LvInterval[] {
  return intervals.reduce<readonly LvInterval[]>((list, next) => {
    const last = list.at(-1);
    return last && next.from - last.to < GAP_LV
      ? [...list.slice(0, -1), { from: last.from, to: next.to }]
      : [...list, next];
  }, []);
}

/** The sd of the light alone that leaves P = 0.75 in the middle of the window, after the gear's own spread. */
function largestLightSd(window: StopWindow, gear: number): number | null {
  // P at the middle is 2Φ(h/σ) − 1 with h half the window
  const total = (window.hi - window.lo) / 2 / normalQuantile((1 + LIKELY) / 2);
  return total >= gear ? Math.sqrt(total * total - gear * gear) : null;
}

function union(intervals: readonly LvInterval[]): readonly LvInterval[] {
  const sorted = [...intervals].sort((a, b) => a.from - b.from);
  const merged: LvInterval[] = [];
  for (const next of sorted) {
    const last = merged.at(-1);
    if (last && next.from <= last.to)
      merged[merged.length - 1] = { from: last.from, to: Math.max(last.to, next.to) };
    else merged.push(next);
  }
  return merged;
}
