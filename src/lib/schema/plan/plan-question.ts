// What other programs ask of a plan: a pair as for the engine, with a stretch of time or some days at a place instead of a light.
import { array, lazy, number, object, string, type InferType } from 'yup';
import { CONTRASTS } from '#core/light/contrast.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import { EVEN_SKIES, type MapDays } from '#core/plan/chance-map.ts';
import type { PlanDay } from '#core/plan/day-light.ts';
import type { Part, Window } from '#core/plan/windows.ts';
import { SKIES } from '#core/sky/sky-scene.ts';
import { choiceSchema } from '../kit/choice.ts';
import { pairFields } from '../engine/question.ts';
import { MOMENTS, sunFields } from '../light/light.ts';
import { keepShapes } from '../reading/kinds.ts';

const DAY_MS = 86_400_000;
const MOST_DAYS = 31;
const YEARS = 'A moment lies in the years 1900 to 2100, in milliseconds since 1970.';
const moment = () => number().integer().min(MOMENTS.min, YEARS).max(MOMENTS.max, YEARS);
const { place, sky, facing, ground } = sunFields;

const lamps = object({
  lv: number().min(LV_RANGE.min).max(LV_RANGE.max).required(),
  contrast: string().oneOf(CONTRASTS).required()
})
  .nullable()
  .defined()
  .default(undefined);
const fields = { ...pairFields, leastChance: number().min(0.05).max(0.95).optional() };

/** When a pair works. */
export const windowsQuestionSchema = object({
  ...fields,
  day: object({
    place,
    fromMs: moment().required(),
    toMs: moment().required(),
    ...{ sky, facing, ground, lamps },
    shadeFromMs: moment().nullable().defined()
  })
    .required()
    .test(
      'stretch',
      'A stretch ends after it begins, at most three days later.',
      ({ fromMs, toMs }) => toMs > fromMs && toMs - fromMs <= 3 * DAY_MS
    )
}).required();

const edge = object({
  earliestMs: number().required(),
  likelyMs: number().required(),
  latestMs: number().required()
}).required();
const step = lazy(() => object({ kind: string().required() }));
keepShapes(step, [object({ kind: string().required() })]);
const ends = () => ({ seconds: number().required(), pUsable: number().min(0).max(1).required() });
const windows = () =>
  array(
    object({
      ...{ from: edge, to: edge },
      notUnder: array(string().oneOf(SKIES).required()).required(),
      /** By what is set: from when, and time and chance at either end. */
      parts: array(
        object({
          fromMs: number().required(),
          toMs: number().required(),
          choice: choiceSchema,
          steps: array(step).required(),
          first: object(ends()).required(),
          last: object(ends()).required()
        }).required()
      ).required()
    }).required()
  ).required();

/** Answer: the windows in the hand and on something. */
export const windowsAnswerSchema = object({ hand: windows(), standing: windows() }).required();

/** The chance by day and hour. */
export const chancesQuestionSchema = object({
  ...fields,
  days: object({
    place,
    from: string()
      .required()
      .matches(/^\d{4}-\d\d-\d\d$/, 'Give the first day as 2026-09-12.'),
    days: number()
      .integer()
      .min(1, `Ask for 1 to ${MOST_DAYS} days.`)
      .max(MOST_DAYS, `Ask for 1 to ${MOST_DAYS} days.`)
      .required(),
    ...{ facing, ground, lamps },
    /** Shares of the skies; a third each, if left out. */
    skies: object({
      clear: number().min(0).max(1).required(),
      partly: number().min(0).max(1).required(),
      cloudy: number().min(0).max(1).required()
    })
      .optional()
      .default(undefined)
      .test(
        'sum',
        'The shares of the skies add up to 1.',
        (s: Partial<Record<'clear' | 'partly' | 'cloudy', number>> | undefined) =>
          s === undefined || Math.abs((s.clear ?? 0) + (s.partly ?? 0) + (s.cloudy ?? 0) - 1) < 1e-6
      )
  }).required()
}).required();

/** Answer: a row of 24 hours for each day; null where the clocks skip an hour. */
export const chancesAnswerSchema = object({
  days: array(
    object({
      date: string().required(),
      chances: array(number().min(0).max(1).nullable().defined()).required()
    }).required()
  ).required()
}).required();

/** The day of a checked body. */
export function planDayFrom({ day }: InferType<typeof windowsQuestionSchema>): PlanDay {
  const { latitude, longitude } = day.place;
  return { ...day, place: { latitude, longitude } };
}

/** The days of a checked body. */
export function mapDaysFrom({ days, support }: InferType<typeof chancesQuestionSchema>): MapDays {
  return { ...days, skies: days.skies ?? EVEN_SKIES, support: support ?? 'hand' };
}

/** Windows as they are answered. */
export function windowsAnswer(found: readonly Window[]) {
  const end = ({ exposure, pUsable }: Part['first']) => ({ seconds: exposure.seconds, pUsable });
  return found.map(({ from, to, notUnder, parts }) => ({
    ...{ from, to, notUnder },
    parts: parts.map(({ fromMs, toMs, choice, steps, first, last }) => ({
      ...{ fromMs, toMs, choice, steps, first: end(first), last: end(last) }
    }))
  }));
}
