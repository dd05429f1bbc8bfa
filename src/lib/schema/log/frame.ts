// Bodies of requests that log, change and restore frames.
import { array, number, object, string, type InferType } from 'yup';
import { NOTHING_ABOUT, type NewFrame } from '#core/log/frame.ts';
import { choiceSchema } from '../kit/choice.ts';
import { conditionsFrom, conditionsSchema } from '../engine/conditions.ts';
import { lightSchema } from '../light/light.ts';

/** Longest texts and most tags of a frame. */
export const ABOUT_LIMITS = { subject: 200, reason: 500, tag: 40, tags: 20 } as const;

/** What is written about a frame. */
export const aboutSchema = object({
  subject: string()
    .max(ABOUT_LIMITS.subject, `A subject holds at most ${ABOUT_LIMITS.subject} characters.`)
    .defined(),
  reason: string()
    .max(ABOUT_LIMITS.reason, `A reason holds at most ${ABOUT_LIMITS.reason} characters.`)
    .defined(),
  tags: array(
    string()
      .required('A tag is a word or a few.')
      .max(ABOUT_LIMITS.tag, `A tag holds at most ${ABOUT_LIMITS.tag} characters.`)
      .matches(/^[^,\n]+$/, 'A tag holds no comma and no line break.')
  )
    .max(ABOUT_LIMITS.tags, `A frame has at most ${ABOUT_LIMITS.tags} tags.`)
    .required()
});

/** The fields of a frame to be logged. The id is made by the sender: the same id twice is the same frame. */
export const newFrameFields = {
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
  timedSeconds: number().positive().max(86_400).nullable().optional(),
  about: aboutSchema.optional().default(undefined)
} as const;

/** A frame to be logged. */
export const newFrameSchema = object(newFrameFields);

/** A frame of a checked body. */
export function newFrameFrom(body: InferType<typeof newFrameSchema>): NewFrame {
  return {
    ...body,
    guess: body.guess ?? null,
    conditions: conditionsFrom(body.conditions ?? {}),
    ...{ series: body.series ?? null, timedSeconds: body.timedSeconds ?? null },
    about: body.about ?? NOTHING_ABOUT
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
  light: lightSchema.optional().default(undefined),
  about: aboutSchema.optional().default(undefined)
});
