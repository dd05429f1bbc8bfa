// A part of the kit as a small file, to give to somebody else: an archive with only those lines, taken in as any other.
import type { Database } from 'better-sqlite3';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, type ArchiveRecord } from '#schema/files/archive.ts';
import { kitRecords } from './export-rows.ts';

/** What is asked for. */
export interface KitPart {
  readonly cameras: readonly string[];
  readonly films: readonly string[];
  readonly things: readonly string[];
  /** Whether all filters of the bag go along. */
  readonly filters: boolean;
  /** Whether a camera's or film's sheets of before go along. */
  readonly revisions: 'all' | 'newest';
}

/** A record as somebody else gets it: in use, its levers standing anywhere; null = it is not asked for. */
function given(record: ArchiveRecord, part: KitPart): ArchiveRecord | null {
  const newest = <T extends { readonly revision: number }>(all: readonly T[]): readonly T[] =>
    part.revisions === 'all' ? all : all.slice(-1).map((r) => ({ ...r, revision: 1 }));
  if (record.kind === 'camera')
    return part.cameras.includes(record.id)
      ? { ...record, revisions: newest(record.revisions), retiredAt: null, stands: {} }
      : null;
  if (record.kind === 'film')
    return part.films.includes(record.id)
      ? { ...record, revisions: newest(record.revisions), deletedAt: null }
      : null;
  if (record.kind !== 'thing') return null;
  const isFilter = part.filters && record.thing.data.kind === 'filter' && record.deletedAt === null;
  return isFilter || part.things.includes(record.thing.id) ? { ...record, deletedAt: null } : null;
}

/** The lines of such a file; [] = nothing that was asked for is there. */
export function kitLines(db: Database, part: KitPart, writtenAt: string): readonly string[] {
  const records = [...kitRecords(db)].flatMap((record) => given(record, part) ?? []);
  if (records.length === 0) return [];
  const head = { kind: 'archive', format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, writtenAt };
  return [head, ...records].map((line) => JSON.stringify(line));
}
