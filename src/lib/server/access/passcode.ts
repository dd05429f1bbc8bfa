// The passcode and who is signed in. The only SQL about them.
import { createHash, randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import type { Database } from 'better-sqlite3';

/** Cost of one look at a passcode: 128 MiB and some tenths of a second. OWASP Password Storage Cheat Sheet, scrypt. */
const COST: ScryptOptions = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };
const HASH_BYTES = 32;
const TOKEN_BYTES = 32;
/** A session lasts as long as this, ms. */
const SESSION_MS = 180 * 24 * 3_600_000;
/** Characters of a passcode at least. */
export const LEAST_PASSCODE = 8;

interface PasscodeRow {
  readonly salt: Buffer;
  readonly hash: Buffer;
}

function hashOf(passcode: string, salt: Buffer): Promise<Buffer> {
  return new Promise((done, fail) => {
    scrypt(passcode.normalize('NFC'), salt, HASH_BYTES, COST, (error, key) => {
      if (error) fail(error);
      else done(key);
    });
  });
}

const hashOfToken = (token: string): Buffer => createHash('sha256').update(token).digest();

/** The passcode of a database and its sessions. @param now gives the time, ms since 1970 */
export function passcodes(db: Database, now: () => number) {
  const stored = db.prepare<[], PasscodeRow>('select salt, hash from passcode');
  const put = db.prepare<[Buffer, Buffer, string]>(
    `insert into passcode (only_row, salt, hash, set_at) values (1, ?, ?, ?)
     on conflict (only_row) do update set salt = excluded.salt, hash = excluded.hash, set_at = excluded.set_at`
  );
  const open = db.prepare<[Buffer, string]>('insert into session (token_hash, opened_at) values (?, ?)');
  const find = db.prepare<[Buffer], { readonly opened_at: string }>(
    'select opened_at from session where token_hash = ?'
  );
  const close = db.prepare<[Buffer]>('delete from session where token_hash = ?');
  const closeAll = db.prepare<[]>('delete from session');
  // one look at a time: each takes 128 MiB
  let turn: Promise<unknown> = Promise.resolve();

  return {
    /** Whether there is one. */
    isSet: (): boolean => stored.get() !== undefined,
    /** Sets it, and signs everybody out. @throws {RangeError} when it is too short */
    set: async (passcode: string): Promise<void> => {
      if (passcode.length < LEAST_PASSCODE)
        throw new RangeError(`The passcode needs ${LEAST_PASSCODE} characters or more.`);
      const salt = randomBytes(16);
      put.run(salt, await hashOf(passcode, salt), new Date(now()).toISOString());
      closeAll.run();
    },
    /** Whether it is right. */
    isRight: (passcode: string): Promise<boolean> => {
      const look = turn.then(async () => {
        const row = stored.get();
        return row !== undefined && timingSafeEqual(row.hash, await hashOf(passcode, row.salt));
      });
      turn = look.catch(() => null);
      return look;
    },
    /** Signs in. @returns what the browser shows from now on */
    signIn: (): string => {
      const token = randomBytes(TOKEN_BYTES).toString('base64url');
      open.run(hashOfToken(token), new Date(now()).toISOString());
      return token;
    },
    /** Whether somebody who shows this is signed in. */
    isSignedIn: (token: string): boolean => {
      const row = find.get(hashOfToken(token));
      return row !== undefined && now() - Date.parse(row.opened_at) < SESSION_MS;
    },
    signOut: (token: string): void => {
      close.run(hashOfToken(token));
    },
    signOutEverywhere: (): void => {
      closeAll.run();
    }
  };
}

/** How long the browser keeps its cookie, seconds. */
export const SESSION_SECONDS = SESSION_MS / 1000;
