// The reach of a camera that sets itself: the scale is walked in steps and every crossing then found by bisection.
// A stretch narrower than a step can be missed.
import type { Choice, Setting } from '../camera/setting.ts';
import type { Candidate } from '../chance/candidate.ts';
import { prepare, type Prepared } from '../chance/prepared.ts';
import { LIKELY, POSSIBLE } from '../chance/verdict.ts';
import type { Situation } from '../error/situation.ts';
import { LV_RANGE } from '../light/lv.ts';
import { bisect } from '../numeric/bisect.ts';
import { bestAt, candidatesOf } from './rank.ts';
import type { LvInterval, Reach, Service } from './reach-shape.ts';

/** Step of the walk along the scale for cameras that set themselves, LV. */
const STEP_LV = 0.5;
/** How sharply a walked edge is found, LV. */
const WALK_EDGE_LV = 0.02;

interface Step {
  readonly lv: number;
  readonly setting: Setting;
  /** The greatest chance of a whole frame in this light. */
  readonly chance: number;
}

/**
 * The reach of a camera that sets itself.
 * @param present where the controls stand
 * @returns intervals of LV, ascending
 */
export function walkedReach(situation: Situation, present: Choice): Reach {
  const prepared = prepare(situation);
  const candidates = candidatesOf(prepared, present);
  const steps = stepsAlong(prepared, present, candidates);
  const spread = (p: number): readonly LvInterval[] => {
    const at = (a: Step, b: Step): number => {
      const [inside, outside] = a.chance >= p ? [a.lv, b.lv] : [b.lv, a.lv];
      // between two steps only those count that can be at one of them
      const few = candidates.filter((c) =>
        [a.lv, b.lv].some((lv) => c.boundAt(lv) >= p && c.chancesAt(lv).usable >= p)
      );
      return bisect((lv) => mostAt(few, lv) >= p, inside, outside, WALK_EDGE_LV);
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
  const largestLikelySd = likely.length > 0 ? situation.light.sdStops : likelySd(situation, present, steps);
  return { likely, possible: spread(POSSIBLE), services: walked(steps), largestLikelySd };
}

/**
 * The best setting at every step of the scale.
 * @param candidates of the prepared situation
 * @returns ascending by LV, over the whole scale
 */
export function stepsAlong(
  prepared: Prepared,
  present: Choice,
  candidates: readonly Candidate[]
): readonly Step[] {
  const count = Math.round((LV_RANGE.max - LV_RANGE.min) / STEP_LV);
  return Array.from({ length: count + 1 }, (_, i): Step => {
    const lv = LV_RANGE.min + i * STEP_LV;
    const best = bestAt({ prepared, present, lv }, candidates);
    if (!best) throw new RangeError('the camera has no setting');
    return { lv, setting: best.candidate.setting, chance: best.most };
  });
}

/** The greatest chance among candidates at a light. */
function mostAt(candidates: readonly Candidate[], lv: number): number {
  let most = 0;
  for (const candidate of candidates)
    if (candidate.boundAt(lv) > most) most = Math.max(most, candidate.chancesAt(lv).usable);
  return most;
}

/**
 * The steps as services: a change lies half way between two steps.
 * @param steps ascending by LV
 * @returns stretches of LV that one setting serves
 */
export function walked(steps: readonly Step[]): readonly Service[] {
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
function likelySd(situation: Situation, present: Choice, steps: readonly Step[]): number | null {
  const { lv } = steps.reduce((a, b) => (b.chance > a.chance ? b : a));
  const likelyAt = (sdStops: number): boolean =>
    mostAt(candidatesOf(prepare({ ...situation, light: { lv, sdStops } }), present), lv) >= LIKELY;
  return likelyAt(0) ? bisect(likelyAt, 0, situation.light.sdStops, 0.01) : null;
}
