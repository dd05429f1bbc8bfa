// The reach of a camera with a film: in which light some setting comes out likely (P ≥ 0.75) or possible (P ≥ 0.5),
// for the uncertainty of the light now, and which setting serves each part.
// Set by hand: exact, since the chance depends on the distance from the window's middle alone.
// Set by the camera: walked, in reach-walked.ts.
import type { Choice, Setting } from '../camera/setting.ts';
import type { StopWindow } from '../film/window.ts';
import { normalQuantile } from '../numeric/normal.ts';
import { candidateOf } from '../chance/candidate.ts';
import { failuresOf } from '../chance/conditions.ts';
import { errorOfFrame, sumTerms } from '../error/delta.ts';
import { errorsWithChance } from '../chance/errors-with-chance.ts';
import { prepare } from '../chance/prepared.ts';
import { settingsFor } from './rank.ts';
import { circumstancesOf, errorSd, type Situation } from '../error/situation.ts';
import type { LvInterval, Reach, Service } from './reach-shape.ts';
import { walkedReach } from './reach-walked.ts';
import { LIKELY, POSSIBLE } from '../chance/verdict.ts';

/** Error of a setting at a light, stops: what the rule and the prints are drawn from. */
export function deltaAt(situation: Situation, setting: Setting, lv: number): number {
  const { camera, film } = situation;
  return sumTerms(errorOfFrame(camera, film, setting, lv, circumstancesOf(situation)).terms);
}

/** Light at which a setting made by hand is exactly right (Δ = 0), LV. */
export function centreLv(situation: Situation, setting: Setting): number {
  return -deltaAt(situation, setting, 0);
}

/**
 * The reach. Settings that fail a condition count only where no other is possible; the situation's own LV plays no part,
 * its sd does.
 */
export function reachOf(situation: Situation, present: Choice): Reach {
  const settings = settingsFor(situation, present);
  const { camera } = situation;
  const flash = circumstancesOf(situation).flash.kind === 'fired';
  // with flash the chance depends on more than the distance from the window's middle, so that it has to be walked too
  return camera.program.kind === 'manual' && !flash
    ? manualReach(situation, settings)
    : walkedReach(situation, settings);
}

function manualReach(situation: Situation, settings: readonly Setting[]): Reach {
  const prepared = prepare(situation);
  const { usable } = prepared.window;
  const points = settings.map((setting): Point => {
    const candidate = candidateOf(prepared, setting);
    const { exposure, deltaStops } = candidate.frameAt(0);
    return {
      setting,
      centre: -deltaStops,
      held: failuresOf(situation.camera, prepared.limits, setting, exposure, null).length === 0
    };
  });
  const sure = { ...situation, light: { ...situation.light, sdStops: 0 } };
  // settings counted by hand are less sure than the rest, so the errors they may have are looked up by their sd
  const around = new Map<string, StopWindow | null>();
  const errorsFor = (sd: number, p: number): StopWindow | null => {
    const key = `${sd} ${p}`;
    const known = around.get(key);
    if (known !== undefined) return known;
    const found = errorsWithChance(usable, sd, p);
    around.set(key, found);
    return found;
  };
  const spread = (of: readonly Point[], p: number): readonly LvInterval[] =>
    union(
      of.flatMap(({ setting, centre }) => {
        const errors = errorsFor(errorSd(situation, true, setting), p);
        return errors ? [{ from: centre + errors.lo, to: centre + errors.hi }] : [];
      })
    );
  const held = points.filter((p) => p.held);
  const heldPossible = spread(held, POSSIBLE);
  // as in the ranking: a setting that fails a condition counts only where no other is possible
  const supported = without(spread(points, LIKELY), heldPossible);
  return {
    likely: union([...spread(held, LIKELY), ...supported]),
    possible: spread(points, POSSIBLE),
    services: stitched(servicesOf(held, usable), servicesOf(points, usable), heldPossible),
    largestLikelySd: largestLightSd(usable, errorSd(sure, true))
  };
}

/** A setting with the light at which it is exactly right. */
interface Point {
  readonly setting: Setting;
  readonly centre: number;
  readonly held: boolean;
}

/** What of the intervals lies outside the others. Both ascend and do not touch. */
function without(intervals: readonly LvInterval[], others: readonly LvInterval[]): readonly LvInterval[] {
  return others.reduce<readonly LvInterval[]>(
    (left, o) =>
      left.flatMap((i) =>
        [
          { from: i.from, to: Math.min(i.to, o.from) },
          { from: Math.max(i.from, o.to), to: i.to }
        ].filter((part) => part.to > part.from)
      ),
    intervals
  );
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

/** Services that hold where something held is possible, and any others elsewhere. */
function stitched(
  held: readonly Service[],
  any: readonly Service[],
  heldPossible: readonly LvInterval[]
): readonly Service[] {
  const elsewhere = without([{ from: -Infinity, to: Infinity }], heldPossible);
  const within = (services: readonly Service[], intervals: readonly LvInterval[]): readonly Service[] =>
    intervals.flatMap((i) =>
      services
        .map((s) => ({ ...s, from: Math.max(s.from, i.from), to: Math.min(s.to, i.to) }))
        .filter((s) => s.to > s.from)
    );
  const all = [...within(held, heldPossible), ...within(any, elsewhere)].sort((a, b) => a.from - b.from);
  return all.reduce<readonly Service[]>((list, next) => {
    const last = list.at(-1);
    return last?.setting === next.setting
      ? [...list.slice(0, -1), { ...last, to: next.to }]
      : [...list, next];
  }, []);
}

function servicesOf(of: readonly Point[], usable: StopWindow): readonly Service[] {
  const middle = (usable.lo + usable.hi) / 2;
  const points = of
    .map(({ setting, centre }) => ({ setting, best: centre + middle }))
    .sort((a, b) => a.best - b.best)
    // equivalent settings serve the same light: the first in printed order stands for them
    .filter((p, i, list) => i === 0 || p.best - (list[i - 1]?.best ?? 0) > 1e-9);
  return points.map((p, i) => {
    const before = points[i - 1];
    const after = points[i + 1];
    return {
      setting: p.setting,
      from: before ? (before.best + p.best) / 2 : -Infinity,
      to: after ? (p.best + after.best) / 2 : Infinity
    };
  });
}
