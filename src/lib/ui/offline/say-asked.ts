// Says what stands against a change. The words for everything that may are fetched when something does.
import type { Camera } from '#core/camera/camera.ts';
import type { Conflict } from '#core/offline/change.ts';
import { sayTrouble } from '../notices/say.ts';

/**
 * Says what stands against a change, and where it is decided.
 * @param camera that it is about; null = it is not known here
 */
export async function sayAsked(
  conflict: Conflict,
  camera: Camera | null,
  then = 'Say under “Offline” what is right.'
): Promise<void> {
  try {
    const { sayConflict } = await import('./say-offline.ts');
    sayTrouble(`${sayConflict(conflict, camera)} ${then}`.trim());
  } catch {
    // the words cannot be fetched just now
    sayTrouble(`Something stands against it. ${then}`.trim());
  }
}
