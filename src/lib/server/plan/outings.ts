// Outings in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { Outing } from '#core/plan/outing.ts';
import { outingFromJson } from '#schema/plan/outing.ts';
import { remembered } from '#schema/reading/remembered.ts';

const outingOf = remembered(outingFromJson);

interface OutingRow {
  readonly data: string;
  readonly revision: number;
  readonly created_at: string;
  readonly deleted_at: string | null;
}

/** The outings of a database. */
export function outingRepository(db: Database) {
  const all = db.prepare<[], OutingRow>('select * from outing order by created_at, id');
  const one = db.prepare<[string], OutingRow>('select * from outing where id = ? and deleted_at is null');
  const put = db.prepare<[Record<string, unknown>]>(
    `insert into outing (id, data, created_at) values (:id, :data, :createdAt)
     on conflict (id) do update set data = excluded.data, revision = outing.revision + 1, deleted_at = null`
  );
  const remove = db.prepare<[string, string]>(
    'update outing set deleted_at = ?, revision = revision + 1 where id = ? and deleted_at is null'
  );
  const read = (): readonly { outing: Outing; addedAt: string; deletedAt: string | null }[] =>
    all.all().map((row) => ({
      ...{ outing: outingOf(row.data), addedAt: row.created_at, deletedAt: row.deleted_at }
    }));
  return {
    /** Every outing that is not in the trash, the oldest first. */
    list: (): readonly Outing[] =>
      read()
        .filter((row) => row.deletedAt === null)
        .map((row) => row.outing),
    /** Those in the trash too. */
    listAll: read,
    find: (id: string): Outing | null => {
      const row = one.get(id);
      return row ? outingOf(row.data) : null;
    },
    /** Rises with every change; 0 = there is no such outing. */
    revisionOf: (id: string): number => one.get(id)?.revision ?? 0,
    /** Stores an outing, new or changed. */
    put: (outing: Outing, createdAt: string): void => {
      put.run({ id: outing.id, data: JSON.stringify(outing), createdAt });
    },
    /** Puts an outing in the trash. @returns false if it was there already */
    remove: (id: string, at: string): boolean => remove.run(at, id).changes > 0
  };
}
