// An outing as JSON.
import { array, number, object, string, type InferType } from 'yup';
import { PURPOSES } from '#core/error/situation.ts';
import { SCENES } from '#core/light/scenes.ts';
import { MOST_STOPS, type Outing } from '#core/plan/outing.ts';
import { FACINGS, GROUNDS, TOLD_SKIES } from '#core/sky/sky-scene.ts';
import { placeSchema } from '../light/light.ts';

const id = () => string().required().min(1).max(64);
const count = (most: number, words: string) =>
  number().integer(words).min(1, words).max(most, words).required();
const SPEED = 'A mover goes 0.05 to 400 metres a second.';
const LENGTH = 'A mover is 0 to 1000 m long.';
const DISTANCE = 'A mover passes at 0.1 to 10000 m.';
const COST = 'A budget is 0 to 1000000 in the currency of the film prices.';

/** A stop of an outing. */
export const stopSchema = object({
  id: id(),
  subject: string().defined().max(120, 'A subject has 120 letters at most.'),
  place: placeSchema,
  time: string()
    .defined()
    .matches(/^(([01]\d|2[0-3]):[0-5]\d)?$/, 'Give the hour as 18:40, or leave it empty.'),
  facing: string().oneOf(FACINGS).required(),
  ground: string().oneOf(GROUNDS).required(),
  lamps: string()
    .defined()
    .oneOf(['', ...SCENES.filter((s) => s.lamps).map((s) => s.id)], 'Lamps must be a scene lit by lamps.'),
  purpose: string().oneOf(PURPOSES).required(),
  mover: object({
    metresPerSecond: number().min(0.05, SPEED).max(400, SPEED).required(),
    lengthM: number().min(0, LENGTH).max(1000, LENGTH).required(),
    distanceM: number().min(0.1, DISTANCE).max(10_000, DISTANCE).required()
  })
    .nullable()
    .defined()
    .default(undefined),
  frames: count(999, 'Frames are whole numbers from 1 to 999.'),
  tries: count(50, 'Tries for a frame are whole numbers from 1 to 50.'),
  loadId: string().nullable().defined().max(64)
}).required();

/** An outing. */
export const outingSchema = object({
  id: id(),
  name: string().required().max(80, 'A name has 1 to 80 letters.'),
  date: string()
    .required()
    .matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'Give the day as 2026-09-12.'),
  sky: string().oneOf(TOLD_SKIES).required(),
  stops: array(stopSchema).max(MOST_STOPS, `An outing has ${MOST_STOPS} stops at most.`).required(),
  budget: number().min(0, COST).max(1e6, COST).nullable().defined()
}).required();

/** The outing of a checked body. */
export function outingFrom(body: InferType<typeof outingSchema>): Outing {
  return body;
}

/** Reads a stored outing. */
export function outingFromJson(text: string): Outing {
  return outingFrom(outingSchema.validateSync(JSON.parse(text), { strict: true }));
}
