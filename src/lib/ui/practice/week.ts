// Seven days in the field: where to look on each of them, and what to go by.
import type { DayExercise, Exercise } from '#core/practice/exercise.ts';

/** A day. */
export interface WeekDay {
  readonly day: number;
  readonly name: string;
  /** Where to go and what to look at. */
  readonly look: string;
  /** What tells the light there. */
  readonly by: string;
}

/** The week. */
export const WEEK: readonly WeekDay[] = [
  {
    ...{ day: 1, name: 'Your own shadow' },
    look: 'Stand in the open with the sun behind you. Look at the edge of your shadow on the ground.',
    by: 'Sharp, soft, barely there, none: each is a stop less.'
  },
  {
    ...{ day: 2, name: 'Across the street' },
    look: 'Find the shaded side of a street while the other side is in the sun. Judge the light in the shade.',
    by: 'How much sky does it see? A wide street is a stop more than a lane.'
  },
  {
    ...{ day: 3, name: 'Against the light' },
    look: 'Put somebody, or a post, between you and the sun. Judge the side that you see.',
    by: 'The shadow comes towards you: the face is lit by the sky alone.'
  },
  {
    ...{ day: 4, name: 'Under a roof' },
    look: 'A porch, a passage, a bus stop. Judge the light on a person there.',
    by: 'Deep shade: count how much sky is left.'
  },
  {
    ...{ day: 5, name: 'Beside a window' },
    look: 'In a room by day, an arm’s length from the biggest window.',
    by: 'Then go two steps in and judge again: it falls faster than the eye says.'
  },
  {
    ...{ day: 6, name: 'After sunset' },
    look: 'Go out when the sun has just set, and judge the open street.',
    by: 'It halves every few minutes: note the time.'
  },
  {
    ...{ day: 7, name: 'Under lamps' },
    look: 'Your kitchen in the evening, or the street under its lamps.',
    by: 'It looks bright: the eye has opened up. It is eight or nine stops under the sun.'
  }
];

/** The week that is on its way: for each day the latest time it was done since the last whole week. */
export interface Course {
  /** By day, 1…7. */
  readonly done: ReadonlyMap<number, DayExercise>;
  /** The day that comes next; null = the week is whole. */
  readonly next: WeekDay | null;
  /** Weeks that were finished before. */
  readonly weeks: number;
}

/** The course out of what was done, the oldest first. A day that is done again after all seven begins a new week. */
export function courseOf(exercises: readonly Exercise[]): Course {
  let done = new Map<number, DayExercise>();
  let weeks = 0;
  for (const exercise of exercises) {
    if (exercise.kind !== 'day') continue;
    if (done.size === WEEK.length && done.get(exercise.day)?.id !== exercise.id) {
      done = new Map();
      weeks += 1;
    }
    done.set(exercise.day, exercise);
  }
  return { done, weeks, next: WEEK.find((d) => !done.has(d.day)) ?? null };
}
