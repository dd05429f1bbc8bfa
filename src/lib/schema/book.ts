// The book: everything that is kept, one JSON object a line (JSON Lines). The first line says what it is; then cameras, films,
// things, loads, frames, judgements, changes of bias and scans, in an order in which each stands after what it names.
import { number, object, string, type InferType, type Schema } from 'yup';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { BiasChange } from '#core/learn/bias.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { NOTHING_ABOUT, type Frame, type Load } from '#core/log/frame.ts';
import type { Scan } from '#core/log/scan.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { cameraFrom, cameraSchema } from './camera.ts';
import { frameSchema, loadSchema } from './carried.ts';
import { choiceSchema, standsSchema } from './choice.ts';
import { conditionsFrom, conditionsSchema } from './conditions.ts';
import { filmFrom, filmSchema } from './film.ts';
import { aboutSchema } from './frame.ts';
import { judgementSchema } from './judgement.ts';
import { kindOf } from './kinds.ts';
import { lightSchema } from './light.ts';
import { parseWith } from './parse.ts';
import { scanSchema } from './scan.ts';
import { thingFrom, thingSchema } from './thing.ts';

/** The form of the book that is written, and the newest that is read. */
export const BOOK_VERSION = 1;
/** What the first line is told by. */
export const BOOK_FORMAT = 'just-enough-book';

const when = () =>
  string().matches(/^\d{4}-\d\d-\d\dT[\d:.]+Z$/, 'A moment is written as 2026-05-31T14:30:00Z.');
const gone = () => when().nullable().defined();

/** The schema of each kind of line. */
export const BOOK_SCHEMAS = {
  book: object({
    format: string().oneOf([BOOK_FORMAT], `This is no book: its format is not ${BOOK_FORMAT}.`).required(),
    version: number().integer().min(1).required(),
    writtenAt: when().required()
  }).required(),
  camera: object({
    camera: cameraSchema,
    ...{ addedAt: when().required(), retiredAt: gone(), revision: number().integer().min(1).required() },
    /** Where its controls stand; {} = not known. */
    stands: choiceSchema
  }).required(),
  film: object({ film: filmSchema, addedAt: when().required(), deletedAt: gone() }).required(),
  thing: object({ thing: thingSchema, addedAt: when().required(), deletedAt: gone() }).required(),
  load: object({ load: loadSchema }).required(),
  frame: object({
    frame: frameSchema,
    cameraRevision: number().integer().min(1).required(),
    deletedAt: gone()
  }).required(),
  judgement: object({
    frameId: string().required(),
    judgement: judgementSchema,
    judgedAt: when().required()
  }).required(),
  bias: object({
    cameraId: string().required(),
    changedAt: when().required(),
    ...{ fromStops: number().required(), fromSd: number().nullable().defined() },
    ...{ toStops: number().required(), toSd: number().nullable().defined() },
    frames: number().integer().min(0).required()
  }).required(),
  scan: object({
    scan: scanSchema,
    sha256: string()
      .matches(/^[0-9a-f]{64}$/)
      .required(),
    deletedAt: gone()
  }).required()
} as const;

/** Kinds of lines after the first, in their order. */
export const RECORD_KINDS = [
  ...(['camera', 'film', 'thing', 'load', 'frame', 'judgement', 'bias', 'scan'] as const)
] as const;
/** @see RECORD_KINDS */
export type RecordKind = (typeof RECORD_KINDS)[number];

/** A line of the book. */
export type BookRecord =
  | {
      readonly kind: 'camera';
      readonly camera: Camera;
      readonly addedAt: string;
      readonly retiredAt: string | null;
      readonly revision: number;
      readonly stands: Choice;
    }
  | {
      readonly kind: 'film';
      readonly film: Film;
      readonly addedAt: string;
      readonly deletedAt: string | null;
    }
  | {
      readonly kind: 'thing';
      readonly thing: Thing;
      readonly addedAt: string;
      readonly deletedAt: string | null;
    }
  | { readonly kind: 'load'; readonly load: Load }
  | {
      readonly kind: 'frame';
      readonly frame: Frame;
      readonly cameraRevision: number;
      readonly deletedAt: string | null;
    }
  | {
      readonly kind: 'judgement';
      readonly frameId: string;
      readonly judgement: Pick<Judgement, 'on' | 'outcome' | 'faults'>;
      readonly judgedAt: string;
    }
  | ({ readonly kind: 'bias'; readonly cameraId: string } & Omit<BiasChange, 'id'>)
  | {
      readonly kind: 'scan';
      readonly scan: Scan;
      readonly sha256: string;
      readonly deletedAt: string | null;
    };

/** Reads parts that many frames share once. */
function sharedReader<T>(schema: Schema<T>): (value: unknown) => T {
  const known = new Map<string, T>();
  return (value) => {
    const key = JSON.stringify({ value });
    const before = known.get(key);
    if (before !== undefined) return before;
    const read = schema.validateSync(value, { strict: true, abortEarly: true });
    if (known.size > 2000) known.clear();
    known.set(key, read);
    return read;
  };
}
const readLight = sharedReader(lightSchema.required());
const readConditions = sharedReader(conditionsSchema.required());
const readStands = sharedReader(standsSchema);
const readJudgement = sharedReader(judgementSchema);
const readAbout = sharedReader(aboutSchema.required());
/** What is a frame's own; the rest many share, and is read once each. */
const frameOwn = frameSchema.pick([
  ...(['id', 'loadId', 'number', 'loggedAt', 'note', 'series', 'timedSeconds'] as const),
  ...(['deltaStops', 'sdStops', 'pUsable'] as const)
]);
const frameLine = object({
  frame: frameOwn.required(),
  cameraRevision: number().integer().min(1).required(),
  deletedAt: gone()
}).required();

/** What is a judgement's own. */
const judgementOwn = BOOK_SCHEMAS.judgement.pick(['frameId', 'judgedAt']);

/** The fields of what may be an object. */
function fieldsOf(value: unknown): Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null ? Object.fromEntries(Object.entries(value)) : {};
}

function frameRecord(value: unknown): BookRecord {
  const { frame, cameraRevision, deletedAt } = frameLine.validateSync(value, {
    strict: true,
    abortEarly: true
  });
  const { id, loadId, number: n, loggedAt, note, series, timedSeconds, deltaStops, sdStops, pUsable } = frame;
  const shared = fieldsOf(fieldsOf(value)['frame']);
  const guess = shared['guess'] ?? null;
  const about = shared['about'] ?? null;
  return {
    ...{ kind: 'frame', cameraRevision, deletedAt },
    frame: {
      ...{ id, loadId, number: n, loggedAt },
      light: readLight(shared['light']),
      guess: guess === null ? null : readLight(guess),
      conditions: conditionsFrom(readConditions(shared['conditions'])),
      choice: readStands({ choice: shared['choice'] }).choice,
      ...{ deltaStops, sdStops, pUsable, note },
      ...{ series: series ?? null, timedSeconds: timedSeconds ?? null },
      about: about === null ? NOTHING_ABOUT : readAbout(about)
    }
  };
}

/** Reads a record of a kind. @throws {ValidationError} naming the field */
function recordOf(kind: RecordKind, value: unknown): BookRecord {
  const read = <T>(schema: Schema<T>): T => schema.validateSync(value, { strict: true, abortEarly: true });
  switch (kind) {
    case 'frame':
      return frameRecord(value);
    case 'camera': {
      const line = read(BOOK_SCHEMAS.camera);
      const { choice: stands } = readStands({ choice: line.stands });
      return { ...line, kind, camera: cameraFrom(line.camera), stands };
    }
    case 'film': {
      const line = read(BOOK_SCHEMAS.film);
      return { ...line, kind, film: filmFrom(line.film) };
    }
    case 'thing': {
      const line = read(BOOK_SCHEMAS.thing);
      return { ...line, kind, thing: thingFrom(line.thing) };
    }
    case 'load':
      return { ...read(BOOK_SCHEMAS.load), kind };
    case 'judgement': {
      const { frameId, judgedAt } = read(judgementOwn);
      return { kind, frameId, judgement: readJudgement(fieldsOf(value)['judgement']), judgedAt };
    }
    case 'bias':
      return { ...read(BOOK_SCHEMAS.bias), kind };
    case 'scan':
      return { ...read(BOOK_SCHEMAS.scan), kind };
  }
}

function valueOf(line: string): Result<unknown, string> {
  try {
    return ok(JSON.parse(line));
  } catch {
    return err('This line is not readable as JSON.');
  }
}

/** Reads a line after the first, or says why not, naming the field. */
export function readRecord(line: string): Result<BookRecord, string> {
  const value = valueOf(line);
  if (!value.ok) return value;
  const named = kindOf(value.value);
  const kind = RECORD_KINDS.find((k) => k === named);
  if (!kind) return err(`A line is of one of the kinds ${RECORD_KINDS.join(', ')}.`);
  try {
    return ok(recordOf(kind, value.value));
  } catch (error) {
    return err(`${kind}: ${error instanceof Error ? error.message : 'not understood'}`);
  }
}

/** Reads the first line. @returns why it cannot be read, or null when it can */
export function headerFault(line: string): string | null {
  const value = valueOf(line);
  if (!value.ok) return 'This is no book: its first line is not JSON.';
  const read = parseWith<InferType<typeof BOOK_SCHEMAS.book>>(BOOK_SCHEMAS.book, value.value);
  if (!read.ok) return read.error[0]?.message ?? 'This is no book.';
  if (read.value.version > BOOK_VERSION) {
    return `This book is of version ${read.value.version}; this program reads up to version ${BOOK_VERSION}. Bring the program up to date first.`;
  }
  return null;
}
