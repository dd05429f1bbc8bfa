// Loading a film, and what can be changed about it, in request bodies and rows.
import { array, boolean, number, object, string, type InferType } from 'yup';
import { LAB_STATES, type Development, type LabState, type Load, type PackFilter } from '#core/log/load.ts';
import type { ReelNote } from '#core/log/reel-note.ts';
import { momentOfBody, momentSchema } from '../reading/moment.ts';

const words = (most: number, name: string) =>
  string().max(most, `${name} holds at most ${most} characters.`).defined();

/** A filter laid on a pack. */
export const packFilterSchema = object({
  name: words(80, 'The name of a filter'),
  stops: number()
    .moreThan(0, 'A filter on a pack takes more than 0 stops.')
    .max(20, 'A filter on a pack takes at most 20 stops.')
    .required(),
  on: boolean().required()
});

/** How a roll was developed. */
export const developmentSchema = object({
  developer: words(80, 'The developer'),
  dilution: words(40, 'The dilution'),
  minutes: number()
    .moreThan(0, 'Minutes in the developer are more than 0.')
    .max(1440, 'Give the time in minutes, at most 1440.')
    .nullable()
    .defined(),
  temperatureC: number()
    .min(0, 'Give the temperature of the developer in °C, from 0 to 60.')
    .max(60, 'Give the temperature of the developer in °C, from 0 to 60.')
    .nullable()
    .defined(),
  shiftStops: number()
    .min(-5, 'Development moves the speed by −5 to +5 stops.')
    .max(5, 'Development moves the speed by −5 to +5 stops.')
    .required()
});

const feet = () =>
  number().min(0, 'Feet count from 0.').max(2000, 'A reel has 2000 feet at most.').required();
/** What runs through a cine camera. */
export const reelSchema = object({
  side: number<1 | 2>().oneOf([1, 2]).nullable().defined(),
  feet: feet(),
  framesPerSecond: number()
    .min(1, 'A camera runs at 1 to 128 pictures a second.')
    .max(128, 'A camera runs at 1 to 128 pictures a second.')
    .required(),
  counters: array(feet()).max(200, 'A side has 200 shots at most.').required(),
  planned: array(number().positive('A shot is longer than 0 s.').max(3600).required())
    .max(200, 'A side has 200 shots at most.')
    .required(),
  betweenFeet: feet()
});

const firstNumber = () =>
  number().integer().min(1, 'Frames are counted from 1 on.').max(90_000, 'Frames are counted up to 90000.');
const remark = () => words(500, 'A remark');

/** A film put into a camera. */
export const newLoadSchema = object({
  id: string().required().max(64),
  cameraId: string().required().max(64),
  filmId: string().required().max(64),
  framesTotal: number().integer().min(1).max(999).required(),
  /** The number of its first frame; 1 if left out. */
  firstNumber: firstNumber().optional(),
  /** When it was loaded; now, if left out. */
  loadedAt: momentSchema.optional().default(undefined),
  /** The filter that is to lie on this pack. */
  packFilter: packFilterSchema.nullable().optional().default(undefined),
  /** Load it although something stands in the way that a person can find a way around. */
  anyway: boolean().optional()
}).required();

/** What can be changed about a load. */
export const loadEditSchema = object({
  finished: boolean().optional(),
  side: number<1 | 2>().oneOf([1, 2]).optional(),
  loadedAt: momentSchema.optional().default(undefined),
  firstNumber: firstNumber().optional(),
  packFilter: packFilterSchema.nullable().optional().default(undefined),
  development: developmentSchema.nullable().optional().default(undefined),
  /** A film that goes on in its camera is at no lab. */
  lab: string<LabState>().oneOf(LAB_STATES, 'A film is sent to the lab, or back.').nullable().optional(),
  reel: reelSchema.nullable().optional().default(undefined),
  remark: remark().optional()
}).required();

/** A load as it is sent. */
export const loadSchema = object({
  id: string().required(),
  cameraId: string().required(),
  filmId: string().required(),
  framesTotal: number().integer().min(1).required(),
  firstNumber: firstNumber().required(),
  loadedAt: momentSchema,
  finishedAt: momentSchema.nullable().defined(),
  side: number<1 | 2>().oneOf([1, 2]).nullable().defined(),
  packFilter: packFilterSchema.nullable().defined(),
  development: developmentSchema.nullable().defined(),
  /** Older files do not say it. */
  lab: string<LabState>().oneOf(LAB_STATES).nullable().optional(),
  reel: reelSchema.nullable().optional().default(undefined),
  remark: remark(),
  revision: number().integer().min(1).required()
}).required();

/** The load of a checked body. */
export function loadFrom(body: InferType<typeof loadSchema>): Load {
  const { loadedAt, finishedAt } = body;
  return {
    ...body,
    loadedAt: momentOfBody(loadedAt),
    finishedAt: finishedAt && momentOfBody(finishedAt),
    lab: body.lab ?? null,
    reel: body.reel ?? null
  };
}

/** Reads a stored filter. @throws {ValidationError} when it is none */
export function packFilterFromJson(text: string): PackFilter {
  return packFilterSchema.validateSync(JSON.parse(text), { strict: true });
}

/** Reads a stored development. @throws {ValidationError} when it is none */
export function developmentFromJson(text: string): Development {
  return developmentSchema.validateSync(JSON.parse(text), { strict: true });
}

/** Reads what was noted of a reel. @throws {ValidationError} when it is none */
export function reelFromJson(text: string): ReelNote {
  return reelSchema.validateSync(JSON.parse(text), { strict: true });
}
