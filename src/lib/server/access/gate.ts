// The gate of a server that listens beyond this machine: who is let in, and how often a passcode may be tried.
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import type { passcodes } from './passcode.ts';

/** Name of the cookie. The prefix keeps it to HTTPS and to this host (RFC 6265bis, 4.1.3.2). */
export const COOKIE = '__Host-just-enough';
/** Wrong passcodes before the gate stays shut for a while. */
export const MOST_TRIES = 10;
const SHUT_SECONDS = 15 * 60;
/** Looks at a passcode that may wait at once. */
const MOST_WAITING = 4;
const OPEN_PAGES = ['/enter', '/shell'];

/** What came of a passcode. */
export type Entry =
  | { readonly kind: 'in'; readonly token: string }
  | { readonly kind: 'wrong'; readonly triesLeft: number }
  | { readonly kind: 'shut'; readonly minutes: number }
  | { readonly kind: 'busy' };

/** Whether a page is shown to everybody: the gate itself and the empty shell. */
export function isOpen(path: string): boolean {
  return OPEN_PAGES.some((page) => path === page || path === `${page}/__data.json`);
}

/** The gate. @param access the passcode and sessions of the database */
export function gateOf(access: ReturnType<typeof passcodes>) {
  const limiter = new RateLimiterMemory({ points: MOST_TRIES, duration: SHUT_SECONDS });
  let waiting = 0;
  async function look(passcode: string, from: string): Promise<Entry> {
    const tried = await limiter.consume(from).catch((refused: unknown) => refused);
    if (!(tried instanceof RateLimiterRes)) throw tried;
    const { remainingPoints: triesLeft, consumedPoints, msBeforeNext } = tried;
    if (consumedPoints > MOST_TRIES) return { kind: 'shut', minutes: Math.ceil(msBeforeNext / 60_000) };
    if (!(await access.isRight(passcode))) return { kind: 'wrong', triesLeft };
    await limiter.delete(from);
    return { kind: 'in', token: access.signIn() };
  }

  return {
    /** Tries a passcode. @param from who tries, such as an address: each has tries of their own */
    enter: async (passcode: string, from: string): Promise<Entry> => {
      if (waiting >= MOST_WAITING) return { kind: 'busy' };
      waiting += 1;
      try {
        return await look(passcode, from);
      } finally {
        waiting -= 1;
      }
    }
  };
}
