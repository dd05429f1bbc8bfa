// What would help. Each remedy answers what holds the frame back most, is tried through the same engine, and is shown only
// where it is worth it and breaks nothing. The best positions of the camera itself are not among them: they are the advice
// that a remedy has to beat.
import type { Choice } from '../camera/setting.ts';
import type { CoursePoint } from '../sky/events.ts';
import { LIKELY, POSSIBLE, type Verdict } from '../chance/verdict.ts';
import type { Situation } from '../error/situation.ts';
import type { AtHand } from './at-hand.ts';
import { bestSetting } from './rank.ts';
import { stepsAgainst } from './remedy-steps.ts';
import { applied, type Remedy, type RemedyStep } from './remedy.ts';
import { LIKELY_ENOUGH, troublesOf, type Trouble } from './troubles.ts';

/** Less than this is not worth the effort. */
export const WORTH_GAIN = 0.1;
/** A remedy has to reach this chance. */
const WORTH_CHANCE = 1 / 3;
/** At this chance nothing needs help. */
const NO_HELP = 0.9;
/** Under this, with nothing that helps, it is better to stop. */
const NOT_TODAY = 0.25;
/** Of one kind the least measure this close to its best. */
const NEARLY_BEST = 0.05;
/** First steps that are tried with a second. */
const FIRST_OF_PAIRS = 4;

const EFFORT: Readonly<Record<RemedyStep['kind'], number>> = {
  ...{ 'no-flash': 0, reading: 0, test: 0, measure: 0 },
  ...{ filter: 1, 'lamp-nearer': 1, 'modifier-off': 1 },
  ...{ support: 2, leaning: 2, move: 2, exposures: 3, flash: 4 },
  ...{ development: 5, film: 6, wait: 7, 'not-today': 8 }
};
/** What cannot be done where one stands. */
const LATER: ReadonlySet<RemedyStep['kind']> = new Set(['development', 'film', 'wait', 'not-today']);
/** What is to be done before anything else, and alone. */
const ALONE: ReadonlySet<RemedyStep['kind']> = new Set(['reading', 'test']);

/**
 * Remedies worth doing: first what can be done now and makes the frame possible, then by chance, then by effort.
 * @param present where the controls stand @param atHand what the bag and the day offer
 * @returns each gains, and makes nothing fail that held; empty = nothing helps
 */
export function remediesFor(situation: Situation, present: Choice, atHand: AtHand): readonly Remedy[] {
  const advice = bestSetting(situation, present);
  if (!advice || advice.pUsable >= NO_HELP) return [];
  const singles = triedAll(situation, present, advice, atHand, []);
  const best = leastOfEachKind(singles);
  const pairs = best.some((r) => r.verdict.pUsable >= POSSIBLE)
    ? []
    : pairsFor(situation, present, advice, atHand, singles);
  const wait = waitFor(situation, present, advice, atHand.course);
  const found = [...best, ...leastOfEachKind(pairs).slice(0, 2), ...wait]
    .filter((r) => isWorth(advice, r))
    .sort((a, b) => compare(a, b));
  const hopeless = advice.pUsable < NOT_TODAY && !found.some((r) => r.verdict.pUsable >= POSSIBLE);
  return hopeless ? [...found, { steps: [{ kind: 'not-today' }], verdict: advice, gain: 0 }] : found;
}

/** Every step that answers what holds the frame back, tried after some others. */
function triedAll(
  situation: Situation,
  present: Choice,
  advice: Verdict,
  atHand: AtHand,
  before: readonly RemedyStep[]
): readonly Remedy[] {
  const after = before.reduce(applied, situation);
  const now = before.length === 0 ? advice : bestSetting(after, present);
  if (!now) return [];
  const troubles = new Set<Trouble>(troublesOf(now).map((t) => t.trouble));
  const kinds = new Set(before.map((s) => s.kind));
  // what was too dark, or shaken, is not answered by less light, whatever a first step makes of it
  const isDark = troublesOf(advice).some((t) => t.trouble === 'under' || t.trouble === 'shake');
  const works = (step: RemedyStep): boolean =>
    !kinds.has(step.kind) &&
    !(before.length > 0 && ALONE.has(step.kind)) &&
    !(isDark && step.kind === 'filter');
  return stepsAgainst(troubles, after, now, atHand)
    .filter(works)
    .flatMap((step) => {
      const verdict = bestSetting(applied(after, step), present);
      const steps = [...before, step];
      return verdict ? [{ steps, verdict, gain: verdict.pUsable - advice.pUsable }] : [];
    });
}

/** Whether a remedy gains enough, reaches something, and lets nothing fail that held. */
function isWorth(advice: Verdict, { verdict, gain }: Remedy): boolean {
  if (gain < WORTH_GAIN || verdict.pUsable < WORTH_CHANCE) return false;
  // an automatic camera is not driven past its limits to quiet its noise
  if (verdict.exposure.limit !== 'none' && advice.exposure.limit === 'none' && verdict.flash === null)
    return false;
  return verdict.factors.every(
    ({ kind, chance }) =>
      chance >= LIKELY_ENOUGH || (advice.factors.find((f) => f.kind === kind)?.chance ?? 1) < LIKELY_ENOUGH
  );
}

function pairsFor(
  situation: Situation,
  present: Choice,
  advice: Verdict,
  atHand: AtHand,
  singles: readonly Remedy[]
): readonly Remedy[] {
  const first = leastOfEachKind(singles)
    .filter((r) => r.steps.every((s) => !ALONE.has(s.kind)))
    .sort((a, b) => b.gain - a.gain)
    .slice(0, FIRST_OF_PAIRS);
  return first.flatMap((a) =>
    triedAll(situation, present, advice, atHand, a.steps).filter((pair) => {
      const second = pair.steps[1];
      const alone = singles.find((s) => s.steps[0]?.kind === second?.kind)?.gain ?? 0;
      return pair.gain >= Math.max(a.gain, alone, 0) + WORTH_GAIN;
    })
  );
}

/** The first moment of the course at which waiting is worth it: likely then, or else as likely as it gets. */
function waitFor(
  situation: Situation,
  present: Choice,
  advice: Verdict,
  course: readonly CoursePoint[]
): readonly Remedy[] {
  if (advice.chance === 'likely') return [];
  let best: Remedy | null = null;
  for (const until of course) {
    const step: RemedyStep = { kind: 'wait', until };
    const verdict = bestSetting(applied(situation, step), present);
    if (!verdict) continue;
    const remedy = { steps: [step], verdict, gain: verdict.pUsable - advice.pUsable };
    if (!isWorth(advice, remedy)) continue;
    if (verdict.pUsable >= LIKELY) return [remedy];
    if (best === null || remedy.gain > best.gain + 1e-9) best = remedy;
  }
  return best ? [best] : [];
}

/** What a remedy is made of, in whichever order. */
const kindsOf = (r: Remedy): string =>
  r.steps
    .map((s) => s.kind)
    .sort()
    .join('+');
const isNow = (r: Remedy): boolean =>
  r.steps.every((s) => !LATER.has(s.kind)) && r.verdict.pUsable >= POSSIBLE;

function compare(a: Remedy, b: Remedy): number {
  const tens = (r: Remedy): number => Math.round(r.verdict.pUsable * 10);
  const effort = (r: Remedy): number => r.steps.reduce((sum, s) => sum + EFFORT[s.kind], 0);
  return Number(isNow(b)) - Number(isNow(a)) || tens(b) - tens(a) || effort(a) - effort(b) || b.gain - a.gain;
}

/** How much of its kind a remedy takes: the less, the better. */
function measureOf({ steps, verdict }: Remedy): number {
  return steps.reduce((sum, step) => {
    if (step.kind === 'filter')
      return sum + step.filter.stops + (step.filter.place === 'lens-and-eye' ? 0 : 0.1);
    if (step.kind === 'exposures') return sum + step.count;
    if (step.kind === 'flash') return sum - step.flash.powerStops;
    if (step.kind === 'development') return sum + Math.abs(step.stops);
    return step.kind === 'film' ? sum + Math.abs(verdict.deltaStops - verdict.aimStops) : sum;
  }, 0);
}

/** Of each kind the least measure that comes near its best. */
function leastOfEachKind(remedies: readonly Remedy[]): readonly Remedy[] {
  return [...new Set(remedies.map(kindsOf))].flatMap((kind) => {
    const same = remedies.filter((r) => kindsOf(r) === kind);
    const most = same.reduce((p, r) => Math.max(p, r.verdict.pUsable), 0);
    const near = same.filter((r) => r.verdict.pUsable >= most - NEARLY_BEST);
    const [least] = [...near].sort((a, b) => measureOf(a) - measureOf(b) || b.gain - a.gain);
    return least ? [least] : [];
  });
}
