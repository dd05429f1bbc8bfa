// What the program remembers of the person who uses it.
import { boolean, object, string, type InferType } from 'yup';
import { SCHOOLS } from '#core/light/by-eye.ts';
import { placeSchema } from './light.ts';

/** Everything that is remembered; changes name just what is to change. */
export const settingsSchema = object({
  /** The school asked first. */
  school: string().oneOf(SCHOOLS).required(),
  /** Where the light was last summed up; null = nowhere yet. */
  place: placeSchema.nullable().defined().default(undefined),
  /** Whether the light is guessed and sealed before it is read. */
  guessFirst: boolean().required()
});

/** @see settingsSchema */
export type Settings = InferType<typeof settingsSchema>;

/** A change of settings. */
export const settingsEditSchema = object({
  school: string().oneOf(SCHOOLS).optional(),
  place: placeSchema.nullable().optional().default(undefined),
  guessFirst: boolean().optional()
});

/** Before anything is said. */
export const FIRST_SETTINGS: Settings = { school: 'shadow', place: null, guessFirst: false };
