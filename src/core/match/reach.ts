// The reach of a camera with a film: in which light some setting comes out likely (P ≥ 0.75) or possible (P ≥ 0.5),
// for the uncertainty of the light now, and which setting serves each part.
// Set by hand: exact, since the chance depends on the distance from the window's middle alone.
// Set by the camera: walked, in reach-walked.ts.
import { allSettings, type Choice, type Setting } from '../camera/setting.ts';
import { filmWindow, type StopWindow } from '../film/window.ts';
import { bisect } from '../numeric/bisect.ts';
import { normalBetween, normalQuantile } from '../numeric/normal.ts';
import { failuresOf } from './conditions.ts';
import { errorOfFrame, sumTerms } from './delta.ts';
import { circumstancesOf, errorSd, type Situation } from './situation.ts';
import type { LvInterval, Reach, Service } from './reach-shape.ts';
import { walkedReach } from './reach-walked.ts';
import { LIKELY, POSSIBLE } from './verdict.ts';

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
  const settings = allSettings(situation.camera, present);
  return situation.camera.program.kind === 'manual'
    ? manualReach(situation, settings)
    : walkedReach(situation, settings);
}

function manualReach(situation: Situation, settings: readonly Setting[]): Reach {
  const { camera, film, contrast } = situation;
  const { usable } = filmWindow(film, contrast);
  const held = settings.filter(
    (s) =>
      failuresOf(camera, film, errorOfFrame(camera, film, s, 0).exposure, situation.supported).length === 0
  );
  const sd = errorSd(situation, true);
  const gear = errorSd({ ...situation, light: { ...situation.light, sdStops: 0 } }, true);
  const spread = (of: readonly Setting[], p: number): readonly LvInterval[] => {
    const around = errorsWithChance(usable, sd, p);
    if (around === null) return [];
    return union(
      of.map((s) => centreLv(situation, s)).map((c) => ({ from: c + around.lo, to: c + around.hi }))
    );
  };
  // as in the ranking: a setting that fails a condition counts only where no other is possible
  const supported = without(spread(settings, LIKELY), spread(held, POSSIBLE));
  const serving = held.length > 0 ? held : settings;
  return {
    likely: union([...spread(held, LIKELY), ...supported]),
    possible: spread(settings, POSSIBLE),
    services: servicesOf(
      serving,
      serving.map((s) => centreLv(situation, s)),
      usable
    ),
    largestLikelySd: largestLightSd(usable, gear)
  };
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

/**
 * The mean errors for which the chance of falling in the window is at least p.
 * @returns an interval around the window's middle, by bisection to 1e-9 stop; null when even the middle falls short
 */
export function errorsWithChance(window: StopWindow, sd: number, p: number): StopWindow | null {
  if (!(window.hi > window.lo)) return null;
  if (sd === 0) return window;
  const middle = (window.lo + window.hi) / 2;
  const chance = (off: number): number => normalBetween(middle + off, sd, window.lo, window.hi);
  if (chance(0) < p) return null;
  const off = bisect((x) => chance(x) >= p, 0, (window.hi - window.lo) / 2 + 10 * sd);
  return { lo: middle - off, hi: middle + off };
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

function servicesOf(
  settings: readonly Setting[],
  centres: readonly number[],
  usable: StopWindow
): readonly Service[] {
  const middle = (usable.lo + usable.hi) / 2;
  const points = settings
    .map((setting, i) => ({ setting, best: (centres[i] ?? 0) + middle }))
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
