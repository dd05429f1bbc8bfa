// What is true of a frame beside camera, film and light, as JSON.
import { array, boolean, lazy, number, object, string, type InferType } from 'yup';
import type { FlashChoice } from '#core/error/circumstances.ts';
import { DISTANCE_WAYS, PURPOSES, SUPPORTS, type Conditions } from '#core/error/situation.ts';
import { keepShapes, kindField, kindOf } from '../reading/kinds.ts';
import { flashUnitSchema } from '../kit/traits.ts';

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
keepShapes(flash, Object.values(FLASH));

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
  closeUpDioptres: number()
    .min(0.25, 'A close-up lens has 0.25 to 20 dioptres.')
    .max(20, 'A close-up lens has 0.25 to 20 dioptres.')
    .optional(),
  flash
});

const LENGTHS = 'A length is 0.001 to 86400 seconds.';
const length = () => number().min(0.001, LENGTHS).max(86_400, LENGTHS).required();
/** Lengths of an exposure that serve, from the shortest to the longest, seconds. */
export const lengthsSchema = () =>
  object({ from: length(), to: length() }).test(
    'in-order',
    'The longest length is no less than the shortest.',
    (value: { readonly from?: number; readonly to?: number } | undefined) =>
      value?.from === undefined || value.to === undefined || value.from <= value.to
  );

/** Fields of {@link Conditions}; each may be left out. */
export const conditionFields = {
  circumstances: circumstancesSchema.optional().default(undefined),
  scene: string<'even' | 'uneven'>().oneOf(['even', 'uneven']).optional(),
  support: string().oneOf(SUPPORTS).optional(),
  /** As older notes, phones and files say it: on something, or in the hand. */
  supported: boolean().optional(),
  distanceBy: string().oneOf(DISTANCE_WAYS).optional(),
  motion: object({
    metresPerSecond: number().min(0).max(400).required(),
    way: string<'across' | 'oblique' | 'towards'>().oneOf(['across', 'oblique', 'towards']).required()
  })
    .optional()
    .default(undefined),
  purpose: string().oneOf(PURPOSES).optional(),
  steadiness: number().min(0.2).max(4).optional(),
  lamp: object({
    atM: number().moreThan(0, 'A lamp stands more than 0 m away.').max(100).required(),
    modifierStops: number().min(0).max(12).required()
  })
    .optional()
    .default(undefined),
  trails: lengthsSchema().optional().default(undefined)
};

/** The conditions of a frame. */
export const conditionsSchema = object(conditionFields);

/** Leaves out what was not said. */
export function conditionsFrom(body: InferType<typeof conditionsSchema>): Conditions {
  const { circumstances, scene, supported, distanceBy, motion, purpose, steadiness, lamp, trails } = body;
  const support = body.support ?? (supported === undefined ? undefined : supported ? 'standing' : 'hand');
  return {
    ...(circumstances ? { circumstances } : {}),
    ...(scene ? { scene } : {}),
    ...(support === undefined ? {} : { support }),
    ...(distanceBy ? { distanceBy } : {}),
    ...(motion ? { motion } : {}),
    ...(purpose ? { purpose } : {}),
    ...(steadiness === undefined ? {} : { steadiness }),
    ...(lamp ? { lamp } : {}),
    ...(trails ? { trails } : {})
  };
}

/** Reads the stored conditions of a frame. */
export function conditionsFromJson(text: string): Conditions {
  return conditionsFrom(conditionsSchema.validateSync(JSON.parse(text), { strict: true }));
}
