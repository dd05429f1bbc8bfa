// What stands against a change at home, told apart by its reason.
import { array, lazy, number, object, string, type InferType } from 'yup';
import type { Conflict } from '#core/offline/change.ts';
import { choiceFrom, choiceSchema } from '../kit/choice.ts';
import { frameWordsSchema, linesSchema } from './frame-words.ts';
import { keepShapes } from '../reading/kinds.ts';

const REASONS = [
  ...['edited', 'deleted', 'no-frame', 'taken', 'beyond-end', 'finished', 'retired', 'gone'],
  ...['no-such-position', 'stands-moved', 'checks-changed']
] as const;
const reason = <T extends Conflict['reason']>(name: T) =>
  string<T>()
    .oneOf([name], `The reason must be one of ${REASONS.join(', ')}.`)
    .required();
const bare = <T extends Conflict['reason']>(name: T) => object({ reason: reason(name) }).required();
const CONFLICTS = {
  edited: object({ reason: reason('edited'), theirs: frameWordsSchema }),
  deleted: bare('deleted'),
  'no-frame': bare('no-frame'),
  taken: object({
    reason: reason('taken'),
    number: number().required(),
    next: number().nullable().defined(),
    theirs: frameWordsSchema.shape({ loggedAt: string().required() })
  }),
  'beyond-end': object({
    reason: reason('beyond-end'),
    number: number().required(),
    framesTotal: number().required()
  }),
  finished: object({ reason: reason('finished'), filmName: string().defined() }),
  retired: object({ reason: reason('retired'), cameraName: string().defined() }),
  gone: bare('gone'),
  'no-such-position': bare('no-such-position'),
  'stands-moved': object({ reason: reason('stands-moved'), theirs: choiceSchema }),
  'checks-changed': object({ reason: reason('checks-changed'), theirs: linesSchema })
} as const;

/** What stands against a change, told apart by `reason`. */
export const conflictSchema = lazy((value: unknown) => {
  const name = typeof value === 'object' && value !== null && 'reason' in value ? value.reason : undefined;
  switch (name) {
    case 'edited':
      return CONFLICTS.edited;
    case 'taken':
      return CONFLICTS.taken;
    case 'beyond-end':
      return CONFLICTS['beyond-end'];
    case 'finished':
      return CONFLICTS.finished;
    case 'retired':
      return CONFLICTS.retired;
    case 'stands-moved':
      return CONFLICTS['stands-moved'];
    case 'checks-changed':
      return CONFLICTS['checks-changed'];
    case 'deleted':
      return CONFLICTS.deleted;
    case 'no-frame':
      return CONFLICTS['no-frame'];
    case 'no-such-position':
      return CONFLICTS['no-such-position'];
    default:
      return CONFLICTS.gone;
  }
});
keepShapes(conflictSchema, CONFLICTS);
/** Conflicts that were answered. */
export const conflictsSchema = () => array(conflictSchema).max(20).required();

/** The conflict of a checked body. */
export function conflictFrom(body: InferType<typeof conflictSchema>): Conflict {
  return body.reason === 'stands-moved' ? { ...body, theirs: choiceFrom(body.theirs) } : body;
}
