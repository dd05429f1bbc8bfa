// What other programs ask the engine: a camera and a film, stored or in the body, with the light and what is true beside them.
import { number, object, string, type InferType } from 'yup';
import { cameraFaults } from '#core/camera/faults.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import { filmFaults } from '#core/film/faults.ts';
import type { Film } from '#core/film/film.ts';
import { CONTRASTS } from '#core/light/contrast.ts';
import { LARGEST_SD, LV_RANGE } from '#core/light/lv.ts';
import { PLAIN, type Circumstances } from '#core/error/circumstances.ts';
import type { Situation } from '#core/error/situation.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { cameraFrom, cameraSchema } from '../kit/camera.ts';
import { choiceFrom, choiceSchema } from '../kit/choice.ts';
import { conditionFields, conditionsFrom } from './conditions.ts';
import { filmFrom, filmSchema } from '../kit/film.ts';
import type { FieldFault } from '../reading/parse.ts';
import { explainCameraFault, explainFilmFault } from '../reading/words.ts';

/** Fields of a pair, stored or in the body, with what is true beside it. */
export const pairFields = {
  cameraId: string().max(64).optional(),
  camera: cameraSchema.optional().default(undefined),
  filmId: string().max(64).optional(),
  film: filmSchema.optional().default(undefined),
  ...conditionFields,
  present: choiceSchema
};

/** A question about one pair in one light. */
export const questionSchema = object({
  ...pairFields,
  light: object({
    lv: number().min(LV_RANGE.min).max(LV_RANGE.max).required(),
    sdStops: number().min(0).max(LARGEST_SD).required()
  }).required(),
  contrast: string().oneOf(CONTRASTS).required()
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
  const { light, contrast } = body;
  const situation: Situation = { camera, film, light, contrast, ...conditionsFrom(body), circumstances };
  return ok({ situation, present: choiceFrom(body.present) });
}

function missing(noun: string, id: string | undefined): string {
  return id === undefined
    ? `Give a ${noun}, or the ${noun}Id of one in the kit.`
    : `There is no ${noun} “${id}” in the kit.`;
}
