// Frames that a phone carries and the server has lost: an older copy was brought back there, or its file was replaced.
import type { Frame, NewFrame } from '../log/frame.ts';
import { factsOf } from '../log/frame.ts';
import type { Moment } from '../sky/moment.ts';
import type { Carried } from './carried.ts';
import type { Queue, Queued } from './queue.ts';

/**
 * Frames that were carried and do not come any more: deleted, on a finished film, or lost.
 * @param before what the phone had @param now what the server sent
 * @returns in the order they were carried
 */
export function missing(before: Carried, now: Carried): readonly Frame[] {
  const here = new Set(now.frames.map((f) => f.id));
  return before.frames.filter((f) => !here.has(f.id));
}

function asLogged(frame: Frame): NewFrame {
  const { id, loadId, cameraRevision, filmRevision, series } = frame;
  return { ...factsOf(frame), id, loadId, cameraRevision, filmRevision, series };
}

/**
 * Asks the person about frames that were lost: each can be logged again, or left out. One that the queue holds already is not asked
 * about twice.
 * @param at when it was found out, by the phone's clock
 */
export function askedAboutLost(queue: Queue, lost: readonly Frame[], at: Moment): Queue {
  const held = new Set(
    queue.flatMap(({ change: { action } }) => (action.kind === 'log' ? [action.frame.id] : []))
  );
  const fresh = lost.filter((f) => !held.has(f.id));
  const conflict = { reason: 'lost' } as const;
  const asked = fresh.map((frame): Queued => {
    const action = { kind: 'log', frame: asLogged(frame) } as const;
    const change = { key: `lost ${frame.id}`, madeAt: at, action };
    return { state: 'asked', change, settled: [], conflict };
  });
  return [...queue, ...asked];
}
