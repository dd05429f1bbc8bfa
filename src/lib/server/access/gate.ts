// The gate of a server that listens beyond this machine: who is let in, and how often a passcode may be tried.
import type { Database } from 'better-sqlite3';
import { RateLimiterRes, RateLimiterSQLite } from 'rate-limiter-flexible';
import type { passcodes } from './passcode.ts';

/** Name of the cookie. The prefix keeps it to HTTPS and to this host (RFC 6265bis, 4.1.3.2). */
export const COOKIE = '__Host-just-enough';
/** Wrong passcodes from one address, and from all of them, before the gate stays shut for a while. */
export const [MOST_TRIES, MOST_IN_ALL] = [10, 100];
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

/** The gate. @param access the passcode and sessions of the database @param db where tries are counted, across restarts */
export function gateOf(access: ReturnType<typeof passcodes>, db: Database) {
  const limiterOf = (keyPrefix: string, points: number) =>
    new RateLimiterSQLite({
      ...{ storeClient: db, storeType: 'better-sqlite3', tableName: 'gate_try', tableCreated: true },
      ...{ keyPrefix, points, duration: SHUT_SECONDS, clearExpiredByTimeout: false }
    });
  const [ofAddress, inAll] = [limiterOf('from', MOST_TRIES), limiterOf('all', MOST_IN_ALL)];
  let waiting = 0;
  async function tried(limiter: RateLimiterSQLite, key: string): Promise<RateLimiterRes> {
    const said = await limiter.consume(key).catch((refused: unknown) => refused);
    if (!(said instanceof RateLimiterRes)) throw said;
    return said;
  }
  async function look(passcode: string, from: string): Promise<Entry> {
    const own = await tried(ofAddress, from);
    // one that is shut already counts no further: alone it cannot shut the others out
    const all = own.consumedPoints > MOST_TRIES ? null : await tried(inAll, '');
    const shut = all === null ? own : all.consumedPoints > MOST_IN_ALL ? all : null;
    if (shut) return { kind: 'shut', minutes: Math.ceil(shut.msBeforeNext / 60_000) };
    if (!(await access.isRight(passcode))) return { kind: 'wrong', triesLeft: own.remainingPoints };
    await ofAddress.delete(from);
    await inAll.reward('');
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
