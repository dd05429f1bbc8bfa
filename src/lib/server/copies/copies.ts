// Copies of the database: made by SQLite's online backup while the server goes on, opened and checked before they count, and told by
// their names. One can be looked at against today, and brought back.
import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { Difference } from './contents.ts';
import { keptOf } from './retention.ts';
import { checkCopy, doCopyWork } from './work.ts';

/** Why a copy was made. */
export const COPY_REASONS = ['daily', 'asked', 'before-import', 'before-return', 'before-upgrade'] as const;
/** @see COPY_REASONS */
export type CopyReason = (typeof COPY_REASONS)[number];

/** A copy. One from before an upgrade lies beside the database, where it was put when it was migrated. */
export interface Copy {
  readonly name: string;
  readonly reason: CopyReason;
  /** When it was made, milliseconds since 1970. */
  readonly ms: number;
  readonly bytes: number;
}

const NAME =
  /^(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z (daily|asked|before-import|before-return)\.sqlite$/;

/** Copies put beside the database `log.sqlite` are named so after it (database/migrate.ts). */
const VERSION = /^\.version-\d+$/;

const nameOf = (ms: number, reason: CopyReason): string =>
  `${new Date(ms).toISOString().replace(/[:.]/g, '-')} ${reason}.sqlite`;

function copyOf(folder: string, name: string): Copy | null {
  const found = NAME.exec(name);
  if (!found) return null;
  const [, day = '', hour = '', minute = '', second = '', milli = '', why] = found;
  const reason = COPY_REASONS.find((r) => r === why);
  return reason
    ? {
        ...{ name, reason, ms: Date.parse(`${day}T${hour}:${minute}:${second}.${milli}Z`) },
        bytes: statSync(join(folder, name)).size
      }
    : null;
}

/**
 * The copies of a database.
 * @param database its file @param folder where they lie @param work does what takes long: beside the server, where it can
 */
export function copiesOf(database: string, folder: string, now: () => number, work = doCopyWork) {
  const beside = dirname(database);
  const listOwn = (): readonly Copy[] =>
    existsSync(folder) ? readdirSync(folder).flatMap((name) => copyOf(folder, name) ?? []) : [];
  const listBeside = (): readonly Copy[] =>
    readdirSync(beside).flatMap((name) => {
      const of = basename(database);
      if (!name.startsWith(of) || !VERSION.test(name.slice(of.length))) return [];
      const { mtimeMs, size } = statSync(join(beside, name));
      return { name, reason: 'before-upgrade', ms: Math.round(mtimeMs), bytes: size };
    });
  const list = (): readonly Copy[] => [...listOwn(), ...listBeside()].sort((a, b) => b.ms - a.ms);
  const pathOf = ({ name, reason }: Copy): string =>
    join(reason === 'before-upgrade' ? beside : folder, name);
  const find = (name: string): Copy | null => list().find((c) => c.name === name) ?? null;
  let making: Promise<Copy> | null = null;
  let looked = 0;

  async function makeOne(reason: CopyReason): Promise<Copy> {
    mkdirSync(folder, { recursive: true });
    const name = nameOf(now(), reason);
    const coming = join(folder, `coming-${process.pid}.sqlite`);
    try {
      await work({ does: 'make', from: database, to: coming });
      renameSync(coming, join(folder, name));
    } finally {
      for (const rest of ['', '-wal', '-shm', '-journal']) rmSync(coming + rest, { force: true });
    }
    const kept = new Set(keptOf(listOwn(), now()).map((c) => c.name));
    for (const copy of listOwn()) if (!kept.has(copy.name)) rmSync(pathOf(copy), { force: true });
    const made = find(name);
    if (!made) throw new Error(`The copy ${join(folder, name)} is not there.`);
    return made;
  }

  /** Makes a copy, after one that is being made. @throws {Error} when the disk is full or the copy is damaged */
  async function make(reason: CopyReason): Promise<Copy> {
    while (making) await making.catch(() => null);
    making = makeOne(reason).finally(() => (making = null));
    return making;
  }

  return {
    folder,
    /** All copies, the newest first. */
    list,
    find,
    make,
    /** @throws {Error} when a copy is damaged */
    check: (copy: Copy): void => checkCopy(pathOf(copy)),
    /** The newest one that is not damaged; null = there is none. */
    newestGood: (): Copy | null =>
      list().find((copy) => {
        try {
          checkCopy(pathOf(copy));
          return true;
        } catch {
          return false;
        }
      }) ?? null,
    /** Makes today's, unless there is one. @returns null when there was */
    daily: async (): Promise<Copy | null> => {
      const today = new Date(now()).toISOString().slice(0, 10);
      return listOwn().some((c) => new Date(c.ms).toISOString().startsWith(today)) ? null : make('daily');
    },
    /** What would be different with a copy. @throws {Error} when it is damaged */
    against: async (copy: Copy): Promise<Difference> => {
      const aside = join(folder, `looked-at-${process.pid}-${(looked += 1)}.sqlite`);
      const difference = await work({ does: 'compare', from: database, copy: pathOf(copy), aside });
      if (!difference) throw new Error(`The copy ${copy.name} was not compared.`);
      return difference;
    },
    /** Puts a copy in the place of a database file that nobody has open any more. @throws {Error} when it is damaged: nothing is changed then */
    putInPlace: (copy: Copy, path: string): void => {
      const from = pathOf(copy);
      checkCopy(from);
      const coming = `${path}.coming`;
      copyFileSync(from, coming);
      for (const rest of ['-wal', '-shm']) rmSync(path + rest, { force: true });
      renameSync(coming, path);
    }
  };
}
