// What the program remembers of the person who uses it.
import type { InferType } from 'yup';
import type { settingsSchema } from './settings-schema.ts';

/** Looks of the pages. */
export const SCHEMES = ['day', 'evening', 'dark'] as const;
/** @see SCHEMES */
export type Scheme = (typeof SCHEMES)[number];
/** The cookie in which a device keeps its look. */
export const LOOK_COOKIE = 'just-enough-look';
/** Where a device keeps which loaded camera is in use on it. */
export const IN_USE_COOKIE = 'just-enough-in-use';

/** The look of that name; null = there is none. */
export function schemeOf(name: string | undefined): Scheme | null {
  return SCHEMES.find((s) => s === name) ?? null;
}

/** Everything that is remembered. */
export type Settings = InferType<typeof settingsSchema>;

/** Before anything is said. */
export const FIRST_SETTINGS: Settings = {
  ...{ school: 'shadow', place: null, guessFirst: false, correctGuesses: false },
  correctJudgements: false,
  ...{ scheme: 'day', leastChance: 0.5, steadiness: 1 }
};
