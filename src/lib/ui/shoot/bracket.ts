// Three frames of one subject: darken, as set, lighten. What was begun is kept over a reload, so that it can be finished.
import type { Choice } from '#core/camera/setting.ts';

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

/** The bracket that was under way; null when there is none or it is not readable. The check is fetched where one is kept. */
export async function keptBracket(keep: Keep): Promise<Bracket | null> {
  try {
    const kept = keep.getItem(KEY);
    return kept === null ? null : (await import('./bracket-kept.ts')).bracketIn(kept);
  } catch {
    return null;
  }
}

/** After a frame was logged: the rest of the bracket, or null when that was its last. */
export function nextOf(bracket: Bracket): Bracket | null {
  const done = bracket.done + 1;
  return done >= bracket.choices.length ? null : { ...bracket, done };
}
