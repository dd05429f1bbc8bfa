// Bodies of requests that log, change and restore frames.
import { array, number, object, string, type InferType } from 'yup';
import { DOUBTS, NOTHING_ABOUT, type Frame, type NewFrame } from '#core/log/frame.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import { choiceFrom, choiceSchema, optionalChoiceSchema } from '../kit/choice.ts';
import { conditionsFrom, conditionsSchema } from '../engine/conditions.ts';
import { lightSchema } from '../light/light.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';
import { notedFrom, notedSchema } from './noted.ts';

/** Longest texts and most tags of a frame. */
export const ABOUT_LIMITS = { subject: 200, reason: 500, tag: 40, tags: 20, place: 80 } as const;

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

const FRAME_NUMBER = 'A frame number is a whole number from 1 to 99999.';
const seconds = (name: string) =>
  number().positive(`${name} is more than 0 s.`).max(86_400, `${name} is at most a day, 86400 s.`).nullable();

/** The facts of a frame, each as it is checked. */
export const factFields = {
  /** The person's own. */
  number: number().integer(FRAME_NUMBER).min(1, FRAME_NUMBER).max(99_999, FRAME_NUMBER),
  takenAt: momentSchema,
  place: string().max(ABOUT_LIMITS.place, `A place holds at most ${ABOUT_LIMITS.place} characters.`),
  /** Null = nobody told it. */
  light: lightSchema.nullable(),
  /** The light as guessed before it was read. */
  guess: lightSchema.nullable(),
  conditions: conditionsSchema,
  choice: choiceSchema,
  note: string().max(2000, 'A note holds at most 2000 characters.'),
  /** How long it was really held open. */
  timedSeconds: seconds('The time held open'),
  /** The time the camera was heard to take. */
  heardSeconds: seconds('The time heard'),
  /** One sd in stops; null = by ear. */
  heardSdStops: number()
    .positive('The spread of the time heard is more than 0 stops.')
    .max(3, 'The spread of the time heard is at most 3 stops.')
    .nullable(),
  about: aboutSchema
} as const;

const revision = () => number().integer().min(1);
/** 0 = not known: as it was when the frame was taken. */
const seen = () =>
  number().integer().min(0).required('Give the revision that was seen, or 0 where it is not known.');

/** The fields of a frame to be logged. The id is made by the sender: the same id twice is the same frame. */
export const newFrameFields = {
  id: string()
    .required()
    .matches(/^[0-9a-zA-Z-]{8,64}$/, 'The frame id must be 8 to 64 letters, digits or hyphens.'),
  loadId: string().required().max(64),
  /** The revisions of camera and film that the sender saw. */
  cameraRevision: seen(),
  filmRevision: seen(),
  number: factFields.number.required(),
  takenAt: factFields.takenAt,
  place: factFields.place.optional(),
  light: lightSchema.nullable().defined(),
  guess: factFields.guess.optional().default(undefined),
  conditions: conditionsSchema.optional().default(undefined),
  choice: choiceSchema,
  note: factFields.note.defined(),
  /** Shared by the frames of a bracket. */
  series: string().max(64).nullable().optional(),
  timedSeconds: factFields.timedSeconds.optional(),
  heardSeconds: factFields.heardSeconds.optional(),
  heardSdStops: factFields.heardSdStops.optional(),
  about: aboutSchema.optional().default(undefined)
} as const;

/** A frame to be logged. */
export const newFrameSchema = object(newFrameFields);

/** A frame of a checked body. */
export function newFrameFrom(body: InferType<typeof newFrameSchema>): NewFrame {
  return {
    ...body,
    takenAt: momentOfBody(body.takenAt),
    place: body.place ?? '',
    guess: body.guess ?? null,
    conditions: conditionsFrom(body.conditions ?? {}),
    ...{ series: body.series ?? null, timedSeconds: body.timedSeconds ?? null },
    ...{ heardSeconds: body.heardSeconds ?? null, heardSdStops: body.heardSdStops ?? null },
    about: body.about ?? NOTHING_ABOUT
  };
}

/** What can be changed on a frame afterwards: any of its facts. What was expected is worked out again from them. */
export const frameEditSchema = object({
  number: factFields.number.optional(),
  takenAt: factFields.takenAt.optional().default(undefined),
  place: factFields.place.optional(),
  light: factFields.light.optional().default(undefined),
  guess: factFields.guess.optional().default(undefined),
  conditions: factFields.conditions.optional().default(undefined),
  choice: optionalChoiceSchema,
  note: factFields.note.optional(),
  timedSeconds: factFields.timedSeconds.optional(),
  heardSeconds: factFields.heardSeconds.optional(),
  heardSdStops: factFields.heardSdStops.optional(),
  about: factFields.about.optional().default(undefined)
}).required();

/** The facts of a checked body; what it does not name stays out. */
export function factsFrom(body: InferType<typeof frameEditSchema>): SomeFacts {
  const { number: no, takenAt, place, light, guess, conditions, choice, note } = body;
  const { timedSeconds, heardSeconds, heardSdStops, about } = body;
  return {
    ...(no === undefined ? {} : { number: no }),
    ...(takenAt === undefined ? {} : { takenAt: momentOfBody(takenAt) }),
    ...(place === undefined ? {} : { place }),
    ...(light === undefined ? {} : { light }),
    ...(guess === undefined ? {} : { guess }),
    ...(conditions === undefined ? {} : { conditions: conditionsFrom(conditions) }),
    ...(choice === undefined ? {} : { choice: choiceFrom(choice) }),
    ...(note === undefined ? {} : { note }),
    ...(timedSeconds === undefined ? {} : { timedSeconds }),
    ...(heardSeconds === undefined ? {} : { heardSeconds }),
    ...(heardSdStops === undefined ? {} : { heardSdStops }),
    ...(about === undefined ? {} : { about })
  };
}

/** What was expected of a frame. */
export const expectedFields = {
  deltaStops: number().required(),
  sdStops: number().required(),
  pUsable: number().min(0).max(1).required()
} as const;

/** The fields of a logged frame. */
export const frameFields = {
  ...newFrameFields,
  set: notedSchema,
  expected: object(expectedFields).nullable().defined(),
  doubts: array(string().oneOf(DOUBTS).required()).required(),
  revision: revision().required()
} as const;

/** A logged frame as it is sent. */
export const frameSchema = object(frameFields).required();

/** A logged frame of a checked body. */
export function frameFrom(body: InferType<typeof frameSchema>): Frame {
  const { set, expected, doubts, revision: is } = body;
  return { ...newFrameFrom(body), set: notedFrom(set), expected, doubts, revision: is };
}
