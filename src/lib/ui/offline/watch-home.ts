// Watches for the server to be back: sends what waits, fetches what is new, and lets the pages ask the server again.
import { offline } from './offline.svelte.ts';

/** After the page answers, before the queue is looked at, ms: the first view comes first. */
const FIRST_MS = 400;
/** How long the hand must have rested before what is carried is looked at, ms: nobody waits for it, a drag would. */
const REST_MS = 2500;
/** Between looks for the server while it is out of reach, ms. */
const LOOK_MS = 5000;

/** What the pages do. */
export interface Pages {
  /** Whether the pages show what the phone carries. */
  readonly isAway: () => boolean;
  /** Asks the server again. */
  readonly refresh: () => Promise<void>;
}

/** Begins to watch. @returns ends it */
export function watchHome({ isAway, refresh }: Pages): () => void {
  offline.onsent = refresh;
  const look = async (first = false): Promise<void> => {
    await offline.open();
    await offline.send();
    if (!first) await offline.carry();
    if (isAway() && !offline.away) await refresh();
  };
  const back = (): void => {
    if (document.visibilityState === 'visible') void look();
  };
  const first = setTimeout(() => void look(true), FIRST_MS);
  let carry = setTimeout(() => void look(), FIRST_MS + REST_MS);
  const rested = new AbortController();
  const postpone = (): void => {
    clearTimeout(carry);
    carry = setTimeout(() => {
      rested.abort();
      void look();
    }, REST_MS);
  };
  for (const touch of ['pointerdown', 'pointermove', 'keydown'])
    addEventListener(touch, postpone, { signal: rested.signal, passive: true });
  const again = setInterval(() => {
    if (offline.away || isAway()) back();
  }, LOOK_MS);
  addEventListener('online', back);
  document.addEventListener('visibilitychange', back);
  return () => {
    clearTimeout(first);
    clearTimeout(carry);
    rested.abort();
    clearInterval(again);
    removeEventListener('online', back);
    document.removeEventListener('visibilitychange', back);
  };
}
