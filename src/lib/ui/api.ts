// Talks to the server's JSON routes. Every answer is a value or words for the person; nothing throws.
import { object, string } from 'yup';
import type { NewFrame } from '#core/log/frame.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseWith } from '#schema/parse.ts';

const problemSchema = object({ detail: string().required() });

async function send(
  method: 'POST' | 'PATCH' | 'DELETE',
  path: string,
  body: unknown
): Promise<Result<null, string>> {
  try {
    const response = await fetch(path, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body)
    });
    if (response.ok) return ok(null);
    const problem = parseWith(problemSchema, await response.json().catch(() => null));
    return err(problem.ok ? problem.value.detail : `The server answered with ${response.status}. Try again.`);
  } catch {
    return err('The server does not answer. Nothing is lost: press again, and it will not be doubled.');
  }
}

/** Logs a frame; sending the same id again changes nothing. */
export function logFrame(frame: NewFrame): Promise<Result<null, string>> {
  return send('POST', '/api/v1/frames', frame);
}

/** Changes a frame's number and note. */
export function changeFrame(id: string, number: number, note: string): Promise<Result<null, string>> {
  return send('PATCH', `/api/v1/frames/${encodeURIComponent(id)}`, { number, note });
}

/** Moves a frame to the trash. */
export function removeFrame(id: string): Promise<Result<null, string>> {
  return send('DELETE', `/api/v1/frames/${encodeURIComponent(id)}`, {});
}

/** Takes a frame back from the trash. */
export function restoreFrame(id: string): Promise<Result<null, string>> {
  return send('POST', `/api/v1/frames/${encodeURIComponent(id)}/restore`, {});
}
