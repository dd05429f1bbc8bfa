// What was found on the bench is kept with the camera, and taken back with one press.
import { invalidateAll } from '$app/navigation';
import type { Camera } from '#core/camera/camera.ts';
import type { Pair } from '#core/log/pair.ts';
import { changeCamera } from '../api.ts';
import { sayDone, sayTrouble } from '../notices/say.ts';

/** Stores how a camera is now. @returns whether it is stored */
export async function keepCamera(pair: Pair, now: Camera, words: string): Promise<boolean> {
  const kept = await changeCamera(now, pair.cameraRevision);
  if (!kept.ok) {
    sayTrouble(kept.error.words);
    return false;
  }
  await invalidateAll();
  sayDone(words, () => void undo(pair.camera, pair.cameraRevision + 1));
  return true;
}

async function undo(before: Camera, revision: number): Promise<void> {
  const back = await changeCamera(before, revision);
  if (back.ok) sayDone(`${before.name} is as it was.`);
  else sayTrouble(back.error.words);
  await invalidateAll();
}
