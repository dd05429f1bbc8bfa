// The reach of a camera with a film: in which light some setting comes out likely (P ≥ 0.75) or possible (P ≥ 0.5),
// for the uncertainty of the light now, and which setting serves each part.
// Set by hand: exact, since the chance depends on the distance from the window's middle alone. Set by the camera: the
// scale is walked in steps of STEP_LV and every crossing then found by bisection; a stretch narrower than a step can be missed.
import { allSettings, type Choice, type Setting } from '../camera/setting.ts';
import { filmWindow, type StopWindow } from '../film/window.ts';
import { LV_RANGE } from '../light/lv.ts';
import { normalBetween, normalQuantile } from '../numeric/normal.ts';
import { chanceWithin } from './chance.ts';
import { failuresOf } from './conditions.ts';
import { errorOfFrame, sumTerms } from './delta.ts';
import { circumstancesOf, errorSd, type Situation } from './situation.ts';
import { LIKELY, POSSIBLE } from './verdict.ts';

/** A stretch of light, LV. */
export interface LvInterval {
  readonly from: number;
  readonly to: number;
}

/** A stretch of light and the setting that serves it best. */
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

/** Step of the walk along the scale for cameras that set themselves, LV. */
const STEP_LV = 0.5;

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
    : automaticReach(situation, settings);
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

/** Where a test that holds at `inside` and not at `outside` changes, to 1e-9. */
function bisect(holds: (x: number) => boolean, inside: number, outside: number): number {
  let [a, b] = [inside, outside];
  while (Math.abs(b - a) > 1e-9) {
    const middle = (a + b) / 2;
    if (holds(middle)) a = middle;
    else b = middle;
  }
  return a;
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

interface Step {
  readonly lv: number;
  readonly setting: Setting;
  readonly chance: number;
}

function automaticReach(situation: Situation, all: readonly Setting[]): Reach {
  const bestAt = (lv: number): Step => bestOf(situation, all, lv);
  const count = Math.round((LV_RANGE.max - LV_RANGE.min) / STEP_LV);
  const steps = Array.from({ length: count + 1 }, (_, i) => bestAt(LV_RANGE.min + i * STEP_LV));
  const spread = (p: number): readonly LvInterval[] => {
    const at = (a: Step, b: Step): number => {
      const [inside, outside] = a.chance >= p ? [a.lv, b.lv] : [b.lv, a.lv];
      return bisect((lv) => bestAt(lv).chance >= p, inside, outside);
    };
    const found: LvInterval[] = [];
    let from: number | null = (steps[0]?.chance ?? 0) >= p ? LV_RANGE.min : null;
    steps.slice(1).forEach((b, i) => {
      const a = steps[i] ?? b;
      if (a.chance < p && b.chance >= p) from = at(a, b);
      if (a.chance >= p && b.chance < p && from !== null) {
        found.push({ from, to: at(a, b) });
        from = null;
      }
    });
    return from === null ? found : [...found, { from, to: LV_RANGE.max }];
  };
  const likely = spread(LIKELY);
  return {
    likely,
    possible: spread(POSSIBLE),
    services: walked(steps),
    largestLikelySd: likelySd(situation, all, steps)
  };
}

function bestOf(situation: Situation, settings: readonly Setting[], lv: number): Step {
  const { camera, film, light, contrast } = situation;
  const here = { ...situation, light: { ...light, lv } };
  const { usable } = filmWindow(film, contrast);
  let held: Step | null = null;
  let any: Step | null = null;
  for (const setting of settings) {
    const chance = chanceWithin(here, setting, usable);
    if (any === null || chance > any.chance + 1e-9) any = { lv, setting, chance };
    if (held !== null && chance <= held.chance + 1e-9) continue;
    const { exposure } = errorOfFrame(camera, film, setting, lv, circumstancesOf(situation));
    if (failuresOf(camera, film, exposure, situation.supported).length === 0) held = { lv, setting, chance };
  }
  // as in the ranking: a setting that fails a condition counts only where no other is possible
  const best = held !== null && held.chance >= POSSIBLE ? held : any;
  if (!best) throw new RangeError('the camera has no setting');
  return best;
}

/** The steps as services: a change lies half way between two steps. */
function walked(steps: readonly Step[]): readonly Service[] {
  const services: Service[] = [];
  for (const step of steps) {
    const last = services.at(-1);
    if (last && last.setting === step.setting) continue;
    if (last) services[services.length - 1] = { ...last, to: step.lv - STEP_LV / 2 };
    services.push({ setting: step.setting, from: last ? step.lv - STEP_LV / 2 : -Infinity, to: Infinity });
  }
  return services;
}

/** The largest sd of the light at which the best light of all is likely; null when sure light is not enough either. */
function likelySd(situation: Situation, settings: readonly Setting[], steps: readonly Step[]): number | null {
  const { lv } = steps.reduce((a, b) => (b.chance > a.chance ? b : a));
  const likelyAt = (sdStops: number): boolean =>
    bestOf({ ...situation, light: { lv, sdStops } }, settings, lv).chance >= LIKELY;
  if (!likelyAt(0)) return null;
  const MOST = 6;
  return likelyAt(MOST) ? MOST : bisect(likelyAt, 0, MOST);
}
