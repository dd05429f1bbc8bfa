// What a phone sends when it comes back to the server, and what it is answered: changes with keys, conflicts in kinds.
import { array, boolean, lazy, number, object, string, type InferType } from 'yup';
import { ACTION_KINDS, type Change, type Action, type Outcome } from '#core/offline/change.ts';
import type { Queued, Sent } from '#core/offline/queue.ts';
import { assertNever } from '#core/numeric/result.ts';
import { choiceFrom, choiceSchema } from '../kit/choice.ts';
import { conflictFrom, conflictSchema, conflictsSchema } from './conflict.ts';
import { MOST_CHANGES } from './limits.ts';
import { linesSchema } from './lines.ts';
import { framePictureSchema } from '../log/frame-picture.ts';
import { factsFrom, frameEditSchema, newFrameFrom, newFrameSchema } from '../log/frame.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';
import { outingSchema } from '../plan/outing.ts';
import { exerciseFrom, exerciseSchema } from '../practice/exercise.ts';
import { settingsEditSchema } from '../settings/settings-schema.ts';
import { keepShapes, kindField, kindOf } from '../reading/kinds.ts';

const id = () => string().required().max(64);
const action = <T extends Action['kind']>(name: T) => kindField(name, ACTION_KINDS);
const ACTIONS = {
  log: object({ kind: action('log'), frame: newFrameSchema.required() }).required(),
  edit: object({ kind: action('edit'), frameId: id(), from: frameEditSchema, to: frameEditSchema }),
  remove: object({ kind: action('remove'), frameId: id(), from: frameEditSchema }),
  restore: object({ kind: action('restore'), frameId: id() }),
  picture: object({
    kind: action('picture'),
    frameId: id(),
    picture: framePictureSchema.nullable().defined().default(undefined)
  }),
  stand: object({
    kind: action('stand'),
    cameraId: id(),
    cameraRevision: number().integer().min(0).required(),
    from: choiceSchema,
    to: choiceSchema
  }),
  checks: object({ kind: action('checks'), cameraId: id(), from: linesSchema, to: linesSchema }),
  settings: object({
    kind: action('settings'),
    from: settingsEditSchema.required(),
    edit: settingsEditSchema.required()
  }),
  finish: object({ kind: action('finish'), loadId: id(), finished: boolean().required() }),
  side: object({ kind: action('side'), loadId: id(), side: number<1 | 2>().oneOf([1, 2]).required() }),
  'pack-filter': object({ kind: action('pack-filter'), loadId: id(), on: boolean().required() }),
  outing: object({
    kind: action('outing'),
    outingId: id(),
    from: outingSchema.nullable().defined().default(undefined),
    to: outingSchema.nullable().defined().default(undefined)
  }),
  practise: object({ kind: action('practise'), exercise: exerciseSchema }).required()
} as const;

const actionSchema = lazy((value: unknown) => {
  const name = kindOf(value);
  switch (name) {
    case 'edit':
      return ACTIONS.edit;
    case 'remove':
      return ACTIONS.remove;
    case 'restore':
      return ACTIONS.restore;
    case 'picture':
      return ACTIONS.picture;
    case 'stand':
      return ACTIONS.stand;
    case 'checks':
      return ACTIONS.checks;
    case 'settings':
      return ACTIONS.settings;
    case 'finish':
      return ACTIONS.finish;
    case 'side':
      return ACTIONS.side;
    case 'pack-filter':
      return ACTIONS['pack-filter'];
    case 'outing':
      return ACTIONS.outing;
    case 'practise':
      return ACTIONS.practise;
    default:
      return ACTIONS.log;
  }
});
keepShapes(actionSchema, Object.values(ACTIONS));

/** A change with its key. */
export const changeSchema = object({
  key: string().required().min(8).max(64),
  madeAt: momentSchema,
  action: actionSchema
}).required();

/** What is sent. */
export const syncSchema = object({
  form: number().integer().required(),
  changes: array(object({ change: changeSchema, settled: conflictsSchema() }).required())
    .max(MOST_CHANGES)
    .required()
}).required();

const OUTCOMES = {
  done: object({
    key: string().required(),
    outcome: string<'done'>().oneOf(['done']).required()
  }),
  conflict: object({
    key: string().required(),
    outcome: string<'conflict'>().oneOf(['conflict']).required(),
    conflict: conflictSchema
  }).required()
} as const;
const outcomeSchema = lazy((value: unknown) =>
  typeof value === 'object' && value !== null && 'outcome' in value && value.outcome === 'done'
    ? OUTCOMES.done
    : OUTCOMES.conflict
);
keepShapes(outcomeSchema, Object.values(OUTCOMES));

/** What is answered: one outcome for each change that was sent. */
export const syncAnswerSchema = object({ outcomes: array(outcomeSchema).required() }).required();

const QUEUED = {
  waiting: object({
    state: string<'waiting'>().oneOf(['waiting']).required(),
    change: changeSchema,
    settled: conflictsSchema()
  }).required(),
  asked: object({
    state: string<'asked'>().oneOf(['asked']).required(),
    change: changeSchema,
    settled: conflictsSchema(),
    conflict: conflictSchema
  }),
  left: object({
    state: string<'left'>().oneOf(['left']).required(),
    change: changeSchema,
    conflict: conflictSchema
  })
} as const;

const queuedSchema = lazy((value: unknown) => {
  const state = typeof value === 'object' && value !== null && 'state' in value ? value.state : undefined;
  return state === 'asked' ? QUEUED.asked : state === 'left' ? QUEUED.left : QUEUED.waiting;
});

/** A change as a phone keeps it, in an object of its own. */
export const queuedItemSchema = object({ item: queuedSchema }).required();

type ActionBody = InferType<typeof actionSchema>;

function actionFrom(body: ActionBody): Action {
  switch (body.kind) {
    case 'log':
      return { kind: 'log', frame: newFrameFrom(body.frame) };
    case 'stand':
      return { ...body, from: choiceFrom(body.from), to: choiceFrom(body.to) };
    case 'edit':
      return { ...body, from: factsFrom(body.from), to: factsFrom(body.to) };
    case 'remove':
      return { ...body, from: factsFrom(body.from) };
    case 'practise':
      return { kind: 'practise', exercise: exerciseFrom(body.exercise) };
    case 'restore':
    case 'picture':
    case 'checks':
    case 'settings':
    case 'finish':
    case 'side':
    case 'pack-filter':
    case 'outing':
      return body;
    default:
      return assertNever(body);
  }
}

/** The change of a checked body. */
export function changeFrom(body: InferType<typeof changeSchema>): Change {
  return { ...body, madeAt: momentOfBody(body.madeAt), action: actionFrom(body.action) };
}

/** What was sent, of a checked body. */
export function sentFrom(body: InferType<typeof syncSchema>): readonly Sent[] {
  return body.changes.map(({ change, settled }) => ({
    change: changeFrom(change),
    settled: settled.map(conflictFrom)
  }));
}

/** The outcomes of a checked answer. */
export function outcomesFrom(body: InferType<typeof syncAnswerSchema>): readonly Outcome[] {
  return body.outcomes.map((o) => (o.outcome === 'done' ? o : { ...o, conflict: conflictFrom(o.conflict) }));
}

/** A change of a phone's queue, of a checked value. */
export function queuedFrom(body: InferType<typeof queuedSchema>): Queued {
  const change = changeFrom(body.change);
  switch (body.state) {
    case 'waiting':
      return { state: 'waiting', change, settled: body.settled.map(conflictFrom) };
    case 'asked':
      return {
        ...{ state: 'asked', change, settled: body.settled.map(conflictFrom) },
        conflict: conflictFrom(body.conflict)
      };
    case 'left':
      return { state: 'left', change, conflict: conflictFrom(body.conflict) };
    default:
      return assertNever(body);
  }
}
