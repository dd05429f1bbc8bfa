// The reach of a camera with a film: in which light some setting comes out likely (P ≥ 0.75) or possible (P ≥ 0.5),
// for the uncertainty of the light now, and which setting serves each part.
import { allSettings, type Choice, type Setting } from '../camera/setting.ts';
import { filmWindow, type StopWindow } from '../film/window.ts';
import { normalBetween, normalQuantile } from '../numeric/normal.ts';
import { failuresOf } from './conditions.ts';
import { deltaTerms, NO_ATTACHMENTS, sumTerms } from './delta.ts';
import { gearSd, LIKELY, POSSIBLE, type Situation } from './verdict.ts';

/** A stretch of light, LV. */
export interface LvInterval {
  readonly from: number;
  readonly to: number;
}

/** A stretch of light and the setting with the least error in it. */
export interface Service extends LvInterval {
  readonly setting: Setting;
}

/** The reach of a pair. Intervals ascend and do not touch. */
export interface Reach {
  readonly likely: readonly LvInterval[];
  readonly possible: readonly LvInterval[];
  /** Where each setting serves best, ascending, without gaps, from −∞ to ∞. */
  readonly services: readonly Service[];
  /** Largest sd of the light, in stops, at which anything is likely; null when even sure light is not enough. */
  readonly largestLikelySd: number | null;
}

/** Light at which a setting is exactly right (Δ = 0), LV. */
export function centreLv(situation: Situation, setting: Setting): number {
  const { camera, film, attachments } = situation;
  return -sumTerms(deltaTerms(camera, film, setting, 0, attachments ?? NO_ATTACHMENTS));
}

/**
 * The reach. Settings that fail a condition are left out as long as one does not; the situation's own LV plays no part,
 * its sd does.
 */
export function reachOf(situation: Situation, present: Choice): Reach {
  const { camera, film, light, contrast } = situation;
  const { usable } = filmWindow(film, contrast);
  const all = allSettings(camera, present);
  const held = all.filter((s) => failuresOf(camera, film, s).length === 0);
  const settings = held.length > 0 ? held : all;
  const centres = settings.map((s) => centreLv(situation, s));
  const gear = gearSd(camera, film);
  const sd = Math.hypot(light.sdStops, gear);
  const spread = (p: number): readonly LvInterval[] => {
    const around = errorsWithChance(usable, sd, p);
    return around === null ? [] : union(centres.map((c) => ({ from: c + around.lo, to: c + around.hi })));
  };
  return {
    likely: spread(LIKELY),
    possible: spread(POSSIBLE),
    services: servicesOf(settings, centres, usable),
    largestLikelySd: largestLightSd(usable, gear)
  };
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
  let inside = 0;
  let outside = (window.hi - window.lo) / 2 + 10 * sd;
  while (outside - inside > 1e-9) {
    const off = (inside + outside) / 2;
    if (chance(off) >= p) inside = off;
    else outside = off;
  }
  return { lo: middle - inside, hi: middle + inside };
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
