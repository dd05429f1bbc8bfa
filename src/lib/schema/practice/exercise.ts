// Exercises in JSON: in the database, on phones and in archives.
import { boolean, lazy, number, object, string, type InferType } from 'yup';
import type { GuessRead } from '#core/learn/eye.ts';
import { DRILLS, type Exercise } from '#core/practice/exercise.ts';
import { LIGHT_GROUPS } from '#core/ways/light-group.ts';
import { lightSchema } from '../light/light.ts';
import { keepShapes, kindField, kindOf } from '../reading/kinds.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';

const KINDS = ['drill', 'day'] as const satisfies readonly Exercise['kind'][];
const id = () => string().required().max(64);
const group = () => string().oneOf(LIGHT_GROUPS).required();

const EXERCISES = {
  drill: object({
    ...{ kind: kindField('drill', KINDS), id: id(), at: momentSchema, group: group() },
    drill: string().oneOf(DRILLS).required(),
    seed: number()
      .integer()
      .min(0)
      .max(2 ** 32)
      .required(),
    errorStops: number().min(-40).max(40).nullable().defined().default(undefined),
    right: boolean().required(),
    seconds: number().min(0).max(86_400).required()
  }).required(),
  day: object({
    ...{ kind: kindField('day', KINDS), id: id(), at: momentSchema },
    day: number()
      .integer()
      .min(1, 'A day of the week is 1 to 7.')
      .max(7, 'A day of the week is 1 to 7.')
      .required(),
    guess: lightSchema.required(),
    reason: string().defined().max(500),
    read: object({ light: lightSchema.required(), at: momentSchema }).nullable().defined().default(undefined)
  }).required()
} as const;

/** An exercise. */
export const exerciseSchema = lazy((value: unknown) =>
  kindOf(value) === 'day' ? EXERCISES.day : EXERCISES.drill
);
keepShapes(exerciseSchema, Object.values(EXERCISES));

/** An exercise as other programs send it and get it. */
export const exerciseBodySchema = object({ exercise: exerciseSchema }).required();

/** The exercise of a checked body. */
export function exerciseFrom(body: InferType<typeof exerciseSchema>): Exercise {
  const at = momentOfBody(body.at);
  if (body.kind === 'drill') return { ...body, at };
  return { ...body, at, read: body.read && { ...body.read, at: momentOfBody(body.read.at) } };
}

/** Reads a stored exercise. */
export function exerciseFromJson(text: string): Exercise {
  return exerciseFrom(exerciseSchema.validateSync(JSON.parse(text), { strict: true }));
}

/** A guess that was read. */
export const guessReadSchema = object({
  ...{ id: id(), at: momentSchema, group: group() },
  errorStops: number().required(),
  readingSd: number().min(0).required()
}).required();

/** The guess of a checked body. */
export function guessReadFrom(body: InferType<typeof guessReadSchema>): GuessRead {
  return { ...body, at: momentOfBody(body.at) };
}
