// What is in hand for the drills: the camera and film of the pair, and the films that could be loaded.
import type { Bag } from '#core/practice/question.ts';
import type { Current } from '../current.svelte.ts';

/** @see Bag; null = no pair is in hand, or it cannot be judged */
export function bagOf({ judged, films, pair }: Current): Bag | null {
  if (!judged || !pair) return null;
  const fitting = films.filter((f) => f.formats.some((format) => pair.camera.formats.includes(format)));
  return { situation: judged.situation, present: pair.present, films: fitting };
}
