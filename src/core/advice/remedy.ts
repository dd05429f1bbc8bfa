// One thing to do, or two: what a remedy is made of, and the situation after it.
import type { Film } from '../film/film.ts';
import type { FlashUse } from '../flash/flash.ts';
import type { CoursePoint } from '../sky/events.ts';
import type { Circumstances } from '../error/circumstances.ts';
import type { Filter } from '../error/filters.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import type { Verdict } from '../chance/verdict.ts';

/** What nobody knows well yet: the camera, the film, or both. */
export type Untested = 'camera' | 'film' | 'both';

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
  /** Test the camera, the film, or both at once, before anything else. */
  | { readonly kind: 'test'; readonly of: Untested }
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

/** What a reading leaves of the light's sd, and a test of the camera's and the film's, stops. */
const READ_SD = 0.3;
const TESTED_SD = 0.3;
const TESTED_FILM_SD = 0.2;

/**
 * The situation after a step.
 * @param step of {@link RemedyStep}
 * @returns a new situation; the old one is left as it is
 */
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
      return tested(situation, step.of);
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

function tested(situation: Situation, of: Untested): Situation {
  const { camera, film } = situation;
  return {
    ...situation,
    camera: of === 'film' ? camera : { ...camera, toleranceStops: TESTED_SD },
    film: of === 'camera' ? film : { ...film, sdStops: Math.min(TESTED_FILM_SD, film.sdStops) }
  };
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
