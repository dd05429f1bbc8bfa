// Filters, flashes, meters, supports, lamps and modifiers in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { Thing } from '#core/kit/thing.ts';
import { thingDataFromJson } from '#schema/kit/thing.ts';
import { remembered } from '#schema/reading/remembered.ts';

interface ThingRow {
  readonly revision: number;
  readonly id: string;
  readonly name: string;
  readonly data: string;
}

const dataOf = remembered(thingDataFromJson);
const fromRow = ({ id, name, data }: ThingRow): Thing => ({ id, name, data: dataOf(data) });

/** The things of a database. */
export function thingRepository(db: Database) {
  const all = db.prepare<[], ThingRow>(
    'select id, name, data, revision from thing where deleted_at is null order by created_at, name'
  );
  const one = db.prepare<[string], ThingRow>(
    'select id, name, data, revision from thing where id = ? and deleted_at is null'
  );
  const put = db.prepare<[Record<string, unknown>]>(
    `insert into thing (id, kind, name, data, created_at) values (:id, :kind, :name, :data, :createdAt)
     on conflict (id) do update set kind = excluded.kind, name = excluded.name, data = excluded.data,
       revision = thing.revision + 1`
  );
  const remove = db.prepare<[string, string]>(
    'update thing set deleted_at = ? where id = ? and deleted_at is null'
  );
  const restore = db.prepare<[string]>('update thing set deleted_at = null where id = ?');
  return {
    list: (): readonly Thing[] => all.all().map(fromRow),
    find: (id: string): Thing | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    /** Rises with every change; 0 = there is no such thing. */
    revisionOf: (id: string): number => one.get(id)?.revision ?? 0,
    /** Stores a thing, new or changed. */
    put: ({ id, name, data }: Thing, createdAt: string): void => {
      put.run({ id, kind: data.kind, name, data: JSON.stringify(data), createdAt });
    },
    /** Puts a thing in the trash. @returns false if it was there already */
    remove: (id: string, at: string): boolean => remove.run(at, id).changes > 0,
    /** Takes removing back. @returns false when there is no such thing */
    restore: (id: string): boolean => restore.run(id).changes > 0
  };
}
