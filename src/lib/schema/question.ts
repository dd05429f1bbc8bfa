// What other programs ask the engine: a camera and a film, stored or in the body, with the light and what is true beside them.
import { array, boolean, lazy, number, object, string, type InferType } from 'yup';
import { cameraFaults } from '#core/camera/faults.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import { filmFaults } from '#core/film/faults.ts';
import type { Film } from '#core/film/film.ts';
import { CONTRASTS } from '#core/light/contrast.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import { PLAIN, type Circumstances, type FlashChoice } from '#core/match/circumstances.ts';
import { PURPOSES, type Situation } from '#core/match/situation.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { cameraFrom, cameraSchema } from './camera.ts';
import { choiceFrom, choiceSchema } from './choice.ts';
import { filmFrom, filmSchema } from './film.ts';
import { keepShapes, kindField, kindOf } from './kinds.ts';
import { MAX_SD } from './light.ts';
import type { FieldFault } from './parse.ts';
import { flashUnitSchema } from './traits.ts';
import { explainCameraFault, explainFilmFault } from './words.ts';

const FLASH_KINDS = ['as-it-comes', 'off', 'fired'] as const satisfies readonly FlashChoice['kind'][];
const FLASH = {
  'as-it-comes': object({ kind: kindField('as-it-comes', FLASH_KINDS) }).required(),
  off: object({ kind: kindField('off', FLASH_KINDS) }),
  fired: object({
    kind: kindField('fired', FLASH_KINDS),
    unit: flashUnitSchema,
    powerStops: number().min(0).max(12).required(),
    lossStops: number().min(0).max(12).required()
  })
} as const;
const flash = lazy((value: unknown) => {
  const kind = kindOf(value);
  return kind === 'off' ? FLASH.off : kind === 'fired' ? FLASH.fired : FLASH['as-it-comes'];
});
keepShapes(flash, FLASH);

const PLACES = ['lens', 'lens-and-eye', 'pack', 'eye'] as const;
const FILTER_WORDS = 'A filter takes 0 stops or more.';

/** What is true beside camera and film; all of it, or none for plain daylight without filter or flash. */
export const circumstancesSchema = object({
  filters: array(
    object({
      name: string().defined().max(80),
      stops: number().min(0, FILTER_WORDS).max(30).required(),
      place: string().oneOf(PLACES).required()
    }).required()
  )
    .max(8)
    .required(),
  eyeOffsetStops: number().min(-15).max(15).required(),
  lightKind: string<'daylight' | 'lamps'>().oneOf(['daylight', 'lamps']).required(),
  temperatureC: number().min(-60).max(80).nullable().defined(),
  exposures: number().integer().min(1).max(1000).required(),
  subjectM: number().positive().max(100_000).nullable().defined(),
  flash
});

/** A question about one pair in one light. */
export const questionSchema = object({
  cameraId: string().max(64).optional(),
  camera: cameraSchema.optional().default(undefined),
  filmId: string().max(64).optional(),
  film: filmSchema.optional().default(undefined),
  light: object({
    lv: number().min(LV_RANGE.min).max(LV_RANGE.max).required(),
    sdStops: number().min(0).max(MAX_SD).required()
  }).required(),
  contrast: string().oneOf(CONTRASTS).required(),
  circumstances: circumstancesSchema.optional().default(undefined),
  scene: string<'even' | 'uneven'>().oneOf(['even', 'uneven']).optional(),
  supported: boolean().optional(),
  motion: object({
    metresPerSecond: number().min(0).max(400).required(),
    way: string<'across' | 'oblique' | 'towards'>().oneOf(['across', 'oblique', 'towards']).required()
  })
    .optional()
    .default(undefined),
  purpose: string().oneOf(PURPOSES).optional(),
  present: choiceSchema
}).required();

/** A question that was understood. */
export interface Question {
  readonly situation: Situation;
  readonly present: Choice;
}

/** Where stored cameras and films are looked up. */
export interface Shelf {
  readonly camera: (id: string) => Camera | null;
  readonly film: (id: string) => Film | null;
}

/** Puts the question together; names every fault of what came inline, and what is not in the kit. */
export function questionFrom(
  body: InferType<typeof questionSchema>,
  shelf: Shelf
): Result<Question, readonly FieldFault[]> {
  const camera = body.camera ? cameraFrom(body.camera) : shelf.camera(body.cameraId ?? '');
  const film = body.film ? filmFrom(body.film) : shelf.film(body.filmId ?? '');
  const faults: FieldFault[] = [];
  if (!camera) faults.push({ field: 'camera', message: missing('camera', body.cameraId) });
  if (!film) faults.push({ field: 'film', message: missing('film', body.filmId) });
  if (camera) {
    faults.push(...cameraFaults(camera).map((f) => ({ field: 'camera', message: explainCameraFault(f) })));
  }
  if (film) faults.push(...filmFaults(film).map((f) => ({ field: 'film', message: explainFilmFault(f) })));
  const circumstances: Circumstances = body.circumstances ?? PLAIN;
  const { subjectM } = circumstances;
  if (camera && subjectM !== null && subjectM * 1000 <= camera.focalMm) {
    faults.push({
      field: 'circumstances.subjectM',
      message: `The subject must be further away than the focal length of ${camera.focalMm} mm.`
    });
  }
  if (faults.length > 0 || !camera || !film) return err(faults);
  const { light, contrast, scene, supported, motion, purpose } = body;
  const situation: Situation = {
    ...{ camera, film, light, contrast, circumstances },
    ...(scene ? { scene } : {}),
    ...(supported === undefined ? {} : { supported }),
    ...(motion ? { motion } : {}),
    ...(purpose ? { purpose } : {})
  };
  return ok({ situation, present: choiceFrom(body.present) });
}

function missing(noun: string, id: string | undefined): string {
  return id === undefined
    ? `Give a ${noun}, or the ${noun}Id of one in the kit.`
    : `There is no ${noun} “${id}” in the kit.`;
}
