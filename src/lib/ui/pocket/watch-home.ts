// Watches for home to be back: sends what waits, fetches what is new, and lets the pages ask home again.
import { pocket } from './pocket.svelte.ts';

/** After the page answers, before the queue is looked at, ms: the first view comes first. */
const FIRST_MS = 400;
/** After that, before what is carried is looked at, ms: nobody waits for it. */
const CARRY_MS = 2500;
/** Between looks for home while it is out of reach, ms. */
const LOOK_MS = 5000;

/** What the pages do. */
export interface Pages {
  /** Whether the pages show what the phone carries. */
  readonly isAway: () => boolean;
  /** Asks home again. */
  readonly refresh: () => Promise<void>;
}

/** Begins to watch. @returns ends it */
export function watchHome({ isAway, refresh }: Pages): () => void {
  pocket.onsent = refresh;
  const look = async (first = false): Promise<void> => {
    await pocket.open();
    await pocket.send();
    if (!first) await pocket.carry();
    if (isAway() && !pocket.away) await refresh();
  };
  const back = (): void => {
    if (document.visibilityState === 'visible') void look();
  };
  const first = setTimeout(() => void look(true), FIRST_MS);
  const carry = setTimeout(() => void look(), FIRST_MS + CARRY_MS);
  const again = setInterval(() => {
    if (pocket.away || isAway()) back();
  }, LOOK_MS);
  addEventListener('online', back);
  document.addEventListener('visibilitychange', back);
  return () => {
    clearTimeout(first);
    clearTimeout(carry);
    clearInterval(again);
    removeEventListener('online', back);
    document.removeEventListener('visibilitychange', back);
  };
}
