// The judged frames of each camera, kept while the server runs and brought up to date: what was worked out of a frame is
// worked out again only when the frame, its judgement or its film's development changed.
import type { JudgedFrame } from '#core/learn/observe.ts';
import { takenWith } from '../log/taken-with.ts';
import type { Repositories } from '../repositories.ts';

interface Kept {
  readonly state: string;
  readonly judged: JudgedFrame;
}

/** By database, then by camera, then by frame. */
const kept = new WeakMap<Repositories['judgements'], Map<string, ReadonlyMap<string, Kept>>>();

/**
 * The judged frames of a camera with it and their films as they were, oldest judgement first. What was judged of it before it
 * was converted or repaired says nothing of it now, and is left out. The same frame is the same object as long as it is so.
 */
export function judgedFramesOf(store: Repositories, cameraId: string): readonly JudgedFrame[] {
  const rebuilt = store.revisions.ofCamera(cameraId).findLast((r) => r.what === 'rebuilt')?.revision ?? 0;
  const ofStore = kept.get(store.judgements) ?? new Map<string, ReadonlyMap<string, Kept>>();
  kept.set(store.judgements, ofStore);
  const before = ofStore.get(cameraId);
  const states = store.judgements.statesOf(cameraId).filter((s) => s.cameraRevision >= rebuilt);
  const changed = states.filter((s) => before?.get(s.frameId)?.state !== s.state).map((s) => s.frameId);
  const look = takenWith(store);
  const frames = new Map(store.frames.some(changed).map((f) => [f.id, f]));
  const judgements = new Map(store.judgements.ofFrames(changed).map((j) => [j.frameId, j]));
  const now = new Map<string, Kept>();
  for (const { frameId, state } of states) {
    const same = before?.get(frameId);
    const [frame, judgement] = [frames.get(frameId), judgements.get(frameId)];
    if (same?.state === state) now.set(frameId, same);
    else if (frame && judgement) {
      const taken = look(frame);
      if (taken)
        now.set(frameId, { state, judged: { frame, camera: taken.camera, film: taken.film, judgement } });
    }
  }
  ofStore.set(cameraId, now);
  return [...now.values()].map((k) => k.judged);
}
