// The reach of a camera that sets itself: the scale is walked in steps and every crossing then found by bisection.
// A stretch narrower than a step can be missed.
import type { Setting } from '../camera/setting.ts';
import { LV_RANGE } from '../light/lv.ts';
import { bisect } from '../numeric/bisect.ts';
import { candidateOf } from '../chance/candidate.ts';
import { failuresOf } from '../chance/conditions.ts';
import { prepare } from '../chance/prepared.ts';
import type { LvInterval, Reach, Service } from './reach-shape.ts';
import type { Situation } from '../error/situation.ts';
import { LIKELY, POSSIBLE } from '../chance/verdict.ts';

/** Step of the walk along the scale for cameras that set themselves, LV. */
const STEP_LV = 0.5;
/** How sharply a walked edge is found, LV. */
const WALK_EDGE_LV = 0.01;

interface Step {
  readonly lv: number;
  readonly setting: Setting;
  readonly chance: number;
}

/** A setting with what it makes of a light: its chance, and whether no condition fails. */
interface Walker {
  readonly setting: Setting;
  readonly chanceAt: (lv: number) => number;
  /** At least the chance, for less work. */
  readonly boundAt: (lv: number) => number;
  readonly holdsAt: (lv: number) => boolean;
}

function walkersOf(situation: Situation, settings: readonly Setting[]): readonly Walker[] {
  const prepared = prepare(situation);
  const { camera } = situation;
  return settings.map((setting) => {
    const candidate = candidateOf(prepared, setting);
    return {
      setting,
      chanceAt: (lv) => candidate.chanceAt(lv, prepared.window.usable),
      boundAt: (lv) => candidate.boundAt(lv, prepared.window.usable),
      holdsAt: (lv) => {
        const { exposure, flash } = candidate.frameAt(lv);
        return failuresOf(camera, prepared.limits, setting, exposure, flash).length === 0;
      }
    };
  });
}

/** The reach of a camera that sets itself. */
export function walkedReach(situation: Situation, settings: readonly Setting[]): Reach {
  const walkers = walkersOf(situation, settings);
  const count = Math.round((LV_RANGE.max - LV_RANGE.min) / STEP_LV);
  const steps: Step[] = [];
  for (let i = 0; i <= count; i++) {
    // what was best a step ago is nearly best now: what cannot reach it is not worked out
    const before = walkers.find((w) => w.setting === steps.at(-1)?.setting) ?? null;
    steps.push(bestOf(walkers, LV_RANGE.min + i * STEP_LV, before));
  }
  const spread = (p: number): readonly LvInterval[] => {
    const at = (a: Step, b: Step): number => {
      const [inside, outside] = a.chance >= p ? [a.lv, b.lv] : [b.lv, a.lv];
      // between two steps only those count that are possible at one of them
      const canAt = (w: Walker, lv: number): boolean =>
        w.boundAt(lv) >= POSSIBLE && w.chanceAt(lv) >= POSSIBLE;
      const few = walkers.filter((w) => canAt(w, a.lv) || canAt(w, b.lv));
      const near = few.find((w) => w.setting === (a.chance >= p ? a : b).setting) ?? null;
      return bisect((lv) => bestOf(few, lv, near).chance >= p, inside, outside, WALK_EDGE_LV);
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

/** The best of some walkers at a light. @param near one that is likely good: it only sets how good the others must be to count */
function bestOf(candidates: readonly Walker[], lv: number, near: Walker | null = null): Step {
  let held: Step | null = null;
  let any: Step | null = null;
  // below these a setting can become neither the best of all nor the best that holds
  let leastOfAll = near ? near.chanceAt(lv) - 1e-6 : -1;
  let leastHeld: number = near?.holdsAt(lv) ? Math.max(POSSIBLE, leastOfAll) : POSSIBLE;
  for (const { setting, chanceAt, boundAt, holdsAt } of candidates) {
    if (leastOfAll > 0) {
      const bound = boundAt(lv);
      if (bound < leastOfAll && bound < leastHeld) continue;
    }
    const chance = chanceAt(lv);
    if (any === null || chance > any.chance + 1e-9) {
      any = { lv, setting, chance };
      leastOfAll = Math.max(leastOfAll, chance - 1e-6);
    }
    if ((held === null || chance > held.chance + 1e-9) && holdsAt(lv)) {
      held = { lv, setting, chance };
      leastHeld = Math.max(leastHeld, chance - 1e-6);
    }
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
  // what is not possible in sure light is not likely in unsure light
  const sure = walkersOf({ ...situation, light: { lv, sdStops: 0 } }, settings);
  const few = sure.filter((w) => w.chanceAt(lv) >= POSSIBLE).map((w) => w.setting);
  if (few.length === 0) return null;
  const likelyAt = (sdStops: number): boolean =>
    bestOf(walkersOf({ ...situation, light: { lv, sdStops } }, few), lv).chance >= LIKELY;
  return likelyAt(0) ? bisect(likelyAt, 0, situation.light.sdStops, 0.01) : null;
}
