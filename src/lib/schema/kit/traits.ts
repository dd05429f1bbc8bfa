// What cameras and films are beside exposure, as JSON.
import { array, boolean, lazy, number, object, string } from 'yup';
import { MOST_STEP_LETTERS, MOST_STEPS, ROUTINE_PARTS, STEP_DRAWINGS } from '#core/camera/routine-step.ts';
import { EYE_FINDINGS, MOST_REMINDERS, RELEASES, STANDS } from '#core/camera/traits.ts';
import type { Balance, Perforation } from '#core/film/traits.ts';
import { kindField, kindOf, keepShapes } from '../reading/kinds.ts';

/** Perforations by name. */
export const PERFORATIONS = [
  'double-run-8',
  'super-8',
  '16-one-edge',
  '16-both-edges'
] as const satisfies readonly Perforation[];
/** Colours of light that films are made for. */
export const BALANCES = [
  'daylight',
  'tungsten',
  'panchromatic',
  'orthochromatic'
] as const satisfies readonly Balance[];

const metres = () => number().positive().max(10_000).nullable().defined();
const seconds = () => number().positive().max(86_400);

const FOCUSING_KINDS = ['fixed', 'symbols', 'scale', 'rangefinder', 'autofocus'] as const;
const FLASH_KINDS = ['none', 'shoe', 'switch', 'automatic'] as const;
const TRANSPORT_KINDS = ['still', 'swing', 'cine'] as const;

/** A flash by itself. */
export const flashUnitSchema = object({
  name: string().defined().max(80),
  guideNumber: number().positive().max(500).required(),
  powers: array(number().min(0).max(12).required()).min(1).max(20).required(),
  seconds: number().positive().max(1).required(),
  angleDegrees: number().positive().max(180).nullable().defined(),
  bulbs: object({ leastSeconds: number().positive().max(1).required() })
    .default(undefined)
    .optional()
}).required();

const FOCUSING = {
  fixed: object({
    kind: kindField('fixed', FOCUSING_KINDS),
    ...{ atM: metres(), sharpFromM: metres() },
    sharpBy: array(
      object({
        fNumber: number().positive().max(600).required(),
        fromM: number().positive().max(10_000).required()
      }).required()
    )
      .max(20)
      .optional()
  }).required(),
  symbols: object({ kind: kindField('symbols', FOCUSING_KINDS) }),
  scale: object({ kind: kindField('scale', FOCUSING_KINDS) }),
  rangefinder: object({ kind: kindField('rangefinder', FOCUSING_KINDS) }),
  autofocus: object({
    kind: kindField('autofocus', FOCUSING_KINDS),
    nearestM: number().positive().max(100).required()
  })
} as const;
const sync = seconds().nullable().defined();
const FLASH = {
  none: object({ kind: kindField('none', FLASH_KINDS) }).required(),
  shoe: object({
    kind: kindField('shoe', FLASH_KINDS),
    syncSeconds: sync,
    /** Left out by older sheets and files: it goes on timing the light. */
    fitted: object({
      fNumber: number().positive().max(600).nullable().defined(),
      seconds: seconds().required()
    })
      .nullable()
      .optional()
      .default(undefined)
  }),
  switch: object({ kind: kindField('switch', FLASH_KINDS), unit: flashUnitSchema, syncSeconds: sync }),
  automatic: object({
    kind: kindField('automatic', FLASH_KINDS),
    unit: flashUnitSchema,
    belowLv: number().min(-8).max(18).required(),
    overridable: boolean().required(),
    quenched: boolean().required()
  })
} as const;
const TRANSPORT = {
  still: object({ kind: kindField('still', TRANSPORT_KINDS) }).required(),
  swing: object({ kind: kindField('swing', TRANSPORT_KINDS), sweepSeconds: seconds().required() }),
  cine: object({
    kind: kindField('cine', TRANSPORT_KINDS),
    framesPerSecond: number().positive().max(200).required()
  })
} as const;

const focusing = lazy((value: unknown) => {
  const name = kindOf(value);
  if (name === 'symbols') return FOCUSING.symbols;
  if (name === 'scale') return FOCUSING.scale;
  if (name === 'autofocus') return FOCUSING.autofocus;
  return name === 'rangefinder' ? FOCUSING.rangefinder : FOCUSING.fixed;
});
keepShapes(focusing, Object.values(FOCUSING));
const flash = lazy((value: unknown) => {
  const name = kindOf(value);
  if (name === 'shoe') return FLASH.shoe;
  if (name === 'switch') return FLASH.switch;
  return name === 'automatic' ? FLASH.automatic : FLASH.none;
});
keepShapes(flash, Object.values(FLASH));
const transport = lazy((value: unknown) => {
  const name = kindOf(value);
  if (name === 'swing') return TRANSPORT.swing;
  return name === 'cine' ? TRANSPORT.cine : TRANSPORT.still;
});
keepShapes(transport, Object.values(TRANSPORT));

const share = () => number().min(-1).max(1).required();
const offsetMm = () => number().min(-500).max(500).required();

/** Longest reminder before a press: it has to be read at a glance. */
export const MOST_CHECK_LETTERS = 60;

/** Fields of a camera's traits. */
export const cameraTraitFields = {
  focusing,
  flash,
  transport,
  finder: object({
    rightMm: offsetMm(),
    upMm: offsetMm(),
    rightShare: share(),
    upShare: share()
  }).required(),
  toleranceStops: number().min(0).max(4).nullable().defined(),
  /** Left out by older sheets and files: no. */
  singleElement: boolean().optional(),
  repeats: boolean().required(),
  needsPackBattery: boolean().required(),
  perforations: array(string().oneOf(PERFORATIONS).required()).required(),
  checks: array(string().required().max(MOST_CHECK_LETTERS)).max(MOST_REMINDERS).required(),
  mounts: object({
    filterMm: number().min(5).max(200).nullable().defined(),
    stand: string().oneOf(STANDS).nullable().defined(),
    release: string().oneOf(RELEASES).nullable().defined()
  })
    .optional()
    .default(undefined),
  routine: array(
    object({
      part: string().oneOf(ROUTINE_PARTS).required(),
      words: string()
        .required()
        .max(MOST_STEP_LETTERS, `A step holds at most ${MOST_STEP_LETTERS} characters.`),
      drawing: string().oneOf(STEP_DRAWINGS).optional(),
      strict: boolean().optional()
    })
  )
    .max(MOST_STEPS, `A routine has at most ${MOST_STEPS} steps.`)
    .optional()
    .default(undefined),
  eyeFound: string().oneOf(EYE_FINDINGS).optional()
};
/** Fields of a film's traits. */
export const filmTraitFields = {
  balance: string().oneOf(BALANCES).required(),
  tungstenIso: number().min(0.1).max(102_400).nullable().defined(),
  temperature: object({
    fromC: number().min(-60).max(80).required(),
    toC: number().min(-60).max(80).required(),
    stopsPerTenC: number().min(-5).max(5).required()
  })
    .nullable()
    .defined(),
  price: number().min(0).max(1e6).nullable().defined(),
  expires: string()
    .matches(/^\d{4}-(0[1-9]|1[0-2])$/, 'Give the month of expiry as 2027-05.')
    .nullable()
    .defined(),
  feet: number().positive().max(2000).nullable().defined(),
  perforation: string().oneOf(PERFORATIONS).nullable().defined(),
  processEnded: boolean().optional(),
  developing: array(
    object({
      temperatureC: number().min(-20).max(60).required(),
      seconds: number().positive().max(86_400).required()
    })
  )
    .max(12)
    .optional()
    .default(undefined),
  packBattery: boolean().required()
};
