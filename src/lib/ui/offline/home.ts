// Talks to the server about the queue and what is carried. Nothing throws: an answer, or why there is none.
import { WorkerLine } from '../worker/line.ts';
import { momentAt, type Moment } from '#core/sky/moment.ts';
import { zoneHere } from '#core/sky/zone.ts';
import type { Outcome } from '#core/offline/change.ts';
import type { Sent } from '#core/offline/queue.ts';
import { MOST_ASKED, SYNC_FORM } from '#schema/sync/limits.ts';
import type { CarryAnswer, CarryQuestion } from '../../../workers/carry.ts';

/** Longer than this the server is taken for out of reach, ms. */
const PATIENCE_MS = 15_000;

/** What came of sending. */
export type Delivery =
  | { readonly kind: 'answered'; readonly outcomes: readonly Outcome[] }
  /** Home is out of reach, or its answer was lost on the way. */
  | { readonly kind: 'away' }
  /** Home does not take it: what it says, for the person. */
  | { readonly kind: 'refused'; readonly words: string; readonly signedOut: boolean };

/** Sends changes in their order. */
export async function deliver(sent: readonly Sent[]): Promise<Delivery> {
  try {
    const response = await fetch('/api/v1/sync', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ form: SYNC_FORM, changes: sent }),
      signal: AbortSignal.timeout(PATIENCE_MS)
    });
    const body: unknown = await response.json();
    if (response.ok) {
      const outcomes = (await import('./home-answers.ts')).outcomesOf(body);
      // half an answer is none: the same is sent again, and done once
      return outcomes ? { kind: 'answered', outcomes } : { kind: 'away' };
    }
    const detail = typeof body === 'object' && body !== null && 'detail' in body ? String(body.detail) : '';
    const words = detail === '' ? `The server answered with ${response.status}.` : detail;
    return { kind: 'refused', words, signedOut: response.status === 401 };
  } catch {
    return { kind: 'away' };
  }
}

/** Fetches what is carried, in a worker: reading a whole kit takes longer than a frame of a slow phone. @param tag what is carried already */
export function fetchCarried(tag: string): Promise<CarryAnswer> {
  return new Promise((done) => {
    const line = new WorkerLine<CarryQuestion, CarryAnswer>(
      () => new Worker(new URL('../../../workers/carry.ts', import.meta.url), { type: 'module' })
    );
    const end = (answer: CarryAnswer): void => {
      line.stop();
      done(answer);
    };
    line.ask({ tag, patienceMs: PATIENCE_MS }, { part: end, failed: () => end({ type: 'away' }) });
  });
}

/** Which frames the server never stored, or lost; null = it cannot be asked now. */
export async function askUnknown(ids: readonly string[]): Promise<readonly string[] | null> {
  try {
    const response = await fetch('/api/v1/frames/known', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ids: ids.slice(0, MOST_ASKED) }),
      signal: AbortSignal.timeout(PATIENCE_MS)
    });
    if (!response.ok) return null;
    const body: unknown = await response.json();
    return (await import('./home-answers.ts')).unknownOf(body);
  } catch {
    return null;
  }
}

/** Tells the service worker that the server answers, so that it waits for the server again. */
export function tellHomeAnswers(): void {
  if (typeof navigator !== 'undefined' && 'serviceWorker' in navigator)
    navigator.serviceWorker.controller?.postMessage('home-answers');
}

/** Now, by this phone's clock and zone. */
export function hereNow(): Moment {
  return momentAt(Date.now(), zoneHere());
}
