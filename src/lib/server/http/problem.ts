// Refusals of the API as problem details (RFC 9457): one shape, words for a person in `detail`.
import type { FieldFault } from '#schema/reading/parse.ts';
import { assertNever } from '#core/numeric/result.ts';
import { ABOUT_LIMITS } from '#schema/log/frame.ts';
import { explainMisfit } from '#schema/kit/misfit-words.ts';
import type { LoadChangeRefusal } from '../kit/change-load.ts';
import type { LoadRefusal } from '../kit/load-film.ts';
import type { LogRefusal } from '../log/refusals.ts';
import { clockText } from '#core/sky/zone.ts';
import type { Moment } from '#core/sky/moment.ts';
import { changedMeanwhile } from './precondition.ts';
import type { ManyRefusal } from '../log/many-frames.ts';

/** A problem-details body. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors?: readonly FieldFault[];
}

/** Answers with a problem. `slug` is its stable name. */
export function problem(
  status: number,
  slug: string,
  title: string,
  detail: string,
  errors?: readonly FieldFault[],
  more: Readonly<Record<string, unknown>> = {}
): Response {
  const body: Problem = {
    ...{ type: `/problems/${slug}`, title, status, detail, ...more },
    ...(errors ? { errors } : {})
  };
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/problem+json' }
  });
}

/** A body whose fields are wrong: 422, naming each. */
export function badFields(errors: readonly FieldFault[]): Response {
  const detail = errors.map((e) => (e.field === '' ? e.message : `${e.field}: ${e.message}`)).join(' ');
  return problem(422, 'bad-fields', 'Some fields were not understood', detail, errors);
}

/** Refuses what a phone sends in another form than this server speaks, before its fields are looked at. */
export function otherForm(form: number) {
  return (value: unknown): Response | null => {
    const sent = typeof value === 'object' && value !== null && 'form' in value ? value.form : form;
    if (sent === form) return null;
    const newer = typeof sent === 'number' && sent > form ? 'newer' : 'older';
    return problem(
      409,
      'other-version',
      'Another version',
      newer === 'newer'
        ? 'This phone runs a newer version than the server. Nothing is lost: start the newer version there, then it is sent.'
        : 'The server runs a newer version than this phone. Nothing is lost: take the new version up on the phone, then it is sent.'
    );
  };
}

/** A moment by its own clocks. */
function saidMoment({ at, zone }: Moment): string {
  return `${clockText(Date.parse(at), zone)} (${zone})`;
}

/** Status, name, title and words of a refusal of the log. */
function logAnswer(refusal: LogRefusal): readonly [number, string, string, string] {
  const conflict = (slug: string, detail: string) => [409, slug, 'The log says otherwise', detail] as const;
  switch (refusal.reason) {
    case 'no-load':
      return [
        ...([404, 'no-load', 'No such film'] as const),
        'This film is not in the kit any more. Choose a pair in Kit.'
      ];
    case 'no-frame':
      return [404, 'no-frame', 'No such frame', 'This frame is not in the log any more.'];
    case 'finished':
      return conflict(
        'finished',
        'This film was finished. Load another one in Kit, or take the finishing back.'
      );
    case 'taken':
      return conflict(
        'taken',
        refusal.next === null
          ? `Frame ${refusal.number} is in the log already, and side one of the film is full now. Nothing was added.`
          : `Frame ${refusal.number} is in the log already. The next free one is ${refusal.next}. Nothing was added.`
      );
    case 'before-load':
      return conflict(
        'before-load',
        `This film was loaded on ${saidMoment(refusal.loadedAt)}: no frame of it was taken before. Give a later time, or put right when it was loaded.`
      );
    case 'in-future':
      return conflict('in-future', 'That time has not come yet. Give one that has.');
    case 'no-such-revision':
      return conflict(
        'no-such-revision',
        'How this camera or film was then is not kept, so what was set cannot be told by it. Reload the page and set it anew.'
      );
    case 'changed':
      return [
        ...([412, 'changed-meanwhile', 'Changed meanwhile'] as const),
        'This frame was changed elsewhere since this page was opened. Nothing was overwritten: look at both and decide.'
      ];
    case 'no-such-position':
      return [
        ...([422, 'no-such-position', 'No such position'] as const),
        'The camera has no such position. Reload the page.'
      ];
    default:
      return assertNever(refusal);
  }
}

/** A refusal of the log in words. */
export function explainLogRefusal(refusal: LogRefusal): string {
  return logAnswer(refusal)[3];
}

/** The answer for a refusal of the log. */
export function logProblem(refusal: LogRefusal): Response {
  if (refusal.reason === 'changed') return changedMeanwhile('frame', refusal.theirs, refusal.theirs.revision);
  return problem(...logAnswer(refusal));
}

/** Why many frames were not changed, in words. */
export function manyProblem(refusal: ManyRefusal): Response {
  const told = (status: number, detail: string): Response =>
    problem(status, refusal.reason, 'Nothing was changed', `${detail} None of the frames was changed.`);
  switch (refusal.reason) {
    case 'no-frame':
      return told(404, 'One of the frames is not there any more: reload the page.');
    case 'changed':
      return told(
        412,
        `Frame ${refusal.number} was changed elsewhere since it was shown. How it is now is shown again: look, then decide.`
      );
    case 'many-tags':
      return told(409, `Frame ${refusal.number} would have more than ${ABOUT_LIMITS.tags} tags.`);
    case 'no-room':
      return told(409, `Frame ${refusal.number} has no number left on its film.`);
    default:
      return assertNever(refusal);
  }
}

/** Why a film was not loaded, in words. */
export function explainLoadRefusal(refusal: LoadRefusal): string {
  switch (refusal.reason) {
    case 'no-camera':
      return 'That camera is not in the kit any more.';
    case 'no-film':
      return 'Choose a film from the list.';
    case 'retired':
      return `The ${refusal.cameraName} is retired. Bring it back to the kit first.`;
    case 'thrown-away':
      return `${refusal.filmName} is in the trash. Take it back to the kit first.`;
    case 'in-future':
      return 'A film cannot have been loaded at a time that has not come yet.';
    case 'occupied':
      return `The ${refusal.cameraName} holds a film already. Finish that one first.`;
    case 'misfit':
      return refusal.misfits.map((m) => explainMisfit(m, refusal.cameraName, refusal.filmName)).join(' ');
    default:
      return assertNever(refusal);
  }
}

/** Why a film was not loaded, as a problem: 404 for what is not there, 409 for what does not fit. */
export function loadProblem(refusal: LoadRefusal): Response {
  const status = refusal.reason === 'no-camera' || refusal.reason === 'no-film' ? 404 : 409;
  return problem(status, refusal.reason, 'The film was not loaded', explainLoadRefusal(refusal));
}

/** Why a load was not changed, in words. */
export function explainLoadChange(refusal: LoadChangeRefusal): string {
  switch (refusal.reason) {
    case 'no-load':
      return 'This film is not in the kit any more.';
    case 'occupied':
      return 'The camera holds another film by now, so this one stays finished.';
    case 'one-side':
      return 'Only double-run film that is in the camera can be turned over.';
    case 'in-camera':
      return `${refusal.filmName} is still in the camera: it is developed when it is finished.`;
    case 'in-future':
      return 'That time has not come yet. Give one that has.';
    case 'after-frames':
      return `Frame ${refusal.number} was taken on ${saidMoment(refusal.firstAt)}: the film was loaded before that.`;
    case 'changed':
      return 'This film was changed elsewhere since this page was opened. Nothing was overwritten: look at both and decide.';
    default:
      return assertNever(refusal);
  }
}

/** The answer when a load was not changed. */
export function loadChangeProblem(refusal: LoadChangeRefusal): Response {
  if (refusal.reason === 'changed') return changedMeanwhile('film', refusal.theirs, refusal.theirs.revision);
  const status = refusal.reason === 'no-load' ? 404 : 409;
  return problem(status, refusal.reason, 'The kit says otherwise', explainLoadChange(refusal));
}

/** There is no such import, or it is not there to be taken. */
export function noImport(): Response {
  return problem(
    409,
    'no-import',
    'No such import',
    'This import is not waiting any more. Choose the file again.'
  );
}

/** A file came without saying what it is: nothing of it is read then. */
export function untyped(): Response {
  return problem(
    415,
    'no-content-type',
    'No Content-Type',
    'Send the file as the body, with the Content-Type application/octet-stream.'
  );
}
