// What stands against a change on the server, told apart by its reason.
import { array, lazy, number, object, string, type InferType } from 'yup';
import { assertNever } from '#core/numeric/result.ts';
import type { Conflict } from '#core/offline/change.ts';
import { choiceFrom, choiceSchema } from '../kit/choice.ts';
import { factFields, factsFrom, frameEditSchema } from '../log/frame.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';
import { outingSchema } from '../plan/outing.ts';
import { settingsEditSchema } from '../settings/settings-schema.ts';
import { linesSchema } from './lines.ts';
import { keepShapes } from '../reading/kinds.ts';

const REASONS = [
  ...['edited', 'deleted', 'no-frame', 'lost', 'taken', 'before-load', 'finished', 'retired', 'gone'],
  ...['no-such-position', 'stands-moved', 'checks-changed', 'settings-changed', 'outing-changed']
] as const;
const reason = <T extends Conflict['reason']>(name: T) =>
  string<T>()
    .oneOf([name], `The reason must be one of ${REASONS.join(', ')}.`)
    .required();
const bare = <T extends Conflict['reason']>(name: T) => object({ reason: reason(name) }).required();
const CONFLICTS = {
  edited: object({ reason: reason('edited'), theirs: frameEditSchema }),
  deleted: bare('deleted'),
  'no-frame': bare('no-frame'),
  lost: bare('lost'),
  taken: object({
    reason: reason('taken'),
    number: number().required(),
    next: number().nullable().defined(),
    theirs: object({
      number: factFields.number.required(),
      note: factFields.note.defined(),
      takenAt: momentSchema
    }).required()
  }),
  'before-load': object({ reason: reason('before-load'), loadedAt: momentSchema }),
  finished: object({ reason: reason('finished'), filmName: string().defined() }),
  retired: object({ reason: reason('retired'), cameraName: string().defined() }),
  gone: bare('gone'),
  'no-such-position': bare('no-such-position'),
  'stands-moved': object({ reason: reason('stands-moved'), theirs: choiceSchema }),
  'checks-changed': object({ reason: reason('checks-changed'), theirs: linesSchema }),
  'settings-changed': object({ reason: reason('settings-changed'), theirs: settingsEditSchema.required() }),
  'outing-changed': object({
    reason: reason('outing-changed'),
    theirs: outingSchema.nullable().defined().default(undefined)
  })
} as const;

/** What stands against a change, told apart by `reason`. */
export const conflictSchema = lazy((value: unknown) => {
  const name = typeof value === 'object' && value !== null && 'reason' in value ? value.reason : undefined;
  switch (name) {
    case 'edited':
      return CONFLICTS.edited;
    case 'taken':
      return CONFLICTS.taken;
    case 'before-load':
      return CONFLICTS['before-load'];
    case 'finished':
      return CONFLICTS.finished;
    case 'retired':
      return CONFLICTS.retired;
    case 'stands-moved':
      return CONFLICTS['stands-moved'];
    case 'checks-changed':
      return CONFLICTS['checks-changed'];
    case 'settings-changed':
      return CONFLICTS['settings-changed'];
    case 'outing-changed':
      return CONFLICTS['outing-changed'];
    case 'deleted':
      return CONFLICTS.deleted;
    case 'no-frame':
      return CONFLICTS['no-frame'];
    case 'lost':
      return CONFLICTS.lost;
    case 'no-such-position':
      return CONFLICTS['no-such-position'];
    default:
      return CONFLICTS.gone;
  }
});
keepShapes(conflictSchema, Object.values(CONFLICTS));
/** Conflicts that were answered. */
export const conflictsSchema = () => array(conflictSchema).max(20).required();

/** The conflict of a checked body. */
export function conflictFrom(body: InferType<typeof conflictSchema>): Conflict {
  switch (body.reason) {
    case 'stands-moved':
      return { ...body, theirs: choiceFrom(body.theirs) };
    case 'edited':
      return { ...body, theirs: factsFrom(body.theirs) };
    case 'taken':
      return { ...body, theirs: { ...body.theirs, takenAt: momentOfBody(body.theirs.takenAt) } };
    case 'before-load':
      return { ...body, loadedAt: momentOfBody(body.loadedAt) };
    case 'deleted':
    case 'no-frame':
    case 'lost':
    case 'finished':
    case 'retired':
    case 'gone':
    case 'no-such-position':
    case 'checks-changed':
    case 'settings-changed':
    case 'outing-changed':
      return body;
    default:
      return assertNever(body);
  }
}
