// The queue of a phone: changes in the order they were made, what became of each, and which may be sent next.
import { subjectOf, type Change, type Conflict, type Outcome } from './change.ts';

/** A change in the queue. What was done on the server is not in it any more. */
export type Queued =
  | { readonly state: 'waiting'; readonly change: Change; readonly settled: readonly Conflict[] }
  /** Home has something against it: the person decides. */
  | {
      readonly state: 'asked';
      readonly change: Change;
      readonly settled: readonly Conflict[];
      readonly conflict: Conflict;
    }
  /** The person left it out; kept until it is thrown away, so that it can be taken back. */
  | { readonly state: 'left'; readonly change: Change; readonly conflict: Conflict };

/** What is sent: the change, and the conflicts that the person saw and overrode. */
export interface Sent {
  readonly change: Change;
  /** Conflicts just as the person saw them: what is different on the server by now is asked about again. */
  readonly settled: readonly Conflict[];
}

/** The queue, oldest first. */
export type Queue = readonly Queued[];

/**
 * Puts a change at the end. Its time is never before the one ahead of it, whatever the phone's clock does.
 * @returns a new queue
 */
export function put(queue: Queue, change: Change): Queue {
  const last = queue.at(-1)?.change.madeAt;
  const madeAt = last && change.madeAt.at < last.at ? { ...change.madeAt, at: last.at } : change.madeAt;
  return [...queue, { state: 'waiting', change: { ...change, madeAt }, settled: [] }];
}

/**
 * The next changes to send: in order, without those that follow on one which is asked about or left out.
 * @param most changes @param mostChars of JSON, as far as the first change leaves room
 */
export function nextToSend(queue: Queue, most: number, mostChars = Infinity): readonly Sent[] {
  const held = new Set<string>();
  const batch: Sent[] = [];
  let chars = 0;
  for (const item of queue) {
    const subject = subjectOf(item.change.action);
    if (item.state !== 'waiting') held.add(subject);
    else if (!held.has(subject) && batch.length < most) {
      const sent = { change: item.change, settled: item.settled };
      chars += mostChars === Infinity ? 0 : JSON.stringify(sent).length;
      // what comes after may follow on it: the rest goes with the next round
      if (chars > mostChars && batch.length > 0) break;
      batch.push(sent);
    }
  }
  return batch;
}

/**
 * The queue after an answer came: what is done goes, what the server has something against is asked about. Answers to what is no longer waiting change nothing.
 * @param outcomes of the server, by the key of the change
 * @returns a new queue
 */
export function answered(queue: Queue, outcomes: readonly Outcome[]): Queue {
  const byKey = new Map(outcomes.map((o) => [o.key, o]));
  return queue.flatMap((item): Queue => {
    const outcome = byKey.get(item.change.key);
    if (!outcome) return [item];
    if (outcome.outcome === 'done') return [];
    if (item.state !== 'waiting') return [item];
    const { change, settled } = item;
    return [{ state: 'asked', change, settled, conflict: outcome.conflict }];
  });
}

/**
 * The person takes the phone's side: the change is sent again, with what they saw.
 * @param key of the change that was asked about
 * @returns a new queue
 */
export function insisted(queue: Queue, key: string): Queue {
  return queue.map((item) => {
    if (item.change.key !== key || item.state !== 'asked') return item;
    const { change, settled, conflict } = item;
    return { state: 'waiting', change, settled: [...settled, conflict] };
  });
}

/**
 * The person takes the side of the server: the change is left out, and with it what followed on it.
 * @param key of the change that was asked about
 * @returns a new queue
 */
export function leftOut(queue: Queue, key: string): Queue {
  const at = queue.findIndex((i) => i.change.key === key);
  const first = queue[at];
  if (first?.state !== 'asked') return queue;
  const subject = subjectOf(first.change.action);
  const { conflict } = first;
  return queue.map((item, i) =>
    i === at || (i > at && subjectOf(item.change.action) === subject)
      ? { state: 'left', change: item.change, conflict }
      : item
  );
}

/**
 * What was left out waits again, and what followed on it: the server is asked anew.
 * @param key of a change that was left out
 * @returns a new queue
 */
export function takenBack(queue: Queue, key: string): Queue {
  const subject = queue.flatMap((i) => (i.change.key === key ? subjectOf(i.change.action) : []))[0];
  return queue.map((item) =>
    item.state === 'left' && subjectOf(item.change.action) === subject
      ? { state: 'waiting', change: item.change, settled: [] }
      : item
  );
}

/**
 * Throws away what was left out.
 * @returns a new queue, with all that waits
 */
export function cleared(queue: Queue): Queue {
  return queue.filter((i) => i.state !== 'left');
}

/**
 * How many wait and how many need the person.
 * @returns whole numbers ≥ 0
 */
export function countsOf(queue: Queue): { readonly waiting: number; readonly asked: number } {
  const count = (state: Queued['state']): number => queue.filter((i) => i.state === state).length;
  return { waiting: count('waiting'), asked: count('asked') };
}

/** Adds what is not in the queue yet, to be sent. @param from a queue that came as a file */
export function withFile(queue: Queue, from: Queue): Queue {
  const known = new Set(queue.map((q) => q.change.key));
  const fresh = from.filter((q) => !known.has(q.change.key) && q.state !== 'left');
  return [...queue, ...fresh.map(({ change }) => ({ state: 'waiting', change, settled: [] }) as const)];
}
