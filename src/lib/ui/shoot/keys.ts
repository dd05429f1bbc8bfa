// Keys of Shoot. Typing in a field is left alone.
import { tinykeys } from 'tinykeys';

/** What a key does. */
export type Keys = Readonly<Record<string, () => void>>;

/** Whether a press belongs to a field that takes text. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement) return true;
  return target instanceof HTMLInputElement && !['radio', 'checkbox', 'range'].includes(target.type);
}

/** Listens. @param keys letters in small, or as tinykeys writes them @returns what stops it */
export function listen(keys: Keys): () => void {
  const bindings = Object.fromEntries(
    Object.entries(keys).map(([key, act]) => [
      key,
      (event: KeyboardEvent) => {
        if (isTyping(event.target) || event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
        event.preventDefault();
        act();
      }
    ])
  );
  return tinykeys(window, bindings);
}
