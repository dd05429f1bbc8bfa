// What a phone carries, as it is sent to it. It is checked when it comes, so that it can be trusted when it is needed.
import { array, number, object, string, type InferType } from 'yup';
import type { Carried } from '#core/offline/carried.ts';
import { cameraFrom, cameraSchema } from '../kit/camera.ts';
import { choiceFrom, choiceSchema } from '../kit/choice.ts';
import { filmFrom, filmSchema } from '../kit/film.ts';
import { loadFrom, loadSchema } from '../kit/load.ts';
import { thingFrom, thingSchema } from '../kit/thing.ts';
import { conditionsFrom, conditionsSchema } from '../engine/conditions.ts';
import { frameFrom, frameSchema } from '../log/frame.ts';
import { outingFrom, outingSchema } from '../plan/outing.ts';
import { exerciseFrom, exerciseSchema, guessReadFrom, guessReadSchema } from '../practice/exercise.ts';
import type { Settings } from '../settings/settings.ts';
import { settingsSchema } from '../settings/settings-schema.ts';

const revision = () => number().integer().min(1).required();
const lastSchema = object({
  choice: choiceSchema,
  conditions: conditionsSchema.required(),
  cameraRevision: revision()
});

/** What a phone carries. */
export const carriedSchema = object({
  inUse: string().nullable().defined(),
  cameras: array(
    object({
      camera: cameraSchema,
      revision: revision(),
      // {} = not known
      stands: choiceSchema,
      last: array(lastSchema.required()).max(1).required()
    }).required()
  ).required(),
  films: array(object({ value: filmSchema, revision: revision() }).required()).required(),
  earlier: array(object({ value: cameraSchema, revision: revision() }).required()).required(),
  things: array(thingSchema).required(),
  loads: array(loadSchema).required(),
  frames: array(frameSchema).required(),
  outings: array(outingSchema).required(),
  exercises: array(exerciseSchema).required(),
  guesses: array(guessReadSchema).required(),
  settings: settingsSchema.required()
}).required();

/** What a phone carries, with what is remembered of the person. */
export interface OfflineKit {
  readonly carried: Carried;
  readonly settings: Settings;
}

/** What is carried, of a checked answer. */
export function offlineKitFrom(body: InferType<typeof carriedSchema>): OfflineKit {
  const { inUse, cameras, films, earlier, things, loads, frames, outings, settings } = body;
  const { exercises, guesses } = body;
  return {
    settings,
    carried: {
      inUse,
      cameras: cameras.map(({ camera, revision: is, stands, last }) => ({
        ...{ camera: cameraFrom(camera), revision: is },
        stands: Object.keys(stands).length === 0 ? null : choiceFrom(stands),
        last: last[0] === undefined ? null : lastFrom(last[0])
      })),
      films: films.map((f) => ({ ...f, value: filmFrom(f.value) })),
      earlier: earlier.map((c) => ({ ...c, value: cameraFrom(c.value) })),
      things: things.map(thingFrom),
      loads: loads.map(loadFrom),
      frames: frames.map(frameFrom),
      outings: outings.map(outingFrom),
      exercises: exercises.map(exerciseFrom),
      guesses: guesses.map(guessReadFrom)
    }
  };
}

function lastFrom({ choice, conditions, cameraRevision }: InferType<typeof lastSchema>) {
  return { choice: choiceFrom(choice), conditions: conditionsFrom(conditions), cameraRevision };
}

/** What is carried, to be sent. */
export function carriedBody({ carried, settings }: OfflineKit): unknown {
  return {
    ...carried,
    cameras: carried.cameras.map(({ camera, revision: is, stands, last }) => ({
      ...{ camera, revision: is, stands: stands ?? {} },
      last: last ? [last] : []
    })),
    settings
  };
}
