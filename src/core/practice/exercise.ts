// What a person practised: a question of a drill with its answer, or a day in the field with its sealed guess. Each is kept as it was;
// what it says of the eye, and what comes next, is worked out from all of them.
import { learnPrintEye, type PrintEye } from '../learn/print-eye.ts';
import { guessRead, learnEye, type Eye, type GuessRead } from '../learn/eye.ts';
import type { Moment } from '../sky/moment.ts';
import type { LightChoice } from '../ways/choice.ts';
import type { LightGroup } from '../ways/light-group.ts';

/** What a drill asks for. */
export const DRILLS = [
  'light',
  'setting',
  'compensation',
  'film',
  'comes-out',
  'mistake',
  'same',
  'print'
] as const;
/** @see DRILLS */
export type DrillName = (typeof DRILLS)[number];

/** An answered question. */
export interface DrillExercise {
  readonly kind: 'drill';
  /** Made by whoever keeps it, so that sending it twice keeps it once. */
  readonly id: string;
  readonly at: Moment;
  readonly drill: DrillName;
  /** The kind of light that it was about. */
  readonly group: LightGroup;
  /** The number of its scene. */
  readonly seed: number;
  /** Answer less truth, stops; null = it was no question of stops. */
  readonly errorStops: number | null;
  readonly right: boolean;
  /** How long it took, seconds. */
  readonly seconds: number;
}

/** A reading that came after a guess. */
export interface LaterReading {
  readonly light: LightChoice;
  readonly at: Moment;
}

/** A day of the week in the field. */
export interface DayExercise {
  readonly kind: 'day';
  readonly id: string;
  /** When the guess was sealed. */
  readonly at: Moment;
  /** 1…7. */
  readonly day: number;
  readonly guess: LightChoice;
  /** What the guess went by. */
  readonly reason: string;
  /** Null = it was never read: neither right nor wrong. */
  readonly read: LaterReading | null;
}

/** @see DrillExercise, DayExercise */
export type Exercise = DrillExercise | DayExercise;

/**
 * The two exercises of one id as one: a guess stays as it was sealed, and the first reading counts.
 * @param stored the first that came @param sent the later one, of the same id
 * @returns one of the two, or `stored` with the reading of `sent`
 */
export function mergedExercise(stored: Exercise, sent: Exercise): Exercise {
  return stored.kind === 'day' && sent.kind === 'day'
    ? { ...stored, read: stored.read ?? sent.read }
    : stored;
}

/**
 * What a day in the field says of the eye; null = it was not read, or is no such day.
 * @returns the guess and what was read, LV
 */
export function exerciseRead(exercise: Exercise): GuessRead | null {
  if (exercise.kind !== 'day') return null;
  return guessRead({ id: exercise.id, at: exercise.at }, exercise.guess, exercise.read?.light ?? null);
}

/**
 * A person's eye by all their guesses: those of days in the field, and those noted with frames.
 * @param guesses noted with frames
 * @returns stops, + = guessed too bright
 */
export function eyeOf(exercises: readonly Exercise[], guesses: readonly GuessRead[]): Eye {
  return learnEye([...guesses, ...exercises.flatMap((e) => exerciseRead(e) ?? [])]);
}

/**
 * How the person judges prints, by the drills that asked for it; null = too few were asked.
 * @returns stops, + = prints are taken to be lighter
 */
export function printEyeOf(exercises: readonly Exercise[]): PrintEye | null {
  return learnPrintEye(
    exercises.flatMap((e) =>
      e.kind === 'drill' && e.drill === 'print' && e.errorStops !== null ? [e.errorStops] : []
    )
  );
}
