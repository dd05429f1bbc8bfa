// What would help: each remedy is tried through the same engine, alone and in pairs, and told with what it changes.
// The best positions of the camera itself are not among them: they are the advice that a remedy has to beat.
import type { Choice } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { isNegative } from '../film/film.ts';
import type { CoursePoint } from '../sky/events.ts';
import type { FlashUse } from '../flash/flash.ts';
import type { AtHand } from './at-hand.ts';
import type { Circumstances } from '../error/circumstances.ts';
import { sharedFormat } from '../chance/conditions.ts';
import type { Filter, FilterPlace } from '../error/filters.ts';
import { bestSetting } from './rank.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import { judge, type Verdict } from '../chance/verdict.ts';

/** One thing to do, in order of effort. */
export type RemedyStep =
  | { readonly kind: 'filter'; readonly filter: Filter }
  | { readonly kind: 'support' }
  | { readonly kind: 'flash'; readonly flash: FlashUse }
  /** Keep a camera that fires by itself from firing. */
  | { readonly kind: 'no-flash' }
  /** Several exposures on one frame. */
  | { readonly kind: 'exposures'; readonly count: number }
  | { readonly kind: 'development'; readonly stops: number }
  | { readonly kind: 'film'; readonly film: Film }
  /** Lean on something, or pull a strap taut. */
  | { readonly kind: 'leaning' }
  /** Go nearer or farther, to so many metres. */
  | { readonly kind: 'move'; readonly toM: number }
  /** Measure the distance. */
  | { readonly kind: 'measure' }
  /** Read the light before anything else. */
  | { readonly kind: 'reading' }
  /** Test the camera before anything else. */
  | { readonly kind: 'test' }
  /** The person's own lamp nearer, to so many metres. */
  | { readonly kind: 'lamp-nearer'; readonly toM: number }
  /** What is before the lamp taken off. */
  | { readonly kind: 'modifier-off'; readonly stops: number }
  | { readonly kind: 'not-today' }
  /** Wait until the light is another. */
  | { readonly kind: 'wait'; readonly until: CoursePoint };

/** A remedy of one or two steps with the verdict it leads to. */
export interface Remedy {
  readonly steps: readonly RemedyStep[];
  readonly verdict: Verdict;
  /** Chance gained, 0…1; 0 for a remedy that cures a failed condition only. */
  readonly gain: number;
}

/** What a reading leaves of the light's sd, and a test of the camera's, stops. */
const READ_SD = 0.3;
const TESTED_SD = 0.3;
/** Less than this is not worth the effort. */
export const WORTH_GAIN = 0.1;

const EFFORT: Readonly<Record<RemedyStep['kind'], number>> = {
  reading: 0,
  test: 0,
  measure: 0,
  leaning: 1,
  move: 1,
  'lamp-nearer': 1,
  'modifier-off': 1,
  'not-today': 9,
  'no-flash': 0,
  filter: 1,
  support: 2,
  exposures: 3,
  flash: 4,
  development: 5,
  film: 6,
  wait: 7
};
/** Exposures on one frame that are offered. */
const EXPOSURES = [2, 4] as const;
const DEVELOPMENTS = [-1, 1, 2] as const;

/**
 * Remedies worth doing, least effort first, then most gain; of one kind only the best.
 * A pair of kinds is kept only if it beats both of its parts by a tenth.
 */
export function remediesFor(situation: Situation, present: Choice, atHand: AtHand): readonly Remedy[] {
  const advice = bestSetting(situation, present);
  if (!advice) return [];
  const worth = (r: Remedy): boolean => r.gain >= WORTH_GAIN || cures(advice, r.verdict);
  // nothing can gain a tenth over nine tenths
  if (advice.pUsable > 1 - WORTH_GAIN && advice.failures.length === 0) return [];
  const steps = stepsFor(situation, atHand).filter((step) => hasEffect(situation, advice, step));
  const singles = steps.flatMap((step) => tried(situation, present, advice, [step]));
  const best = bestOfEachKind(singles.filter(worth));
  const promising = pairsOf(singles).filter(
    ([a, b]) => Math.max(a.verdict.pUsable, b.verdict.pUsable) <= 1 - WORTH_GAIN
  );
  const pairs = promising.flatMap(([a, b]) =>
    tried(situation, present, advice, [...a.steps, ...b.steps]).filter(
      (r) => r.gain >= Math.max(a.gain, b.gain, 0) + WORTH_GAIN
    )
  );
  const wait = waitFor(situation, present, advice, atHand.course);
  return [...best, ...bestOfEachKind(pairs).slice(0, 2), ...wait].sort(
    (a, b) => effortOf(a) - effortOf(b) || b.gain - a.gain
  );
}

/** A flash this many stops under the other light adds less than a quarter stop. */
const LOST_FLASH_STOPS = -2.5;

/** Whether a step changes anything to speak of: a flash that the other light drowns is many sums for nothing. */
function hasEffect(situation: Situation, advice: Verdict, step: RemedyStep): boolean {
  if (step.kind !== 'flash') return true;
  const { flash } = judge(applied(situation, step), advice.setting);
  return flash === null || flash.stops - flash.ambientStops > LOST_FLASH_STOPS;
}

/** The first moment of the course at which waiting is worth it: likely then, or else as likely as it gets. */
function waitFor(
  situation: Situation,
  present: Choice,
  advice: Verdict,
  course: readonly CoursePoint[]
): readonly Remedy[] {
  if (advice.chance === 'likely' && advice.failures.length === 0) return [];
  let best: Remedy | null = null;
  for (const until of course) {
    const [remedy] = tried(situation, present, advice, [{ kind: 'wait', until }]);
    if (!remedy || !(remedy.gain >= WORTH_GAIN || cures(advice, remedy.verdict))) continue;
    if (remedy.verdict.chance === 'likely' && remedy.verdict.failures.length === 0) return [remedy];
    if (best === null || remedy.gain > best.gain + 1e-9) best = remedy;
  }
  return best ? [best] : [];
}

/** A condition that failed holds now, and the chance has not suffered. */
function cures(before: Verdict, after: Verdict): boolean {
  return after.failures.length < before.failures.length && after.pUsable >= before.pUsable - 0.01;
}

function stepsFor(situation: Situation, atHand: AtHand): readonly RemedyStep[] {
  const { camera, film } = situation;
  // where there is no eye, only what reaches the film counts; a pack filter is for cameras that take packs
  const places: readonly FilterPlace[] =
    camera.program.kind === 'manual' ? ['lens'] : ['lens-and-eye', 'lens', 'pack', 'eye'];
  const filters = atHand.filters.flatMap(({ name, stops }) =>
    places.map((place): RemedyStep => ({ kind: 'filter', filter: { name, stops, place } }))
  );
  const developments = isNegative(film.kind)
    ? DEVELOPMENTS.map((stops): RemedyStep => ({ kind: 'development', stops }))
    : [];
  const films = atHand.films
    .filter((f) => f.id !== film.id && sharedFormat(camera, f) !== null)
    .map((f): RemedyStep => ({ kind: 'film', film: f }));
  const exposures = camera.repeats
    ? EXPOSURES.map((count): RemedyStep => ({ kind: 'exposures', count }))
    : [];
  const flashes = flashUses(situation, atHand).map((flash): RemedyStep => ({ kind: 'flash', flash }));
  const quiet: readonly RemedyStep[] =
    camera.flash.kind === 'automatic' && camera.flash.overridable ? [{ kind: 'no-flash' }] : [];
  return [
    ...quiet,
    ...filters,
    ...(situation.support === 'standing' ? [] : [{ kind: 'support' } as const]),
    ...exposures,
    ...flashes,
    ...developments,
    ...films
  ];
}

/** What can be fired with a camera: its own flash by switch, or one of the kit in its shoe, at each of its powers. */
function flashUses({ camera, circumstances }: Situation, atHand: AtHand): readonly FlashUse[] {
  if (circumstances?.flash.kind === 'fired') return [];
  const units =
    camera.flash.kind === 'switch' ? [camera.flash.unit] : camera.flash.kind === 'shoe' ? atHand.flashes : [];
  return units.flatMap((unit) => unit.powers.map((powerStops) => ({ unit, powerStops, lossStops: 0 })));
}

function tried(
  situation: Situation,
  present: Choice,
  advice: Verdict,
  steps: readonly RemedyStep[]
): readonly Remedy[] {
  const verdict = bestSetting(steps.reduce(applied, situation), present);
  return verdict ? [{ steps, verdict, gain: verdict.pUsable - advice.pUsable }] : [];
}

/** The situation after a step. */
export function applied(situation: Situation, step: RemedyStep): Situation {
  switch (step.kind) {
    case 'leaning':
      return { ...situation, support: 'leaning' };
    case 'move':
      return withCircumstances(situation, { subjectM: step.toM });
    case 'measure':
      return { ...situation, distanceBy: 'measured' };
    case 'reading':
      return {
        ...situation,
        light: { ...situation.light, sdStops: Math.min(READ_SD, situation.light.sdStops) }
      };
    case 'test':
      return { ...situation, camera: { ...situation.camera, toleranceStops: TESTED_SD } };
    case 'lamp-nearer':
    case 'modifier-off':
      return withLamp(situation, step);
    case 'not-today':
      return situation;
    case 'support':
      return { ...situation, support: 'standing' };
    case 'flash':
      return withCircumstances(situation, { flash: { kind: 'fired', ...step.flash } });
    case 'no-flash':
      return withCircumstances(situation, { flash: { kind: 'off' } });
    case 'exposures':
      return withCircumstances(situation, { exposures: step.count });
    case 'development': {
      const { film } = situation;
      return { ...situation, film: { ...film, developmentStops: film.developmentStops + step.stops } };
    }
    case 'film':
      return { ...situation, film: step.film };
    case 'wait':
      return { ...situation, light: { lv: step.until.lv, sdStops: step.until.sdStops } };
    case 'filter': {
      const { filters } = circumstancesOf(situation);
      return withCircumstances(situation, { filters: [...filters, step.filter] });
    }
  }
}

/** The subject in the light of the lamp as it is moved or bared: inverse square of the distance. */
function withLamp(
  situation: Situation,
  step: Extract<RemedyStep, { readonly kind: 'lamp-nearer' | 'modifier-off' }>
): Situation {
  const { lamp, light } = situation;
  if (!lamp) return situation;
  return step.kind === 'lamp-nearer'
    ? {
        ...situation,
        lamp: { ...lamp, atM: step.toM },
        light: { ...light, lv: light.lv + 2 * Math.log2(lamp.atM / step.toM) }
      }
    : {
        ...situation,
        lamp: { ...lamp, modifierStops: lamp.modifierStops - step.stops },
        light: { ...light, lv: light.lv + step.stops }
      };
}

function withCircumstances(situation: Situation, more: Partial<Circumstances>): Situation {
  return { ...situation, circumstances: { ...circumstancesOf(situation), ...more } };
}

const kindsOf = (r: Remedy): string => r.steps.map((s) => s.kind).join('+');

function effortOf(remedy: Remedy): number {
  return remedy.steps.reduce((sum, s) => sum + EFFORT[s.kind], 0);
}

function bestOfEachKind(remedies: readonly Remedy[]): readonly Remedy[] {
  const best = new Map<string, Remedy>();
  for (const r of remedies) {
    const before = best.get(kindsOf(r));
    if (!before || r.verdict.pUsable > before.verdict.pUsable + 1e-9) best.set(kindsOf(r), r);
  }
  return [...best.values()];
}

/** Pairs of steps of different kinds; of each kind the three best alone, so that the pairs stay few. */
function pairsOf(singles: readonly Remedy[]): readonly (readonly [Remedy, Remedy])[] {
  const kinds = [...new Set(singles.map(kindsOf))];
  const few = kinds.map((kind) =>
    singles
      .filter((r) => kindsOf(r) === kind)
      .sort((a, b) => b.gain - a.gain)
      // a flash is many sums: its best power stands for it
      .slice(0, kind === 'flash' ? 1 : 3)
  );
  return few.flatMap((as, i) =>
    few.slice(i + 1).flatMap((bs) => as.flatMap((a) => bs.map((b) => [a, b] as const)))
  );
}
