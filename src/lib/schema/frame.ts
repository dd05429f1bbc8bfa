// Bodies of requests that log, change and restore frames.
import { number, object, string, type InferType } from 'yup';
import type { NewFrame } from '#core/log/frame.ts';
import { choiceSchema } from './choice.ts';
import { conditionsFrom, conditionsSchema } from './conditions.ts';
import { lightSchema } from './light.ts';

/** A frame to be logged. The id is made by the sender: the same id twice is the same frame. */
export const newFrameSchema = object({
  id: string()
    .required()
    .matches(/^[0-9a-zA-Z-]{8,64}$/, 'The frame id must be 8 to 64 letters, digits or hyphens.'),
  loadId: string().required().max(64),
  /** The number the sender saw on the button. */
  number: number().integer().min(1).max(9999).required(),
  light: lightSchema.required(),
  /** The light as guessed before it was read. */
  guess: lightSchema.nullable().optional().default(undefined),
  conditions: conditionsSchema.optional().default(undefined),
  choice: choiceSchema,
  note: string().max(2000).defined(),
  /** Shared by the frames of a bracket. */
  series: string().max(64).nullable().optional(),
  /** How long it was really held open. */
  timedSeconds: number().positive().max(86_400).nullable().optional()
});

/** A frame of a checked body. */
export function newFrameFrom(body: InferType<typeof newFrameSchema>): NewFrame {
  return {
    ...body,
    guess: body.guess ?? null,
    conditions: conditionsFrom(body.conditions ?? {}),
    ...{ series: body.series ?? null, timedSeconds: body.timedSeconds ?? null }
  };
}

/** What can be changed on a frame afterwards. */
export const frameEditSchema = object({
  number: number()
    .integer('A frame number is a whole number.')
    .min(1, 'A frame number is 1 or more.')
    .max(9999)
    .required(),
  note: string().max(2000, 'A note holds at most 2000 characters.').defined(),
  /** A better light: what was expected of the frame is worked out again from it. */
  light: lightSchema.optional().default(undefined)
});
