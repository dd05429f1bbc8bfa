// Fetches what a phone carries and checks it, off the main thread.
import { carriedSchema, offlineKitFrom, type OfflineKit } from '#schema/sync/carried.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { serve } from './serve.ts';

/** What is asked; the tag is that of what is carried already, '' = nothing. */
export interface CarryQuestion {
  readonly tag: string;
  readonly patienceMs: number;
}

/** The answer: something new, the same as before, or nothing to be had. */
export type CarryAnswer =
  | { readonly type: 'new'; readonly offlineKit: OfflineKit; readonly tag: string }
  | { readonly type: 'same' }
  | { readonly type: 'away' }
  /** Home speaks another version: what was carried stays. */
  | { readonly type: 'unreadable' };

async function carry({ tag, patienceMs }: CarryQuestion): Promise<CarryAnswer> {
  try {
    const response = await fetch('/api/v1/carried', {
      headers: tag === '' ? {} : { 'if-none-match': tag },
      signal: AbortSignal.timeout(patienceMs)
    });
    if (response.status === 304) return { type: 'same' };
    if (!response.ok) return { type: 'away' };
    const read = parseWith(carriedSchema, await response.json());
    if (!read.ok) return { type: 'unreadable' };
    return { type: 'new', offlineKit: offlineKitFrom(read.value), tag: response.headers.get('etag') ?? '' };
  } catch {
    return { type: 'away' };
  }
}

serve<CarryQuestion, CarryAnswer>(self, async function* (question) {
  yield await carry(question);
});
