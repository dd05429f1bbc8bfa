// What an address says in JSON: a sum of sun and sky, a touched picture, what a meter gets wrong, what corrected a guess, what was
// asked of the frame. Few addresses say any, and the checks weigh much: they are fetched where one is needed.
import type { Conditions } from '#core/error/situation.ts';
import type { MeterError } from '#core/light/metering.ts';
import type { ByRecord, PictureWay, SunWay } from '#core/ways/choice.ts';

/** The check of each name in an address that stands for JSON: the value, or null where it is none. */
export interface NoteReaders {
  readonly eye: (value: unknown) => NonNullable<ByRecord['eye']> | null;
  readonly meter: (value: unknown) => MeterError | null;
  readonly picture: (value: unknown) => PictureWay | null;
  readonly sun: (value: unknown) => SunWay | null;
  readonly with: (value: unknown) => Conditions | null;
}

const NAMES = ['eye', 'meter', 'picture', 'sun', 'with'] as const satisfies readonly (keyof NoteReaders)[];

/** What an address says under a name, checked; null: nothing, nothing that is understood, or there is no check. */
export function noteIn<T>(
  query: URLSearchParams,
  name: keyof NoteReaders,
  read: ((value: unknown) => T | null) | undefined
): T | null {
  const text = query.get(name);
  if (text === null || !read) return null;
  try {
    return read(JSON.parse(text));
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    return null;
  }
}

/** The checks, where one of these addresses needs any; null = none does. */
export async function readersFor(...queries: readonly URLSearchParams[]): Promise<NoteReaders | null> {
  if (!queries.some((query) => NAMES.some((name) => query.has(name)))) return null;
  return (await import('./note-readers.ts')).NOTE_READERS;
}
