// What was found on the bench is kept with the camera, and taken back with one press.
import { invalidateAll } from '$app/navigation';
import type { Camera } from '#core/camera/camera.ts';
import type { Pair } from '#core/log/pair.ts';
import { changeCamera } from '../api.ts';
import { sayDone, sayTrouble } from '../notices/say.ts';

/** A camera as it was stored last from here: a second press comes before the page has heard of the first. */
let stored: { readonly camera: Camera; readonly revision: number } | null = null;
/** Changes go one after the other. */
let queue: Promise<unknown> = Promise.resolve();

/**
 * Stores how a camera is now.
 * @param change of the newest state, in which a change under way is in already
 * @returns whether it is stored
 */
export function keepCamera(pair: Pair, change: (camera: Camera) => Camera, words: string): Promise<boolean> {
  const kept = queue.then(() => keep(pair, change, words));
  queue = kept;
  return kept;
}

async function keep(pair: Pair, change: (camera: Camera) => Camera, words: string): Promise<boolean> {
  const isNewer = stored?.camera.id === pair.camera.id && stored.revision > pair.cameraRevision;
  const { camera, revision } =
    stored && isNewer ? stored : { camera: pair.camera, revision: pair.cameraRevision };
  const now = change(camera);
  const sent = await changeCamera(now, revision);
  if (!sent.ok) {
    sayTrouble(sent.error.words);
    // what somebody else made of it comes with the page
    stored = null;
    await invalidateAll();
    return false;
  }
  stored = { camera: now, revision: revision + 1 };
  await invalidateAll();
  sayDone(words, () => void undo(camera, revision + 1));
  return true;
}

async function undo(before: Camera, revision: number): Promise<void> {
  const back = await changeCamera(before, revision);
  if (back.ok) sayDone(`${before.name} is as it was.`);
  else sayTrouble(back.error.words);
  await invalidateAll();
}
