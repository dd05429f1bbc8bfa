// Routines that save frames: what the hands do, from before loading to folding away, part by part.

/** Parts of a routine, in the order of a film's life. */
export const ROUTINE_PARTS = [
  'before-loading',
  'loading',
  'before-press',
  'after',
  'changing',
  'end'
] as const;
/** @see ROUTINE_PARTS */
export type RoutinePart = (typeof ROUTINE_PARTS)[number];

/** Steps that are drawn: a hand is involved. */
export const STEP_DRAWINGS = [
  ...(['tab', 'loop', 'dark-slide', 'power', 'cap', 'cocking'] as const),
  ...(['rewind', 'red-window', 'turn-over', 'winding'] as const)
] as const;
/** @see STEP_DRAWINGS */
export type StepDrawing = (typeof STEP_DRAWINGS)[number];

/** One step. */
export interface RoutineStep {
  readonly part: RoutinePart;
  readonly words: string;
  readonly drawing?: StepDrawing | undefined;
  /** Done before those above it, it fogs or loses a frame: it cannot be ticked first. */
  readonly strict?: boolean | undefined;
}

/** The longest step, letters: it has to be read at a glance. */
export const MOST_STEP_LETTERS = 120;
/** The most steps of a routine. */
export const MOST_STEPS = 60;

/** Whether a step may be ticked: a strict one only after all above it in its part. @param steps of one part */
export function mayTick(steps: readonly RoutineStep[], ticked: readonly string[], at: number): boolean {
  return steps[at]?.strict !== true || steps.slice(0, at).every((s) => ticked.includes(s.words));
}

/** What is known of the film in the camera. */
export interface FilmStands {
  readonly framesTaken: number;
  readonly framesLeft: number;
  /** Side one of double-run film is full: it is turned over. */
  readonly isSideFull: boolean;
  readonly isFinished: boolean;
  /** A frame was logged a moment ago. */
  readonly isJustLogged: boolean;
}

/**
 * The part that is due now.
 * @param film how far it is shot
 * @returns the part of its life that it is in
 */
export function partDue(film: FilmStands): RoutinePart {
  if (film.isFinished) return 'before-loading';
  if (film.isSideFull) return 'changing';
  if (film.framesLeft === 0) return 'end';
  if (film.isJustLogged) return 'after';
  return film.framesTaken === 0 ? 'loading' : 'before-press';
}

/**
 * The next step that is due: the first of the part that is not ticked; null = all are.
 * @param ticked ids of steps that are done
 */
export function nextStep(
  routine: readonly RoutineStep[],
  part: RoutinePart,
  ticked: readonly string[]
): RoutineStep | null {
  return routine.find((s) => s.part === part && !ticked.includes(s.words)) ?? null;
}
