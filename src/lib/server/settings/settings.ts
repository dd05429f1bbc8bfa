// The person's settings in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import { object, type InferType } from 'yup';
import { parseWith } from '#schema/reading/parse.ts';
import { remembered } from '#schema/reading/remembered.ts';
import { settingsSchema, type settingsEditSchema } from '#schema/settings/settings-schema.ts';
import { FIRST_SETTINGS, type Settings } from '#schema/settings/settings.ts';

const storedSchema = object();
const settingsOf = remembered((text: string): Settings => {
  const stored = storedSchema.validateSync(JSON.parse(text));
  const settings = parseWith(settingsSchema, { ...FIRST_SETTINGS, ...stored });
  // a value that an older or newer program wrote otherwise is no reason to fail
  return settings.ok ? settings.value : FIRST_SETTINGS;
});

/** The settings of a database. */
export function settingsRepository(db: Database) {
  const all = db.prepare<[], { readonly name: string; readonly value: string }>(
    'select name, value from setting'
  );
  const put = db.prepare<[string, string]>(
    'insert into setting (name, value) values (?, ?) on conflict (name) do update set value = excluded.value, revision = setting.revision + 1'
  );
  const read = (): Settings =>
    settingsOf(
      `{${all
        .all()
        .map(({ name, value }) => `${JSON.stringify(name)}:${value}`)
        .join()}}`
    );
  const revision = db.prepare<[], { readonly n: number }>(
    'select coalesce(sum(revision), 0) as n from setting'
  );
  return {
    /** Rises with every change of any setting. */
    revision: (): number => revision.get()?.n ?? 0,
    read,
    /** Changes what is named. @returns the settings then */
    change: db.transaction((edit: InferType<typeof settingsEditSchema>): Settings => {
      for (const [name, value] of Object.entries(edit)) {
        if (value !== undefined) put.run(name, JSON.stringify(value));
      }
      return read();
    })
  };
}
