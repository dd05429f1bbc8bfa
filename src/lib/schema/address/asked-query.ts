// What was asked of a frame beside its light (purpose, distance, filters, support …) as it stands in the address bar.
import type { Conditions } from '#core/error/situation.ts';
import { noteIn, type NoteReaders } from './notes.ts';

/** Name in an address that says what was asked of the frame. */
export const ASKED_KEY = 'with';

/** What was asked, with what could not be understood. */
export interface AskedQuery {
  readonly asked: Conditions;
  readonly problems: readonly string[];
}

/** Reads `with={"purpose":"stop-motion"}`. Nothing asked, if it is left out or not understood; the latter is told. */
export function askedFromQuery(query: URLSearchParams, readers: NoteReaders | null): AskedQuery {
  if (!query.has(ASKED_KEY)) return { asked: {}, problems: [] };
  const asked = noteIn(query, ASKED_KEY, readers?.with);
  if (asked) return { asked, problems: [] };
  const words =
    'What the address says of the frame (purpose, distance, filters, support) is not understood. Plain conditions are shown.';
  return { asked: {}, problems: [words] };
}

/** Writes what was asked for the address bar: the inverse of {@link askedFromQuery}. '' = nothing was. */
export function textFromAsked(asked: Conditions): string {
  return Object.keys(asked).length === 0 ? '' : JSON.stringify(asked);
}
