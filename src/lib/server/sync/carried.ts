// What a phone is given to carry: the cameras in use, every film and thing, open loads with their frames.
import { createHash } from 'node:crypto';
import { carriedBody, type OfflineKit } from '#schema/sync/carried.ts';
import type { Store } from '../store.ts';

/** Loads whose film is finished are left at home. */
export function offlineKitOf(store: Store): OfflineKit {
  const cameras = store.cameras.list();
  const loads = store.loads
    .list()
    .filter((l) => l.finishedAt === null && cameras.some((c) => c.id === l.cameraId));
  return {
    settings: store.settings.read(),
    carried: {
      inUse: store.loads.inUse()?.id ?? null,
      cameras: cameras.map((camera) => ({
        camera,
        stands: store.cameras.standsAt(camera.id),
        last: store.frames.lastOfCamera(camera.id)
      })),
      films: store.films.list(),
      things: store.things.list(),
      loads,
      frames: loads.flatMap((l) => store.frames.listByLoad(l.id))
    }
  };
}

/** The body to send, with its tag: the same tag is the same body. */
export function carriedAnswer(store: Store): { readonly body: string; readonly tag: string } {
  const body = JSON.stringify(carriedBody(offlineKitOf(store)));
  return { body, tag: `"${createHash('sha256').update(body).digest('base64url').slice(0, 27)}"` };
}
