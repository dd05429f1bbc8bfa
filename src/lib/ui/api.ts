// Talks to the server's JSON routes. Every answer is a value or words for the person; nothing throws.
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { Said } from '#core/learn/judgement.ts';
import type { FramePicture } from '#core/log/frame-picture.ts';
import type { Assignment } from '#core/log/scan.ts';
import type { ScanShown } from '#core/log/scan-shown.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import type { ManyEdit } from '#schema/log/many-frames.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';

const answers = () => import('./answers.ts');
const UNSAID = (status: number): string => `The server answered with ${status}. Try again.`;

async function ask<T>(
  path: string,
  init: RequestInit,
  read: (body: unknown) => T | Promise<T>
): Promise<Result<T, string>> {
  try {
    const response = await fetch(path, init);
    const answer: unknown = await response.json().catch(() => null);
    if (response.ok) return ok(await read(answer));
    const { problemIn } = await answers();
    return err(problemIn(answer)?.words ?? UNSAID(response.status));
  } catch {
    return err('The server does not answer. Nothing is lost: try again when it does.');
  }
}

function send(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body: unknown
): Promise<Result<null, string>> {
  const headers = { 'content-type': 'application/json' };
  return ask(path, { method, headers, body: JSON.stringify(body) }, () => null);
}

/** The picture kept with a frame; null where there is none, or the server does not answer. */
export async function pictureOfFrame(id: string): Promise<FramePicture | null> {
  const asked = await ask(`/api/v1/frames/${encodeURIComponent(id)}/picture`, {}, (body) => body);
  if (!asked.ok) return null;
  const { framePictureIn } = await import('#schema/log/frame-picture.ts');
  return framePictureIn(asked.value);
}

/** Takes the picture that is kept with a frame away. */
export function dropPicture(id: string): Promise<Result<null, string>> {
  return send('DELETE', `/api/v1/frames/${encodeURIComponent(id)}/picture`, null);
}

/** Keeps a picture with a frame. */
export function keepPicture(id: string, picture: FramePicture): Promise<Result<null, string>> {
  return send('PUT', `/api/v1/frames/${encodeURIComponent(id)}/picture`, picture);
}

/** Places by name, the largest first. */
export function findPlaces(words: string) {
  return ask(`/api/v1/light/places?q=${encodeURIComponent(words)}`, {}, async (body) =>
    (await answers()).placesIn(body)
  );
}

/** The time zone of coordinates. */
export function zoneOf(latitude: number, longitude: number): Promise<Result<string, string>> {
  return ask(`/api/v1/light/zone?latitude=${latitude}&longitude=${longitude}`, {}, async (body) =>
    (await answers()).zoneIn(body)
  );
}

/** Why a write was not made; `theirs`: how it is now, where somebody else changed it since, with its revision. */
export interface Refused {
  readonly words: string;
  readonly theirs: unknown;
  readonly revision: number | null;
}

/** A write on the revision that was seen: nobody's change is undone unseen. */
async function sendOn(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body: unknown,
  revision: number
): Promise<Result<null, Refused>> {
  const refused = (words: string): Result<null, Refused> => err({ words, theirs: null, revision: null });
  try {
    const response = await fetch(path, {
      method,
      headers: { 'content-type': 'application/json', 'if-match': `"${revision}"` },
      body: JSON.stringify(body)
    });
    if (response.ok) return ok(null);
    const answer: unknown = await response.json().catch(() => null);
    const problem = (await answers()).problemIn(answer);
    if (!problem) return refused(UNSAID(response.status));
    const theirs = typeof answer === 'object' && answer !== null && 'theirs' in answer ? answer.theirs : null;
    return err({ ...problem, theirs });
  } catch {
    return refused('The server does not answer. Nothing is lost: try again when it does.');
  }
}

/** Changes facts of a frame. @param revision the one that was seen */
export function changeFrame(id: string, edit: SomeFacts, revision: number): Promise<Result<null, Refused>> {
  return sendOn('PATCH', `/api/v1/frames/${encodeURIComponent(id)}`, edit, revision);
}

/** Moves a frame to the trash. @param revision the one that was seen */
export function removeFrame(id: string, revision: number): Promise<Result<null, Refused>> {
  return sendOn('DELETE', `/api/v1/frames/${encodeURIComponent(id)}`, {}, revision);
}

/** Changes a load. @param revision the one that was seen */
export function changeLoad(
  id: string,
  edit: Readonly<Record<string, unknown>>,
  revision: number
): Promise<Result<null, Refused>> {
  return sendOn('PATCH', `/api/v1/loads/${encodeURIComponent(id)}`, edit, revision);
}

/** Replaces something of the bag. @param revision the one that was seen */
export function changeThing(thing: Thing, revision: number): Promise<Result<null, Refused>> {
  return sendOn('POST', '/api/v1/things', thing, revision);
}

/** Puts something into the bag. */
export function newThing(thing: Thing): Promise<Result<null, string>> {
  return send('POST', '/api/v1/things', thing);
}

/** Takes a frame back from the trash. */
export function restoreFrame(id: string): Promise<Result<null, string>> {
  return send('POST', `/api/v1/frames/${encodeURIComponent(id)}/restore`, {});
}

/** Changes many frames at once, or none. */
export function changeMany(edit: ManyEdit): Promise<Result<null, string>> {
  return send('PATCH', '/api/v1/frames', edit);
}

/** Says how a frame came out. @param revision of the judgement that was seen; 0 = it was not judged */
export function judgeFrame(id: string, judgement: Said, revision: number): Promise<Result<null, Refused>> {
  return sendOn('PUT', `/api/v1/frames/${encodeURIComponent(id)}/judgement`, judgement, revision);
}

/** Takes a judgement away. */
export function unjudgeFrame(id: string, revision: number): Promise<Result<null, Refused>> {
  return sendOn('DELETE', `/api/v1/frames/${encodeURIComponent(id)}/judgement`, {}, revision);
}

/** Takes a camera's bias up. @param bias sd null = by the camera's condition */
export function changeBias(
  cameraId: string,
  bias: { readonly stops: number; readonly sd: number | null },
  revision: number
): Promise<Result<null, Refused>> {
  return sendOn('PUT', `/api/v1/cameras/${encodeURIComponent(cameraId)}/bias`, bias, revision);
}

/** Says which frames the scans of a film show. */
export function assignScans(
  loadId: string,
  assignments: readonly Assignment[]
): Promise<Result<null, string>> {
  return send('PUT', `/api/v1/loads/${encodeURIComponent(loadId)}/scans`, { assignments });
}

/** Shows a scan otherwise, or gives it to another film. */
export function changeScan(
  id: string,
  edit: { readonly shown?: ScanShown; readonly loadId?: string }
): Promise<Result<null, string>> {
  return send('PATCH', `/api/v1/scans/${encodeURIComponent(id)}`, edit);
}

/** Moves a scan to the trash. */
export function removeScan(id: string): Promise<Result<null, string>> {
  return send('DELETE', `/api/v1/scans/${encodeURIComponent(id)}`, {});
}

/** Takes a scan back from the trash. */
export function restoreScan(id: string): Promise<Result<null, string>> {
  return send('POST', `/api/v1/scans/${encodeURIComponent(id)}/restore`, {});
}

/** Replaces how a camera is. @param revision the one that was seen */
export function changeCamera(camera: Camera, revision: number): Promise<Result<null, Refused>> {
  return sendOn('PUT', `/api/v1/cameras/${encodeURIComponent(camera.id)}`, camera, revision);
}

/** Replaces a film's data. */
export function changeFilm(film: Film, revision: number): Promise<Result<null, Refused>> {
  return sendOn('PUT', `/api/v1/films/${encodeURIComponent(film.id)}`, film, revision);
}

/** Marks a notice as read. */
export function markRead(id: number): Promise<Result<null, string>> {
  return send('POST', `/api/v1/notices/${id}/read`, {});
}
