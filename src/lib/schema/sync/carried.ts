// What a phone carries, as it is sent to it. It is checked when it comes, so that it can be trusted when it is needed.
import { array, number, object, string, type InferType } from 'yup';
import type { Carried } from '#core/offline/carried.ts';
import type { Frame, Load } from '#core/log/frame.ts';
import { cameraFrom, cameraSchema } from '../kit/camera.ts';
import { choiceFrom, choiceSchema } from '../kit/choice.ts';
import { conditionsFrom, conditionsSchema } from '../engine/conditions.ts';
import { filmFrom, filmSchema } from '../kit/film.ts';
import { newFrameFields, newFrameFrom } from '../log/frame.ts';
import { settingsSchema, type Settings } from '../settings/settings.ts';
import { thingFrom, thingSchema } from '../kit/thing.ts';

const lastSchema = object({ choice: choiceSchema, conditions: conditionsSchema.required() });

/** A load as it is sent. */
export const loadSchema = object({
  id: string().required(),
  cameraId: string().required(),
  filmId: string().required(),
  framesTotal: number().integer().min(1).required(),
  loadedAt: string().required(),
  finishedAt: string().nullable().defined(),
  side: number<1 | 2>().oneOf([1, 2]).nullable().defined()
}).required();

/** The fields of a logged frame. */
export const frameFields = {
  ...newFrameFields,
  loggedAt: string().required(),
  deltaStops: number().required(),
  sdStops: number().required(),
  pUsable: number().min(0).max(1).required()
} as const;

/** A logged frame as it is sent. */
export const frameSchema = object(frameFields).required();

/** What a phone carries. */
export const carriedSchema = object({
  inUse: string().nullable().defined(),
  cameras: array(
    object({
      camera: cameraSchema,
      // {} = not known
      stands: choiceSchema,
      last: array(lastSchema.required()).max(1).required()
    }).required()
  ).required(),
  films: array(filmSchema).required(),
  things: array(thingSchema).required(),
  loads: array(loadSchema).required(),
  frames: array(frameSchema).required(),
  settings: settingsSchema.required()
}).required();

/** What a phone carries, with what is remembered of the person. */
export interface OfflineKit {
  readonly carried: Carried;
  readonly settings: Settings;
}

/** A frame of a checked body. */
export function frameFrom(body: InferType<typeof frameSchema>): Frame {
  const { loggedAt, deltaStops, sdStops, pUsable } = body;
  return { ...newFrameFrom(body), loggedAt, deltaStops, sdStops, pUsable };
}

/** What is carried, of a checked answer. */
export function offlineKitFrom(body: InferType<typeof carriedSchema>): OfflineKit {
  const { inUse, cameras, films, things, loads, frames, settings } = body;
  return {
    settings,
    carried: {
      inUse,
      cameras: cameras.map(({ camera, stands, last }) => ({
        camera: cameraFrom(camera),
        stands: Object.keys(stands).length === 0 ? null : choiceFrom(stands),
        last:
          last[0] === undefined
            ? null
            : { choice: choiceFrom(last[0].choice), conditions: conditionsFrom(last[0].conditions) }
      })),
      films: films.map(filmFrom),
      things: things.map(thingFrom),
      loads: loads.map((l): Load => l),
      frames: frames.map(frameFrom)
    }
  };
}

/** What is carried, to be sent. */
export function carriedBody({ carried, settings }: OfflineKit): unknown {
  return {
    ...carried,
    cameras: carried.cameras.map(({ camera, stands, last }) => ({
      ...{ camera, stands: stands ?? {} },
      last: last ? [{ choice: last.choice, conditions: last.conditions }] : []
    })),
    settings
  };
}
