// The reach of a camera that sets itself: the scale is walked in steps and every crossing then found by bisection.
// A stretch narrower than a step can be missed.
import { respond } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { filmWindow } from '../film/window.ts';
import { LV_RANGE } from '../light/lv.ts';
import { bisect } from '../numeric/bisect.ts';
import { chanceCurve } from './chance.ts';
import { failuresOf } from './conditions.ts';
import { wantedEv } from './delta.ts';
import type { LvInterval, Reach, Service } from './reach-shape.ts';
import { circumstancesOf, type Situation } from './situation.ts';
import { LIKELY, POSSIBLE } from './verdict.ts';

/** Step of the walk along the scale for cameras that set themselves, LV. */
const STEP_LV = 0.5;
/** How sharply a walked edge is found, LV. */
const WALK_EDGE_LV = 1e-3;

interface Step {
  readonly lv: number;
  readonly setting: Setting;
  readonly chance: number;
}

/** A setting with what it makes of a light: its chance, and whether it can be held and fires at all. */
interface Candidate {
  readonly setting: Setting;
  readonly chanceAt: (lv: number) => number;
  readonly holdsAt: (lv: number) => boolean;
}

function candidatesOf(situation: Situation, settings: readonly Setting[]): readonly Candidate[] {
  const { camera, film, contrast, supported } = situation;
  const { usable } = filmWindow(film, contrast);
  const circumstances = circumstancesOf(situation);
  return settings.map((setting) => {
    const wantedAtZero = wantedEv(camera, setting, circumstances.eyeOffsetStops, circumstances);
    return {
      setting,
      chanceAt: chanceCurve(situation, setting, usable),
      holdsAt: (lv) =>
        failuresOf(camera, film, respond(camera, setting, wantedAtZero + lv), supported).length === 0
    };
  });
}

/** The reach of a camera that sets itself. */
export function walkedReach(situation: Situation, settings: readonly Setting[]): Reach {
  const candidates = candidatesOf(situation, settings);
  const bestAt = (lv: number): Step => bestOf(candidates, lv);
  const count = Math.round((LV_RANGE.max - LV_RANGE.min) / STEP_LV);
  const steps = Array.from({ length: count + 1 }, (_, i) => bestAt(LV_RANGE.min + i * STEP_LV));
  const spread = (p: number): readonly LvInterval[] => {
    const at = (a: Step, b: Step): number => {
      const [inside, outside] = a.chance >= p ? [a.lv, b.lv] : [b.lv, a.lv];
      return bisect((lv) => bestAt(lv).chance >= p, inside, outside, WALK_EDGE_LV);
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
  const largestLikelySd = likely.length > 0 ? situation.light.sdStops : likelySd(situation, settings, steps);
  return { likely, possible: spread(POSSIBLE), services: walked(steps), largestLikelySd };
}

function bestOf(candidates: readonly Candidate[], lv: number): Step {
  let held: Step | null = null;
  let any: Step | null = null;
  for (const { setting, chanceAt, holdsAt } of candidates) {
    const chance = chanceAt(lv);
    if (any === null || chance > any.chance + 1e-9) any = { lv, setting, chance };
    if ((held === null || chance > held.chance + 1e-9) && holdsAt(lv)) held = { lv, setting, chance };
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
    bestOf(candidatesOf({ ...situation, light: { lv, sdStops } }, settings), lv).chance >= LIKELY;
  return likelyAt(0) ? bisect(likelyAt, 0, situation.light.sdStops, 0.01) : null;
}
