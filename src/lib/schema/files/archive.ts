// The archive: everything that is kept, one JSON object a line (JSON Lines). The first line says what it is; then cameras, films,
// things, outings, exercises, loads, frames, judgements, pictures kept with frames, changes of bias and scans, in an order in which each stands after what it names.
import { array, number, object, string, type InferType, type Schema } from 'yup';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { BiasChange } from '#core/learn/bias.ts';
import type { Load } from '#core/log/load.ts';
import type { Moment } from '#core/sky/moment.ts';
import { REVISION_KINDS, type RevisionKind } from '#core/log/pair.ts';
import type { Scan } from '#core/log/scan.ts';
import type { Outing } from '#core/plan/outing.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { cameraFrom, cameraSchema } from '../kit/camera.ts';
import { loadFrom, loadSchema } from '../kit/load.ts';
import type { FramePicture } from '#core/log/frame-picture.ts';
import { frameSchema } from '../log/frame.ts';
import { framePictureSchema } from '../log/frame-picture.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';
import type { Upgrade } from './older-archives.ts';
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
import { outingFrom, outingSchema } from '../plan/outing.ts';
import type { Exercise } from '#core/practice/exercise.ts';
import { exerciseFrom, exerciseSchema } from '../practice/exercise.ts';
import { scanSchema } from '../log/scan.ts';
import { thingFrom, thingSchema } from '../kit/thing.ts';

/** The form of the archive that is written, and the newest that is read. */
export const ARCHIVE_VERSION = 3;
/** What the first line is told by. */
export const ARCHIVE_FORMAT = 'just-enough-archive';
/** What it was told by in version 1. */
const FORMER_FORMAT = 'just-enough-book';

/** The schema of each kind of line. */
export const ARCHIVE_SCHEMAS = {
  archive: object({
    format: string()
      .oneOf([ARCHIVE_FORMAT, FORMER_FORMAT], `This is no archive: its format is not ${ARCHIVE_FORMAT}.`)
      .required(),
    version: number().integer().min(1).required(),
    writtenAt: whenSchema
  }).required(),
  camera: object({
    id: string().required().max(64),
    /** As it was from each moment on; the last is how it is now. */
    revisions: array(
      object({
        camera: cameraSchema,
        revision: revisionSchema,
        what: string().oneOf(REVISION_KINDS).required(),
        note: string().max(200).defined(),
        since: momentSchema
      }).required()
    )
      .min(1)
      .required(),
    ...{ addedAt: whenSchema, retiredAt: goneSchema },
    /** Where its controls stand; {} = not known. */
    stands: choiceSchema
  }).required(),
  film: object({
    id: string().required().max(64),
    revisions: array(object({ film: filmSchema, revision: revisionSchema, since: momentSchema }).required())
      .min(1)
      .required(),
    ...{ addedAt: whenSchema, deletedAt: goneSchema }
  }).required(),
  thing: object({ thing: thingSchema, addedAt: whenSchema, deletedAt: goneSchema }).required(),
  outing: object({ outing: outingSchema, addedAt: whenSchema, deletedAt: goneSchema }).required(),
  exercise: object({ exercise: exerciseSchema }).required(),
  load: object({ load: loadSchema }).required(),
  frame: object({
    frame: frameSchema,
    deletedAt: goneSchema
  }).required(),
  judgement: object({
    frameId: string().required(),
    judgement: judgementSchema,
    judgedAt: momentSchema,
    revision: revisionSchema
  }).required(),
  picture: object({ frameId: string().required(), picture: framePictureSchema.required() }).required(),
  bias: object({
    cameraId: string().required(),
    changedAt: momentSchema,
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
  ...([
    'camera',
    'film',
    'thing',
    'outing',
    'exercise',
    'load',
    'frame',
    'judgement',
    'picture',
    'bias',
    'scan'
  ] as const)
] as const;
/** @see RECORD_KINDS */
export type RecordKind = (typeof RECORD_KINDS)[number];

/** A line of the archive. */
export type ArchiveRecord =
  | {
      readonly kind: 'camera';
      readonly id: string;
      readonly revisions: readonly {
        readonly camera: Camera;
        readonly revision: number;
        readonly what: RevisionKind;
        readonly note: string;
        readonly since: Moment;
      }[];
      readonly addedAt: string;
      readonly retiredAt: string | null;
      readonly stands: Choice;
    }
  | {
      readonly kind: 'film';
      readonly id: string;
      readonly revisions: readonly {
        readonly film: Film;
        readonly revision: number;
        readonly since: Moment;
      }[];
      readonly addedAt: string;
      readonly deletedAt: string | null;
    }
  | {
      readonly kind: 'thing';
      readonly thing: Thing;
      readonly addedAt: string;
      readonly deletedAt: string | null;
    }
  | {
      readonly kind: 'outing';
      readonly outing: Outing;
      readonly addedAt: string;
      readonly deletedAt: string | null;
    }
  | { readonly kind: 'exercise'; readonly exercise: Exercise }
  | { readonly kind: 'load'; readonly load: Load }
  | ({ readonly kind: 'frame' } & FrameLine)
  | ({ readonly kind: 'judgement' } & JudgementLine)
  | { readonly kind: 'picture'; readonly frameId: string; readonly picture: FramePicture }
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
      return {
        ...{ ...line, kind, stands },
        revisions: line.revisions.map((r) => ({
          ...{ ...r, camera: cameraFrom(r.camera), since: momentOfBody(r.since) }
        }))
      };
    }
    case 'film': {
      const line = read(ARCHIVE_SCHEMAS.film);
      return {
        ...{ ...line, kind },
        revisions: line.revisions.map((r) => ({
          ...{ ...r, film: filmFrom(r.film), since: momentOfBody(r.since) }
        }))
      };
    }
    case 'thing': {
      const line = read(ARCHIVE_SCHEMAS.thing);
      return { ...line, kind, thing: thingFrom(line.thing) };
    }
    case 'outing': {
      const line = read(ARCHIVE_SCHEMAS.outing);
      return { ...line, kind, outing: outingFrom(line.outing) };
    }
    case 'exercise':
      return { exercise: exerciseFrom(read(ARCHIVE_SCHEMAS.exercise).exercise), kind };
    case 'load':
      return { load: loadFrom(read(ARCHIVE_SCHEMAS.load).load), kind };
    case 'judgement':
      return { ...judgementLineFrom(value), kind };
    case 'picture':
      return { ...read(ARCHIVE_SCHEMAS.picture), kind };
    case 'bias': {
      const line = read(ARCHIVE_SCHEMAS.bias);
      return { ...line, kind, changedAt: momentOfBody(line.changedAt) };
    }
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

/**
 * Reads a line after the first, or says why not, naming the field.
 * @param upgrade brings a line of an older version to the form of today
 */
export function readRecord(line: string, upgrade: Upgrade = (value) => value): Result<ArchiveRecord, string> {
  const read = valueOf(line);
  if (!read.ok) return read;
  const value = ok(upgrade(read.value));
  const named = kindOf(value.value);
  const kind = RECORD_KINDS.find((k) => k === named);
  if (!kind) return err(`A line is of one of the kinds ${RECORD_KINDS.join(', ')}.`);
  try {
    return ok(recordOf(kind, value.value));
  } catch (error) {
    return err(`${kind}: ${error instanceof Error ? error.message : 'not understood'}`);
  }
}

/** Reads the first line. @returns its version, or why it cannot be read */
export function readHeader(line: string): Result<number, string> {
  const value = valueOf(line);
  if (!value.ok) return err('This is no archive: its first line is not JSON.');
  const read = parseWith<InferType<typeof ARCHIVE_SCHEMAS.archive>>(ARCHIVE_SCHEMAS.archive, value.value);
  if (!read.ok) return err(read.error[0]?.message ?? 'This is no archive.');
  const { version } = read.value;
  if (version <= ARCHIVE_VERSION) return ok(version);
  return err(
    `This archive is of version ${version}; this program reads up to version ${ARCHIVE_VERSION}. Bring the program up to date first.`
  );
}
