// Keys of Shoot. Typing in a field is left alone.
import { tinykeys } from 'tinykeys';

/** What a typed key does; letters in small. */
export type Keys = Readonly<Record<string, () => void>>;

/** Whether a press belongs to a field that takes text. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement) return true;
  return target instanceof HTMLInputElement && !['radio', 'checkbox', 'range'].includes(target.type);
}

/** Signs that need Shift on some keyboards and not on others. */
const SHIFTED = /^[^a-z0-9]$/;

/** Listens on the window. @returns what stops it */
export function listen(keys: Keys): () => void {
  const bindings: Record<string, (event: KeyboardEvent) => void> = {};
  for (const [key, act] of Object.entries(keys)) {
    const hear = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || event.repeat) return;
      event.preventDefault();
      act();
    };
    bindings[key] = hear;
    if (SHIFTED.test(key)) bindings[`Shift+${key}`] = hear;
  }
  return tinykeys(window, bindings);
}
