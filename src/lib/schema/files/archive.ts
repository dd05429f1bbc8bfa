// The archive: everything that is kept, one JSON object a line (JSON Lines). The first line says what it is; then cameras, films,
// things, loads, frames, judgements, changes of bias and scans, in an order in which each stands after what it names.
import { number, object, string, type InferType, type Schema } from 'yup';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { BiasChange } from '#core/learn/bias.ts';
import type { Load } from '#core/log/frame.ts';
import type { Scan } from '#core/log/scan.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { cameraFrom, cameraSchema } from '../kit/camera.ts';
import { frameSchema, loadSchema } from '../sync/carried.ts';
import { choiceSchema, standsSchema } from '../kit/choice.ts';
import { filmFrom, filmSchema } from '../kit/film.ts';
import {
  frameLineFrom,
  goneSchema,
  judgementLineFrom,
  revisionSchema,
  whenSchema,
  type FrameLine,
  type JudgementLine
} from './frame-line.ts';
import { judgementSchema } from '../log/judgement.ts';
import { kindOf } from '../reading/kinds.ts';
import { parseWith } from '../reading/parse.ts';
import { scanSchema } from '../log/scan.ts';
import { thingFrom, thingSchema } from '../kit/thing.ts';

/** The form of the archive that is written, and the newest that is read. */
export const ARCHIVE_VERSION = 1;
/** What the first line is told by. */
export const ARCHIVE_FORMAT = 'just-enough-book';

/** The schema of each kind of line. */
export const ARCHIVE_SCHEMAS = {
  archive: object({
    format: string()
      .oneOf([ARCHIVE_FORMAT], `This is no archive: its format is not ${ARCHIVE_FORMAT}.`)
      .required(),
    version: number().integer().min(1).required(),
    writtenAt: whenSchema
  }).required(),
  camera: object({
    camera: cameraSchema,
    ...{ addedAt: whenSchema, retiredAt: goneSchema, revision: revisionSchema },
    /** Where its controls stand; {} = not known. */
    stands: choiceSchema
  }).required(),
  film: object({ film: filmSchema, addedAt: whenSchema, deletedAt: goneSchema }).required(),
  thing: object({ thing: thingSchema, addedAt: whenSchema, deletedAt: goneSchema }).required(),
  load: object({ load: loadSchema }).required(),
  frame: object({
    frame: frameSchema,
    cameraRevision: revisionSchema,
    deletedAt: goneSchema
  }).required(),
  judgement: object({
    frameId: string().required(),
    judgement: judgementSchema,
    judgedAt: whenSchema
  }).required(),
  bias: object({
    cameraId: string().required(),
    changedAt: whenSchema,
    ...{ fromStops: number().required(), fromSd: number().nullable().defined() },
    ...{ toStops: number().required(), toSd: number().nullable().defined() },
    frames: number().integer().min(0).required()
  }).required(),
  scan: object({
    scan: scanSchema,
    sha256: string()
      .matches(/^[0-9a-f]{64}$/)
      .required(),
    deletedAt: goneSchema
  }).required()
} as const;

/** Kinds of lines after the first, in their order. */
export const RECORD_KINDS = [
  ...(['camera', 'film', 'thing', 'load', 'frame', 'judgement', 'bias', 'scan'] as const)
] as const;
/** @see RECORD_KINDS */
export type RecordKind = (typeof RECORD_KINDS)[number];

/** A line of the archive. */
export type ArchiveRecord =
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
  | ({ readonly kind: 'frame' } & FrameLine)
  | ({ readonly kind: 'judgement' } & JudgementLine)
  | ({ readonly kind: 'bias'; readonly cameraId: string } & Omit<BiasChange, 'id'>)
  | {
      readonly kind: 'scan';
      readonly scan: Scan;
      readonly sha256: string;
      readonly deletedAt: string | null;
    };

/** Reads a record of a kind. @throws {ValidationError} naming the field */
function recordOf(kind: RecordKind, value: unknown): ArchiveRecord {
  const read = <T>(schema: Schema<T>): T => schema.validateSync(value, { strict: true, abortEarly: true });
  switch (kind) {
    case 'frame':
      return { ...frameLineFrom(value), kind };
    case 'camera': {
      const line = read(ARCHIVE_SCHEMAS.camera);
      const { choice: stands } = standsSchema.validateSync({ choice: line.stands }, { strict: true });
      return { ...line, kind, camera: cameraFrom(line.camera), stands };
    }
    case 'film': {
      const line = read(ARCHIVE_SCHEMAS.film);
      return { ...line, kind, film: filmFrom(line.film) };
    }
    case 'thing': {
      const line = read(ARCHIVE_SCHEMAS.thing);
      return { ...line, kind, thing: thingFrom(line.thing) };
    }
    case 'load':
      return { ...read(ARCHIVE_SCHEMAS.load), kind };
    case 'judgement':
      return { ...judgementLineFrom(value), kind };
    case 'bias':
      return { ...read(ARCHIVE_SCHEMAS.bias), kind };
    case 'scan':
      return { ...read(ARCHIVE_SCHEMAS.scan), kind };
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
export function readRecord(line: string): Result<ArchiveRecord, string> {
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
  if (!value.ok) return 'This is no archive: its first line is not JSON.';
  const read = parseWith<InferType<typeof ARCHIVE_SCHEMAS.archive>>(ARCHIVE_SCHEMAS.archive, value.value);
  if (!read.ok) return read.error[0]?.message ?? 'This is no archive.';
  if (read.value.version > ARCHIVE_VERSION) {
    return `This archive is of version ${read.value.version}; this program reads up to version ${ARCHIVE_VERSION}. Bring the program up to date first.`;
  }
  return null;
}
