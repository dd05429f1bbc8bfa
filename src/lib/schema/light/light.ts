// Light in JSON and in the database: the way it was found and what it came to.
import { boolean, lazy, number, object, string } from 'yup';
import { LOW_SUNS } from '#core/light/by-eye.ts';
import { CONTRASTS, type Contrast } from '#core/light/contrast.ts';
import { LARGEST_SD, LV_RANGE } from '#core/light/lv.ts';
import { METERED } from '#core/light/metering.ts';
import { SHADOW_STEPS, type ShadowClue } from '#core/light/shadow-edge.ts';
import { SCENES } from '#core/light/scenes.ts';
import { SKY_STEPS, type SkyClue } from '#core/light/sky-first.ts';
import type { Bound } from '#core/picture/touched.ts';
import { SURFACE_NAMES, type Surface } from '#core/picture/tones.ts';
import { FACINGS, GROUNDS, TOLD_SKIES } from '#core/sky/sky-scene.ts';
import { isZone } from '#core/sky/zone.ts';
import { WAY_KINDS, type LightChoice, type LightWay } from '#core/ways/choice.ts';
import { kindField, kindOf, keepShapes } from '../reading/kinds.ts';

const shadowClues: readonly ShadowClue[] = SHADOW_STEPS.map((s) => s.clue);
const skyClues: readonly SkyClue[] = SKY_STEPS.map((s) => s.clue);
const kind = <T extends LightWay['kind']>(name: T) => kindField(name, WAY_KINDS);
const modifiers = {
  bright: boolean().required(),
  backlit: boolean().required(),
  shaded: boolean().required(),
  lowSun: string().oneOf(LOW_SUNS).required()
};

/** What a guess was corrected by. */
export const byRecordSchema = object({
  biasStops: number().min(-6).max(6).required(),
  sdStops: number().min(0).max(LARGEST_SD).required()
});
const byRecord = { eye: byRecordSchema.optional().default(undefined) };

const YEARS = 'The moment must lie in the years 1900 to 2100, in milliseconds since 1970.';

/** Milliseconds of the years 1900 to 2100. */
export const MOMENTS = { min: Date.UTC(1900, 0, 1), max: Date.UTC(2101, 0, 1) } as const;

/** A place with its name and clocks. */
export const placeSchema = object({
  name: string().defined().max(120),
  latitude: number()
    .min(-90, 'A latitude lies between −90 and 90 degrees.')
    .max(90, 'A latitude lies between −90 and 90 degrees.')
    .required(),
  longitude: number()
    .min(-180, 'A longitude lies between −180 and 180 degrees.')
    .max(180, 'A longitude lies between −180 and 180 degrees.')
    .required(),
  zone: string()
    .required()
    .max(64)
    .test('zone', 'The time zone must be a name such as Atlantic/Azores, or Etc/GMT+2.', (z) => isZone(z))
}).required();

/** What a meter is known to get wrong. */
export const meterErrorSchema = object({
  name: string().defined().max(80),
  offsetStops: number().min(-5).max(5).required(),
  sdStops: number().min(0).max(4).required(),
  showsTenths: boolean().required(),
  constant: number().positive().max(1000).optional()
});

/** Fields of a sum of sun, moon and sky. */
export const sunFields = {
  place: placeSchema,
  ms: number().integer().min(MOMENTS.min, YEARS).max(MOMENTS.max, YEARS).required(),
  sky: string().oneOf(TOLD_SKIES).required(),
  facing: string().oneOf(FACINGS).required(),
  ground: string().oneOf(GROUNDS).required()
};

/** Light summed up from sun, moon and sky. */
export const sunWaySchema = object({ kind: kind('sun'), ...sunFields });

/** Light out of a picture. */
export const pictureWaySchema = object({
  kind: kind('picture'),
  surface: string<Surface>().oneOf(SURFACE_NAMES).nullable().defined(),
  ev100: number().min(-20).max(40).required(),
  bound: string<Bound>().oneOf(['exact', 'at-least', 'at-most']).required(),
  phone: string().defined().max(80)
});

const WAYS = {
  shadow: object({
    kind: kind('shadow'),
    clue: string().oneOf(shadowClues).required(),
    ...modifiers,
    ...byRecord
  }),
  sky: object({ kind: kind('sky'), clue: string().oneOf(skyClues).required(), ...modifiers, ...byRecord }),
  scene: object({
    kind: kind('scene'),
    scene: string()
      .oneOf(SCENES.map((s) => s.id))
      .required(),
    ...byRecord
  }),
  reading: object({
    kind: kind('reading'),
    text: string().required().max(80),
    of: string().oneOf(METERED).required(),
    elsewhere: boolean().required(),
    meter: meterErrorSchema.nullable().defined().default(undefined)
  }),
  sun: sunWaySchema,
  picture: pictureWaySchema,
  frame: object({
    kind: kind('frame'),
    frameId: string().required().max(64),
    label: string().required().max(200)
  }),
  hand: object({ kind: kind('hand') }).required()
} as const;

/** The way a light was found. */
export const wayFieldSchema = lazy((value: unknown) => {
  switch (kindOf(value)) {
    case 'shadow':
      return WAYS.shadow;
    case 'sky':
      return WAYS.sky;
    case 'scene':
      return WAYS.scene;
    case 'reading':
      return WAYS.reading;
    case 'sun':
      return WAYS.sun;
    case 'picture':
      return WAYS.picture;
    case 'frame':
      return WAYS.frame;
    default:
      return WAYS.hand;
  }
});
keepShapes(wayFieldSchema, Object.values(WAYS));

/** The fields of a light. */
export const lightFields = {
  lv: number()
    .required()
    .min(LV_RANGE.min, `Light must lie between LV −8 and 18.`)
    .max(LV_RANGE.max, `Light must lie between LV −8 and 18.`),
  sdStops: number().required().min(0).max(LARGEST_SD),
  contrast: string().oneOf(CONTRASTS).required(),
  way: wayFieldSchema
} as const;

/** A light in a request body. */
export const lightSchema = object(lightFields);

/** Reads a stored way. */
export function wayFromJson(text: string): LightWay {
  return wayFieldSchema.validateSync(JSON.parse(text), { strict: true });
}

/** Reads a stored light. */
export function lightFromJson(text: string): LightChoice {
  return lightSchema.validateSync(JSON.parse(text), { strict: true });
}

/** Reads the contrast column. */
export function contrastFromText(text: string): Contrast {
  const contrast = CONTRASTS.find((c) => c === text);
  if (!contrast) throw new RangeError(`contrast must be one of ${CONTRASTS.join(', ')}, got ${text}`);
  return contrast;
}
