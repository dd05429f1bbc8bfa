// What other programs ask about light, and what they are answered.
import { array, boolean, number, object, string, type InferType } from 'yup';
import { lightByEye, NO_MODIFIERS, otherSchool, type EyeClue } from '#core/light/by-eye.ts';
import { METERED } from '#core/light/metering.ts';
import { parseLightReading } from '#core/light/reading-text.ts';
import { sceneById } from '#core/light/scenes.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { lightCourse, skyEvents, whenLightPasses } from '#core/sky/events.ts';
import { sunAndMoonAt } from '#core/sky/position.ts';
import { skyLight } from '#core/sky/sky-light.ts';
import { choiceByEye, choiceFromReading, choiceFromScene } from '#core/ways/choice.ts';
import { choiceFromSun } from '#core/ways/choice-from-sun.ts';
import { eyeOffsetStops } from '#core/ways/eye-board.ts';
import { lightSchema, meterErrorSchema, sunFields, wayFieldSchema } from './light.ts';
import type { FieldFault } from '../reading/parse.ts';
import { explainQuantity } from '../reading/words.ts';

/** Light by a clue of either school. */
export const eyeQuestionSchema = object({
  school: string<'shadow' | 'sky'>().oneOf(['shadow', 'sky']).required(),
  clue: string().required(),
  bright: boolean().optional(),
  backlit: boolean().optional(),
  shaded: boolean().optional(),
  lowSun: string<'no' | 'hour' | 'half-hour'>().oneOf(['no', 'hour', 'half-hour']).optional()
}).required();

/** Light of a named scene. */
export const sceneQuestionSchema = object({ scene: string().required().max(40) }).required();

/** Light of a reading as typed. */
export const readingQuestionSchema = object({
  text: string().defined().max(80),
  of: string().oneOf(METERED).optional(),
  elsewhere: boolean().optional(),
  meter: meterErrorSchema.nullable().optional().default(undefined)
}).required();

/** Light of sun, moon and sky, with its course. `passes`: a light value whose moment is asked for. */
export const sunQuestionSchema = object({
  ...sunFields,
  hours: number().min(0).max(48).optional(),
  passes: number().min(-8).max(18).optional()
}).required();

const patch = object({
  id: string().required().max(40),
  name: string().defined().max(80),
  x: number().min(-5).max(5).required(),
  y: number().min(-5).max(5).required(),
  width: number().min(0).max(10).required(),
  height: number().min(0).max(10).required(),
  lightStops: number().min(-12).max(12).required(),
  toneStops: number().min(-6).max(6).required()
}).required();

/** What a camera's eye sees of a board of patches. */
export const cameraEyeQuestionSchema = object({
  patches: array(patch).min(1).max(40).required(),
  eye: object({
    x: number().min(-5).max(5).required(),
    y: number().min(-5).max(5).required(),
    radius: number().positive().max(5).required()
  }).required()
}).required();

/** A light with the other school’s word on it, where there is one. */
export const lightAnswerSchema = object({
  light: lightSchema.required(),
  other: object({ school: string().required(), clue: string().required(), lv: number().required() })
    .nullable()
    .defined()
    .default(undefined)
}).required();

/** Positions, light, events and course. */
export const sunAnswerSchema = object({
  light: lightSchema.required(),
  levelLux: number().required(),
  sun: object({ altitude: number().required(), azimuth: number().required() }).required(),
  moon: object({ altitude: number().required(), azimuth: number().required() }).required(),
  moonPhaseAngle: number().required(),
  events: array(object({ kind: string().required(), ms: number().required() }).required()).required(),
  course: array(
    object({ ms: number().required(), lv: number().required(), sdStops: number().required() }).required()
  ).required(),
  passesAt: number().nullable().defined()
}).required();

/** Stops between the eye and the subject, and the compensation that answers it. */
export const cameraEyeAnswerSchema = object({
  offsetStops: number().required(),
  lightenStops: number().required()
}).required();

type Answer<T> = Result<T, readonly FieldFault[]>;

/** @see eyeQuestionSchema */
export function answerEye(body: InferType<typeof eyeQuestionSchema>) {
  const { school, clue, ...on } = body;
  const modifiers = {
    bright: on.bright ?? false,
    backlit: on.backlit ?? false,
    shaded: on.shaded ?? false,
    lowSun: on.lowSun ?? NO_MODIFIERS.lowSun
  };
  const way: unknown = { kind: school, clue, ...modifiers };
  if (!wayFieldSchema.isValidSync(way, { strict: true })) {
    return err([{ field: 'clue', message: `“${clue}” is no clue of the ${school} school.` }]);
  }
  const read = wayFieldSchema.validateSync(way, { strict: true });
  if (read.kind !== 'shadow' && read.kind !== 'sky') return err([{ field: 'school', message: 'No school.' }]);
  const view: EyeClue =
    read.kind === 'shadow' ? { school: 'shadow', clue: read.clue } : { school: 'sky', clue: read.clue };
  const other = otherSchool(view);
  return ok({
    light: choiceByEye(view, modifiers),
    other: { school: other.school, clue: other.clue, lv: lightByEye(other, modifiers).lv }
  });
}

/** @see sceneQuestionSchema */
export function answerScene(body: InferType<typeof sceneQuestionSchema>) {
  const scene = sceneById(body.scene);
  return scene
    ? ok({ light: choiceFromScene(scene), other: null })
    : err([{ field: 'scene', message: `There is no scene “${body.scene}”. GET /light/scenes lists them.` }]);
}

/** @see readingQuestionSchema */
export function answerReading(body: InferType<typeof readingQuestionSchema>) {
  const { text, of, elsewhere, meter } = body;
  const read = parseLightReading(text, { showsTenths: meter?.showsTenths ?? false });
  if (!read.ok) return err([{ field: 'text', message: explainQuantity(read.error) }]);
  const metering = { of: of ?? 'incident', elsewhere: elsewhere ?? false, meter: meter ?? null };
  return ok({ light: choiceFromReading(text, read.value, metering), other: null });
}

const COURSE_STEP_MS = 600_000;

/** @see sunQuestionSchema */
export function answerSun(
  body: InferType<typeof sunQuestionSchema>
): Answer<InferType<typeof sunAnswerSchema>> {
  const { place, ms, sky, facing, ground, hours = 12, passes } = body;
  const scene = { sky, facing, ground };
  const range = { fromMs: ms, toMs: ms + hours * 3_600_000 };
  const positions = sunAndMoonAt(ms, place);
  return ok({
    light: choiceFromSun({ kind: 'sun', place, ms, ...scene }),
    levelLux: skyLight(positions, scene).levelLux,
    ...positions,
    events: [...skyEvents(range.fromMs, range.toMs, place)],
    course: [...lightCourse({ ...range, stepMs: COURSE_STEP_MS }, place, () => scene)],
    passesAt: passes === undefined ? null : whenLightPasses(passes, range, place, () => scene)
  });
}

/** @see cameraEyeQuestionSchema */
export function answerCameraEye(body: InferType<typeof cameraEyeQuestionSchema>) {
  const offsetStops = eyeOffsetStops(body);
  return ok({ offsetStops, lightenStops: offsetStops });
}
