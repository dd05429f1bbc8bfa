// What judged frames teach: what is known of a camera now, and taking a bias up or back.
import type { JudgedFrame } from '#core/learn/observe.ts';
import type { Store } from './store.ts';

/** The judged frames of a camera with their films, oldest judgement first. */
export function judgedFramesOf(store: Store, cameraId: string): readonly JudgedFrame[] {
  return store.judgements.ofCamera(cameraId).flatMap((judgement) => {
    const frame = store.frames.find(judgement.frameId);
    const load = frame && store.loads.find(frame.loadId);
    const film = load && store.films.find(load.filmId);
    return frame && film ? [{ frame, film, judgement }] : [];
  });
}

/** A bias to take up. */
export interface NewBias {
  readonly stops: number;
  /** Null = by the camera's condition. */
  readonly sd: number | null;
  /** Judged frames there are now. */
  readonly frames: number;
}

/** Takes a bias up: every answer uses it from now on, and how it was is kept. @returns false when there is no such camera */
export function takeUpBias(store: Store, cameraId: string, bias: NewBias, now: string): boolean {
  return store.together(() => {
    const camera = store.cameras.find(cameraId)?.camera;
    if (!camera) return false;
    store.cameras.change({ ...camera, biasStops: bias.stops, toleranceStops: bias.sd });
    store.judgements.note(cameraId, {
      changedAt: now,
      ...{ fromStops: camera.biasStops, fromSd: camera.toleranceStops },
      ...{ toStops: bias.stops, toSd: bias.sd, frames: bias.frames }
    });
    return true;
  });
}
