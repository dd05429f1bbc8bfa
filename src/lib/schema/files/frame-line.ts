// The lines of the archive of which there may be a hundred thousand: frames and judgements. Field by field, and what many lines
// share is checked once: that takes a third of the time of an object checked as one.
import { number, string, type ValidateOptions } from 'yup';
import type { Said } from '#core/learn/judgement.ts';
import { NOTHING_ABOUT, type Frame } from '#core/log/frame.ts';
import { momentFrom, type Moment } from '#core/sky/moment.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { expectedFields, frameFields as own } from '../log/frame.ts';
import { lightFields } from '../light/light.ts';
import { notedFrom, notedSchema } from '../log/noted.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';
import { standsSchema } from '../kit/choice.ts';
import { conditionsFrom } from '../engine/conditions.ts';
import { judgementSchema } from '../log/judgement.ts';
import { remembered } from '../reading/remembered.ts';

/** A technical time, UTC: when something was put in the kit or thrown away. */
export const whenSchema = string()
  .matches(/^\d{4}-\d\d-\d\dT[\d:.]+Z$/, 'A moment is written as 2026-05-31T14:30:00Z.')
  .required();
/** A time at which something was thrown away, or null. */
export const goneSchema = whenSchema.nullable().defined();
/** Which state of its camera or film is meant. */
export const revisionSchema = number().integer().min(1).required();

type Read<T> = (value: unknown) => T;
/** A schema, as far as it is used here: with a default or without. */
interface Checks<T> {
  validateSync(value: unknown, options: ValidateOptions): T;
}

/** Reads a field by itself. @param path what it is called when it is refused */
function field<T>(schema: Checks<T>, path: string): Read<T> {
  const options = { strict: true, abortEarly: true, path };
  return (value) => schema.validateSync(value, options);
}

/** Reads what many lines share: the same value is checked once. Texts and objects are kept apart: one could read like the other. */
function shared<T>(schema: Checks<T>, path: string): Read<T> {
  const read = field(schema, path);
  const [plain, objects] = [remembered(read), remembered(read, (value) => JSON.stringify(value))];
  return (value) => (typeof value === 'object' ? objects(value) : plain(value));
}

const NO_FIELDS: Readonly<Record<string, unknown>> = {};
const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;
/** The fields of what may be an object. */
const fieldsOf = (value: unknown): Readonly<Record<string, unknown>> => (isObject(value) ? value : NO_FIELDS);

/** Reads a moment. Hardly two lines have the same: one that is read as it should be is not checked twice. */
function momentField(path: string): Read<Moment> {
  const whole = field(momentSchema, path);
  return (value) => {
    const { at, zone } = fieldsOf(value);
    const read = typeof at === 'string' && typeof zone === 'string' ? momentFrom(at, zone) : null;
    return read?.ok === true ? read.value : momentOfBody(whole(value));
  };
}

/** Reads a light, or null. Many lines share how it was found, few how much it was. */
function lightField(path: string): Read<LightChoice | null> {
  const whole = field(own.light, path);
  const [lv, sdStops] = [field(lightFields.lv, `${path}.lv`), field(lightFields.sdStops, `${path}.sdStops`)];
  const contrast = shared(lightFields.contrast, `${path}.contrast`);
  const way = shared<LightChoice['way']>(lightFields.way, `${path}.way`);
  return (value) => {
    if (!isObject(value)) return whole(value);
    return {
      ...{ lv: lv(value['lv']), sdStops: sdStops(value['sdStops']), contrast: contrast(value['contrast']) },
      way: way(value['way'])
    };
  };
}

/** Reads what was expected, or null. */
function expectedField(path: string): Read<Frame['expected']> {
  const { deltaStops, sdStops, pUsable } = expectedFields;
  const whole = field(own.expected, path);
  const read = {
    deltaStops: field(deltaStops, `${path}.deltaStops`),
    sdStops: field(sdStops, `${path}.sdStops`),
    pUsable: field(pUsable, `${path}.pUsable`)
  };
  return (value) => {
    if (!isObject(value)) return whole(value);
    return {
      ...{ deltaStops: read.deltaStops(value['deltaStops']), sdStops: read.sdStops(value['sdStops']) },
      pUsable: read.pUsable(value['pUsable'])
    };
  };
}

const FRAME = {
  id: field(own.id, 'frame.id'),
  loadId: shared(own.loadId, 'frame.loadId'),
  number: shared(own.number, 'frame.number'),
  takenAt: momentField('frame.takenAt'),
  place: shared(own.place, 'frame.place'),
  light: lightField('frame.light'),
  guess: shared(own.guess, 'frame.guess'),
  conditions: shared(own.conditions, 'frame.conditions'),
  choice: shared(standsSchema, 'frame'),
  expected: expectedField('frame.expected'),
  set: shared(notedSchema, 'frame.set'),
  doubts: shared(own.doubts, 'frame.doubts'),
  revision: shared(own.revision, 'frame.revision'),
  cameraRevision: shared(own.cameraRevision, 'frame.cameraRevision'),
  filmRevision: shared(own.filmRevision, 'frame.filmRevision'),
  note: shared(own.note, 'frame.note'),
  series: shared(own.series, 'frame.series'),
  timedSeconds: shared(own.timedSeconds, 'frame.timedSeconds'),
  heardSeconds: shared(own.heardSeconds, 'frame.heardSeconds'),
  heardSdStops: shared(own.heardSdStops, 'frame.heardSdStops'),
  about: shared(own.about, 'frame.about')
} as const;
const deletedAt = shared(goneSchema, 'deletedAt');
const frameId = field(string().required(), 'frameId');
const judgedAt = momentField('judgedAt');
const revision = shared(revisionSchema, 'revision');
const judgement = shared<JudgementLine['judgement']>(judgementSchema, 'judgement');

/** What a line says of a frame. */
export interface FrameLine {
  readonly frame: Frame;
  /** UTC, ISO 8601; null while it is not thrown away. */
  readonly deletedAt: string | null;
}

/** Reads the line of a frame. @throws {ValidationError} naming the field */
export function frameLineFrom(value: unknown): FrameLine {
  const line = fieldsOf(value);
  const f = fieldsOf(line['frame']);
  return {
    frame: {
      ...{ id: FRAME.id(f['id']), loadId: FRAME.loadId(f['loadId']), number: FRAME.number(f['number']) },
      takenAt: FRAME.takenAt(f['takenAt']),
      place: FRAME.place(f['place']) ?? '',
      cameraRevision: FRAME.cameraRevision(f['cameraRevision']),
      filmRevision: FRAME.filmRevision(f['filmRevision']),
      light: FRAME.light(f['light']),
      guess: FRAME.guess(f['guess']) ?? null,
      conditions: conditionsFrom(FRAME.conditions(f['conditions']) ?? {}),
      choice: FRAME.choice({ choice: f['choice'] }).choice,
      set: notedFrom(FRAME.set(f['set'])),
      expected: FRAME.expected(f['expected']),
      note: FRAME.note(f['note']),
      series: FRAME.series(f['series']) ?? null,
      timedSeconds: FRAME.timedSeconds(f['timedSeconds']) ?? null,
      heardSeconds: FRAME.heardSeconds(f['heardSeconds']) ?? null,
      heardSdStops: FRAME.heardSdStops(f['heardSdStops']) ?? null,
      about: FRAME.about(f['about']) ?? NOTHING_ABOUT,
      doubts: FRAME.doubts(f['doubts']),
      revision: FRAME.revision(f['revision'])
    },
    deletedAt: deletedAt(line['deletedAt'])
  };
}

/** What a line says of how a frame came out. */
export interface JudgementLine {
  readonly frameId: string;
  readonly judgement: Said;
  readonly judgedAt: Moment;
  readonly revision: number;
}

/** Reads the line of a judgement. @throws {ValidationError} naming the field */
export function judgementLineFrom(value: unknown): JudgementLine {
  const line = fieldsOf(value);
  return {
    frameId: frameId(line['frameId']),
    judgement: judgement(line['judgement']),
    judgedAt: judgedAt(line['judgedAt']),
    revision: revision(line['revision'])
  };
}
