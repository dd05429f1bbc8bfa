// The judged frames of a camera and what they say of it. What was worked out of a frame is kept, and worked out again only when
// the frame, its judgement or its film's development changed.
import { giveLine, lineOf, readingsOf, type Observation } from '#core/learn/bias.ts';
import { observationOf, type JudgedFrame } from '#core/learn/observe.ts';
import type { PrintEye } from '#core/learn/print-eye.ts';
import { printEyeOf } from '#core/practice/exercise.ts';
import { takenWith } from '../log/taken-with.ts';
import type { Repositories } from '../repositories.ts';
import type { KeptObservation } from './observations.ts';

/** Judged frames with their cameras and films as they were, in the order asked; those whose camera or film is unknown are left out. */
export function judgedFramesOf(store: Repositories, frameIds: readonly string[]): readonly JudgedFrame[] {
  const look = takenWith(store);
  const frames = new Map(store.frames.some(frameIds).map((f) => [f.id, f]));
  const judgements = new Map(store.judgements.ofFrames(frameIds).map((j) => [j.frameId, j]));
  return frameIds.flatMap((id) => {
    const [frame, judgement] = [frames.get(id), judgements.get(id)];
    const taken = frame && look(frame);
    return frame && judgement && taken ? [{ frame, camera: taken.camera, film: taken.film, judgement }] : [];
  });
}

/**
 * The judged frames of a camera that are not in the trash, oldest judgement first. What was judged of it before it was
 * converted or repaired says nothing of it now, and is left out.
 */
export function judgedStatesOf(store: Repositories, cameraId: string) {
  const rebuilt = store.revisions.ofCamera(cameraId).findLast((r) => r.what === 'rebuilt')?.revision ?? 0;
  const states = store.judgements.statesOf(cameraId).filter((s) => s.cameraRevision >= rebuilt);
  const eye = judgingEye(store);
  if (!eye) return states;
  // what was worked out with another eye is not what it says now
  const by = ` ${eye.biasStops.toFixed(3)} ${eye.sdStops}`;
  return states.map((s) => ({ ...s, state: s.state + by }));
}

/** How the person judges prints, where that is to be corrected; null = as they say. */
export function judgingEye(store: Pick<Repositories, 'settings' | 'exercises'>): PrintEye | null {
  return store.settings.read().correctJudgements ? printEyeOf(store.exercises.list()) : null;
}

/** What this process read of the table, by database and frame: the same observation is the same object as long as it is so. */
const read = new WeakMap<Repositories['observations'], Map<string, KeptObservation>>();
/** Rows written at a time: between them others may write. */
const AT_ONCE = 50;

/**
 * What the judged frames of a camera say of it; frames that are no evidence left out. What is not kept yet is worked out and kept.
 * @param states of them, where they were read already
 */
export function observationsOf(
  store: Repositories,
  cameraId: string,
  states = judgedStatesOf(store, cameraId)
): readonly Observation[] {
  const known = read.get(store.observations) ?? new Map<string, KeptObservation>();
  read.set(store.observations, known);
  const isStale = ({ frameId, state }: (typeof states)[number]): boolean =>
    known.get(frameId)?.state !== state;
  const ids = states.filter(isStale).map((s) => s.frameId);
  if (ids.length > 0) for (const kept of store.observations.some(ids)) known.set(kept.frameId, kept);
  const stale = states.filter(isStale);
  for (let i = 0; i < stale.length; i += AT_ONCE) keep(store, known, stale.slice(i, i + AT_ONCE));
  const observations = states.flatMap(({ frameId }) => known.get(frameId)?.observation ?? []);
  for (const reading of readingsOf(observations)) takeLine(store, known, reading);
  return observations;
}

/** Of which states of its frames the line of a reading is. */
const lineKey = (known: ReadonlyMap<string, KeptObservation>, reading: readonly Observation[]): string =>
  JSON.stringify(reading.map(({ frameId }) => [frameId, known.get(frameId)?.state]));

/** Observations whose line was looked for in the table: from then on it is kept with them in memory. */
const looked = new WeakMap<Observation, number>();

function takeLine(
  store: Repositories,
  known: ReadonlyMap<string, KeptObservation>,
  reading: readonly Observation[]
): void {
  const [first] = reading;
  if (!first || looked.get(first) === reading.length) return;
  looked.set(first, reading.length);
  const kept = store.observations.line(first.frameId);
  if (kept?.of === lineKey(known, reading)) giveLine(reading, kept.line);
}

/** Works out and keeps what each reading of a camera says. */
export function keepLines(store: Repositories, cameraId: string): void {
  const readings = readingsOf(observationsOf(store, cameraId));
  const known = read.get(store.observations) ?? new Map<string, KeptObservation>();
  const stale = readings.flatMap((reading) => {
    const [{ frameId } = { frameId: '' }] = reading;
    const of = lineKey(known, reading);
    return store.observations.line(frameId)?.of === of ? [] : [{ frameId, of, line: lineOf(reading) }];
  });
  for (let i = 0; i < stale.length; i += AT_ONCE)
    store.together(() => {
      for (const { frameId, ...kept } of stale.slice(i, i + AT_ONCE))
        store.observations.putLine(frameId, kept);
    });
}

function keep(
  store: Repositories,
  known: Map<string, KeptObservation>,
  stale: ReturnType<typeof judgedStatesOf>
): void {
  const judged = judgedFramesOf(
    store,
    stale.map((s) => s.frameId)
  );
  const eye = judgingEye(store);
  const observations = new Map(judged.map((j) => [j.frame.id, observationOf(j, eye)]));
  const kept = stale.map(({ frameId, state }) => ({
    ...{ frameId, state },
    observation: observations.get(frameId) ?? null
  }));
  store.together(() => {
    for (const k of kept) store.observations.put(k);
  });
  for (const k of kept) known.set(k.frameId, k);
}
