// What a phone is given to carry: the cameras in use, every film and thing, open loads with their frames.
import { createHash } from 'node:crypto';
import type { Camera } from '#core/camera/camera.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Load } from '#core/log/load.ts';
import type { Revised } from '#core/log/pair.ts';
import type { CarriedCamera } from '#core/offline/carried.ts';
import { carriedBody, type OfflineKit } from '#schema/sync/carried.ts';
import type { Repositories } from '../repositories.ts';

/** Loads whose film is finished are left on the server. */
export function offlineKitOf(store: Repositories): OfflineKit {
  const cameras = store.cameras.list();
  const loads = store.loads.listOpen().filter((l) => cameras.some((c) => c.value.id === l.cameraId));
  const frames = loads.flatMap((l) => store.frames.listByLoad(l.id));
  return {
    settings: store.settings.read(),
    carried: {
      inUse: store.loads.inUse()?.id ?? null,
      cameras: cameras.map(({ value: camera, revision }) => ({
        ...{ camera, revision },
        stands: store.cameras.standsAt(camera.id),
        last: lastOf(store, camera.id)
      })),
      films: store.films.list(),
      things: store.things.list(),
      loads,
      ...{ earlier: earlierCameras(store, loads, frames), frames },
      outings: store.outings.list(),
      ...{ exercises: store.exercises.list(), guesses: store.exercises.guesses() }
    }
  };
}

function lastOf(store: Repositories, cameraId: string): CarriedCamera['last'] {
  const frame = store.frames.lastOfCamera(cameraId);
  if (!frame) return null;
  const { choice, conditions, cameraRevision } = frame;
  return { choice, conditions, cameraRevision };
}

/** Cameras as they were for carried frames, where that is not as they are now. */
function earlierCameras(
  store: Repositories,
  loads: readonly Load[],
  frames: readonly Frame[]
): readonly Revised<Camera>[] {
  const cameraOf = new Map(loads.map((l) => [l.id, l.cameraId]));
  const wanted = new Set(frames.map((f) => `${f.cameraRevision} ${cameraOf.get(f.loadId) ?? ''}`));
  return [...wanted].flatMap((key) => {
    const [revision = '', ...id] = key.split(' ');
    const found = store.revisions.camera(id.join(' '), Number(revision));
    const now = store.cameras.find(id.join(' '))?.revision;
    return found && found.revision !== now ? [{ value: found.value, revision: found.revision }] : [];
  });
}

/** The body to send, with its tag: the same tag is the same body. */
export function carriedAnswer(store: Repositories): { readonly body: string; readonly tag: string } {
  const body = JSON.stringify(carriedBody(offlineKitOf(store)));
  return { body, tag: `"${createHash('sha256').update(body).digest('base64url').slice(0, 27)}"` };
}
