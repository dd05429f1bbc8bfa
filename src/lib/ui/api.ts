// Talks to the server's JSON routes. Every answer is a value or words for the person; nothing throws.
import { array, number, object, string } from 'yup';
import type { Film } from '#core/film/film.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import type { Assignment } from '#core/log/scan.ts';
import type { About } from '#core/log/frame.ts';
import type { ManyEdit } from '#schema/log/many-frames.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseWith } from '#schema/reading/parse.ts';
import type { LightChoice } from '#core/ways/choice.ts';

const problemSchema = object({ detail: string().required() });

async function ask<T>(
  path: string,
  init: RequestInit,
  read: (body: unknown) => T
): Promise<Result<T, string>> {
  try {
    const response = await fetch(path, init);
    if (response.ok) return ok(read(await response.json().catch(() => null)));
    const problem = parseWith(problemSchema, await response.json().catch(() => null));
    return err(problem.ok ? problem.value.detail : `The server answered with ${response.status}. Try again.`);
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

const foundPlaces = array(
  object({
    name: string().required(),
    country: string().required(),
    latitude: number().required(),
    longitude: number().required(),
    zone: string().required()
  }).required()
).required();

/** Places by name, the largest first. */
export function findPlaces(words: string) {
  return ask(`/api/v1/light/places?q=${encodeURIComponent(words)}`, {}, (body) =>
    foundPlaces.validateSync(body)
  );
}

/** The time zone of coordinates. */
export function zoneOf(latitude: number, longitude: number): Promise<Result<string, string>> {
  return ask(
    `/api/v1/light/zone?latitude=${latitude}&longitude=${longitude}`,
    {},
    (body) => object({ zone: string().required() }).validateSync(body).zone
  );
}

/** Changes a frame's number and note, and its light and what is written of it when they are given. */
export function changeFrame(
  id: string,
  edit: {
    readonly number: number;
    readonly note: string;
    readonly light?: LightChoice;
    readonly about?: About;
  }
): Promise<Result<null, string>> {
  return send('PATCH', `/api/v1/frames/${encodeURIComponent(id)}`, edit);
}

/** Moves a frame to the trash. */
export function removeFrame(id: string): Promise<Result<null, string>> {
  return send('DELETE', `/api/v1/frames/${encodeURIComponent(id)}`, {});
}

/** Takes a frame back from the trash. */
export function restoreFrame(id: string): Promise<Result<null, string>> {
  return send('POST', `/api/v1/frames/${encodeURIComponent(id)}/restore`, {});
}

/** Changes many frames at once, or none. */
export function changeMany(edit: ManyEdit): Promise<Result<null, string>> {
  return send('PATCH', '/api/v1/frames', edit);
}

/** Says how a frame came out. */
export function judgeFrame(
  id: string,
  judgement: Pick<Judgement, 'on' | 'outcome' | 'faults'>
): Promise<Result<null, string>> {
  return send('PUT', `/api/v1/frames/${encodeURIComponent(id)}/judgement`, judgement);
}

/** Takes a camera's bias up. @param bias sd null = by the camera's condition */
export function changeBias(
  cameraId: string,
  bias: { readonly stops: number; readonly sd: number | null }
): Promise<Result<null, string>> {
  return send('PUT', `/api/v1/cameras/${encodeURIComponent(cameraId)}/bias`, bias);
}

/** Says which frames the scans of a film show. */
export function assignScans(
  loadId: string,
  assignments: readonly Assignment[]
): Promise<Result<null, string>> {
  return send('PUT', `/api/v1/loads/${encodeURIComponent(loadId)}/scans`, { assignments });
}

/** Moves a scan to the trash. */
export function removeScan(id: string): Promise<Result<null, string>> {
  return send('DELETE', `/api/v1/scans/${encodeURIComponent(id)}`, {});
}

/** Takes a scan back from the trash. */
export function restoreScan(id: string): Promise<Result<null, string>> {
  return send('POST', `/api/v1/scans/${encodeURIComponent(id)}/restore`, {});
}

/** Replaces a film's data. */
export function changeFilm(film: Film): Promise<Result<null, string>> {
  return send('PUT', `/api/v1/films/${encodeURIComponent(film.id)}`, film);
}
