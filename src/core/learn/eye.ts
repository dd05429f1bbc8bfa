// What a photographer's own guesses say about their eye: by how much they call each kind of light too bright or too dark, and how far
// their guesses scatter. Kinds share a tendency of the person, so that a kind with few guesses leans on the others: normal model with
// exchangeable means, Gelman et al., Bayesian Data Analysis, 3rd ed. (2013), ch. 5.4; the spread with the school's as prior, ch. 2.6.
import type { LightValue } from '../light/lv.ts';
import type { Moment } from '../sky/moment.ts';
import type { ByRecord, LightChoice, LightWay } from '../ways/choice.ts';
import { groupOf, isMetered, LIGHT_GROUPS, schoolSd, type LightGroup } from '../ways/light-group.ts';

/** A guess that was sealed and then read. */
export interface GuessRead {
  /** Of the frame or exercise that it was noted with. */
  readonly id: string;
  readonly at: Moment;
  readonly group: LightGroup;
  /** Guess less reading, stops: + = called too bright. */
  readonly errorStops: number;
  /** How sure the reading is, one sd in stops. */
  readonly readingSd: number;
}

/** What is known of the eye in one kind of light. */
export interface EyeInGroup {
  readonly group: LightGroup;
  /** Guesses that were read. */
  readonly guesses: number;
  /** Stops by which that kind is called too bright, and how sure that is, one sd. */
  readonly biasStops: number;
  readonly biasSd: number;
  /** How far one guess scatters about that, one sd in stops. */
  readonly spreadStops: number;
}

/** What is known of a person's eye. */
export interface Eye {
  readonly guesses: number;
  /** Over all kinds of light. */
  readonly biasStops: number;
  readonly biasSd: number;
  /** Kinds that were guessed, the brightest first. */
  readonly groups: readonly EyeInGroup[];
}

/** What a light is corrected by. */
type EyeCorrection = NonNullable<ByRecord['eye']>;

/** How far people's eyes are off over all kinds, and one kind from the others, one sd in stops. Common practice, no source. */
const [PERSON_SD, KIND_SD] = [0.5, 0.4];
/** The school's spread counts as so many guesses of one's own. Common practice, no source. */
const SCHOOL_WEIGHT = 4;

/**
 * The light as it was guessed, before it was corrected by the person's record.
 * @returns LV
 */
export function uncorrected({ lv, way }: Pick<LightChoice, 'lv' | 'way'>): number {
  return lv + (('eye' in way ? way.eye?.biasStops : 0) ?? 0);
}

/**
 * What a guess and what was read afterwards say; null where nothing was read.
 * @param guess as it was sealed @param light as it was found after
 */
export function guessRead(
  { id, at }: Pick<GuessRead, 'id' | 'at'>,
  guess: LightChoice | null,
  light: (LightValue & { readonly way: LightWay }) | null
): GuessRead | null {
  if (!guess || !light || !isMetered(light.way)) return null;
  return {
    id,
    at,
    group: groupOf(guess),
    errorStops: uncorrected(guess) - light.lv,
    readingSd: light.sdStops
  };
}

interface Kind {
  readonly group: LightGroup;
  readonly guesses: number;
  readonly mean: number;
  readonly spread: number;
  /** Variance of the mean. */
  readonly variance: number;
}

function kindOf(group: LightGroup, reads: readonly GuessRead[]): Kind {
  const weights = reads.map((r) => 1 / (schoolSd(group) ** 2 + r.readingSd ** 2));
  const total = weights.reduce((a, b) => a + b, 0);
  const mean = reads.reduce((sum, r, i) => sum + r.errorStops * (weights[i] ?? 0), 0) / total;
  // the reading's own error is no fault of the eye
  const scatter = reads.reduce((sum, r) => sum + (r.errorStops - mean) ** 2 - r.readingSd ** 2, 0);
  const prior = SCHOOL_WEIGHT * schoolSd(group) ** 2;
  const spread = Math.sqrt(Math.max(0.15 ** 2, (prior + scatter) / (SCHOOL_WEIGHT + reads.length - 1)));
  const variance = 1 / reads.reduce((sum, r) => sum + 1 / (spread ** 2 + r.readingSd ** 2), 0);
  return { group, guesses: reads.length, mean, spread, variance };
}

/**
 * What so many guesses say.
 * @param reads guesses with what was read afterwards, in any order
 * @returns by kind of light and over all; stops, + = guessed too bright
 */
export function learnEye(reads: readonly GuessRead[]): Eye {
  const kinds = LIGHT_GROUPS.flatMap((group) => {
    const own = reads.filter((r) => r.group === group);
    return own.length === 0 ? [] : [kindOf(group, own)];
  });
  // the person's tendency: prior and every kind's mean, each as sure as it is
  const precision = kinds.reduce((sum, k) => sum + 1 / (KIND_SD ** 2 + k.variance), 1 / PERSON_SD ** 2);
  const tendency = kinds.reduce((sum, k) => sum + k.mean / (KIND_SD ** 2 + k.variance), 0) / precision;
  const groups = kinds.map(({ group, guesses, mean, spread, variance }): EyeInGroup => {
    const own = KIND_SD ** 2 / (KIND_SD ** 2 + variance);
    return {
      ...{ group, guesses, spreadStops: spread },
      biasStops: own * mean + (1 - own) * tendency,
      biasSd: Math.sqrt(own * variance + (1 - own) ** 2 / precision)
    };
  });
  return { guesses: reads.length, biasStops: tendency, biasSd: Math.sqrt(1 / precision), groups };
}

/**
 * What a guess of that kind is corrected by; null where nothing is known of the eye at all.
 * @param group kind of light that was guessed
 * @returns stops to take off, and one sd of what is left
 */
export function correctionFor(eye: Eye, group: LightGroup): EyeCorrection | null {
  if (eye.guesses === 0) return null;
  const own = eye.groups.find((g) => g.group === group);
  if (own) return { biasStops: own.biasStops, sdStops: Math.hypot(own.spreadStops, own.biasSd) };
  return { biasStops: eye.biasStops, sdStops: Math.hypot(schoolSd(group), KIND_SD, eye.biasSd) };
}

/**
 * A light by eye, corrected and sized by the person's record; any other stays as it is.
 * @param eye null = nothing is known
 * @returns a new light, or the same object where nothing changes
 */
export function correctedLight(light: LightChoice, eye: Eye | null): LightChoice {
  const { way } = light;
  if (way.kind !== 'shadow' && way.kind !== 'sky' && way.kind !== 'scene') return light;
  const { eye: before, ...plain } = way;
  const lv = uncorrected(light);
  const correction = eye && correctionFor(eye, groupOf(light));
  if (!correction) return before ? { ...light, lv, way: plain, sdStops: schoolSd(groupOf(light)) } : light;
  return {
    ...light,
    lv: lv - correction.biasStops,
    sdStops: correction.sdStops,
    way: { ...plain, eye: correction }
  };
}
