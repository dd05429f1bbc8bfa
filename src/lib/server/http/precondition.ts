// Nobody undoes another's change: a write says which revision it was made on (RFC 9110 §13.1.1, If-Match), an answer says which
// it is of (ETag). The later of two is shown how things are now, and decides.
import { jsonAnswer } from './json-answer.ts';
import { problem } from './problem.ts';

/** The tag of a revision. */
export function tagOf(revision: number): string {
  return `"${revision}"`;
}

/** JSON of a value with the tag of its revision; infinite distances become null. */
export function tagged(value: unknown, revision: number, status = 200): Response {
  return jsonAnswer(value, { etag: tagOf(revision) }, status);
}

/**
 * The revision a write was made on.
 * @returns its number, null for "whatever it is" (`*`), or the answer when the header is missing (428) or unreadable
 */
export function basedOn(request: Request): number | null | Response {
  const header = request.headers.get('if-match');
  if (header === null)
    return problem(
      ...([428, 'no-if-match', 'Which revision?'] as const),
      'Send the ETag that the last answer had as If-Match, so that nobody’s change is undone unseen; * overwrites whatever is there.'
    );
  if (header.trim() === '*') return null;
  const match = /^"(\d{1,9})"$/.exec(header.trim());
  if (match) return Number(match[1]);
  return problem(
    400,
    'bad-if-match',
    'If-Match not understood',
    'If-Match holds one ETag, such as "3", or *.'
  );
}

/** Somebody else changed it since: how it is now goes along. */
export function changedMeanwhile(noun: string, theirs: unknown, revision: number): Response {
  const answer = problem(
    ...([412, 'changed-meanwhile', 'Changed meanwhile'] as const),
    `This ${noun} was changed elsewhere since this page was opened. Nothing was overwritten: look at both and decide.`,
    undefined,
    { theirs, revision }
  );
  answer.headers.set('etag', tagOf(revision));
  return answer;
}
