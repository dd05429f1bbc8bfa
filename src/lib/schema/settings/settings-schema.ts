// How what is remembered of the person is checked.
import { boolean, number, object, string } from 'yup';
import { SCHOOLS } from '#core/light/by-eye.ts';
import { placeSchema } from '../light/light.ts';
import { SCHEMES } from './settings.ts';

const steadiness = () =>
  number()
    .min(0.2, 'A hand holds 0.2 to 4 times as long as most.')
    .max(4, 'A hand holds 0.2 to 4 times as long as most.');

/** Everything that is remembered; changes name just what is to change. */
export const settingsSchema = object({
  /** The school asked first. */
  school: string().oneOf(SCHOOLS).required(),
  /** Where the light was last summed up; null = nowhere yet. */
  place: placeSchema.nullable().defined().default(undefined),
  /** Whether the light is guessed and sealed before it is read. */
  guessFirst: boolean().required(),
  /** Whether lights by eye are corrected by what the person's own guesses say. */
  correctGuesses: boolean().required(),
  /** Whether judged prints are corrected by how the person judges those of the drills. */
  correctJudgements: boolean().required(),
  /** Look of the pages on a device that was given none of its own: for glare, for the evening, for eyes that are used to the dark. */
  scheme: string().oneOf(SCHEMES).required(),
  /** Chance 0…1 below which the person wants to be told to stop. */
  leastChance: number().min(0.05).max(0.95).required(),
  /** How long this person holds still against a usual hand. */
  steadiness: steadiness().required()
});

/** A change of settings. */
export const settingsEditSchema = object({
  school: string().oneOf(SCHOOLS).optional(),
  place: placeSchema.nullable().optional().default(undefined),
  guessFirst: boolean().optional(),
  correctGuesses: boolean().optional(),
  correctJudgements: boolean().optional(),
  scheme: string().oneOf(SCHEMES).optional(),
  leastChance: number().min(0.05).max(0.95).optional(),
  steadiness: steadiness().optional()
});
