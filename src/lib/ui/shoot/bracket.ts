// Three frames of one subject: darken, as set, lighten. What was begun is kept over a reload, so that it can be finished.
import { object, array, string, number } from 'yup';
import type { Choice } from '#core/camera/setting.ts';
import { choiceFrom, choiceSchema } from '#schema/kit/choice.ts';
import { parseWith } from '#schema/reading/parse.ts';

/** A bracket under way. */
export interface Bracket {
  /** Name shared by its frames. */
  readonly series: string;
  readonly loadId: string;
  /** Settings in the order they are taken. */
  readonly choices: readonly Choice[];
  /** Frames logged so far. */
  readonly done: number;
}

const KEY = 'just-enough-bracket';
const bracketSchema = object({
  series: string().required(),
  loadId: string().required(),
  choices: array(choiceSchema).min(1).max(3).required(),
  done: number().integer().min(0).max(3).required()
}).required();

/** Where a bracket is kept over a reload: the browser's store for a visit, or another of that shape. */
export type Keep = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** Keeps a bracket, or forgets it. A store that refuses (a private visit) only means that a reload forgets it. */
export function keepBracket(bracket: Bracket | null, keep: Keep): void {
  try {
    if (bracket) keep.setItem(KEY, JSON.stringify(bracket));
    else keep.removeItem(KEY);
  } catch {
    return;
  }
}

/** The bracket that was under way on a film; null when there is none or it is not readable. */
export function keptBracket(loadId: string, keep: Keep): Bracket | null {
  try {
    const read = parseWith(bracketSchema, JSON.parse(keep.getItem(KEY) ?? 'null'));
    if (!read.ok || read.value.loadId !== loadId || read.value.done >= read.value.choices.length) return null;
    const { series, choices, done } = read.value;
    return { series, loadId, done, choices: choices.map(choiceFrom) };
  } catch {
    return null;
  }
}

/** After a frame was logged: the rest of the bracket, or null when that was its last. */
export function nextOf(bracket: Bracket): Bracket | null {
  const done = bracket.done + 1;
  return done >= bracket.choices.length ? null : { ...bracket, done };
}
