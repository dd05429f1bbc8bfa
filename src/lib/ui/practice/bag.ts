// What is in hand for the drills: the camera and film of the pair, and the films that could be loaded.
import { developedFilm } from '#core/log/exposed.ts';
import { cameraOfFrame, type Carried } from '#core/offline/carried.ts';
import type { OwnFrame } from '#core/practice/own-frame.ts';
import type { Bag } from '#core/practice/question.ts';
import type { Current } from '../current.svelte.ts';

/** @see Bag; null = no pair is in hand, or it cannot be judged */
export function bagOf({ judged, films, pair }: Current, frames: readonly OwnFrame[]): Bag | null {
  if (!judged || !pair) return null;
  const fitting = films.filter((f) => f.formats.some((format) => pair.camera.formats.includes(format)));
  return { situation: judged.situation, present: pair.present, films: fitting, frames };
}

/** The frames that are carried, with their cameras and films as they were. */
export function framesOf(carried: Carried | null): readonly OwnFrame[] {
  return (carried?.frames ?? []).flatMap((frame) => {
    const load = carried?.loads.find((l) => l.id === frame.loadId);
    const film = carried?.films.find((f) => f.value.id === load?.filmId)?.value;
    const camera = carried && cameraOfFrame(carried, frame);
    return load && film && camera ? [{ frame, camera, film: developedFilm(film, load.development) }] : [];
  });
}
