// A camera as it is stored and sent: Yup shapes for its controls and program. In JSON, null stands for an infinite distance.
import { array, boolean, lazy, number, object, string, type InferType } from 'yup';
import {
  MARK_SYMBOLS,
  type Camera,
  type CameraCondition,
  type Control,
  type ControlActs,
  type ControlShape,
  type Position,
  type Program
} from '#core/camera/camera.ts';
import { FRAME_FORMATS } from '#core/film/film.ts';
import { assertNever } from '#core/numeric/result.ts';
import { kindField, kindOf, keepShapes } from '../reading/kinds.ts';
import { cameraTraitFields } from './traits.ts';

const ACTS = ['aperture', 'time', 'focus', 'compensation', 'dial'] as const satisfies readonly ControlActs[];
const SHAPES = ['lever', 'ring', 'wheel'] as const satisfies readonly ControlShape[];
const CONDITIONS = ['automatic', 'mechanical', 'old', 'unsure'] as const satisfies readonly CameraCondition[];

const mark = { mark: string().defined().max(20), symbol: string().oneOf(MARK_SYMBOLS).nullable().defined() };
const position = object({
  ...mark,
  value: number().nullable().defined(),
  byHand: boolean<true>().oneOf([true]).optional()
});
const positions = array(position.required()).required();
const named = { id: string().required().max(40), label: string().required().max(40) };
const shape = string().oneOf(SHAPES).required();
const acts = string().oneOf(ACTS).required();
const CONTROL_KINDS = ['fixed', 'marked', 'geared', 'linked'] as const satisfies readonly Control['kind'][];
const PROGRAM_KINDS = [
  'manual',
  'automatic-time',
  'automatic-aperture',
  'program'
] as const satisfies readonly Program['kind'][];
const control = <T extends Control['kind']>(name: T) => kindField(name, CONTROL_KINDS);
const program = <T extends Program['kind']>(name: T) => kindField(name, PROGRAM_KINDS);

const CONTROL_SHAPES = {
  fixed: object({ kind: control('fixed'), ...named, acts, position: position.required() }),
  marked: object({ kind: control('marked'), ...named, acts, shape, positions }).required(),
  geared: object({
    kind: control('geared'),
    ...named,
    acts: string<'time'>().oneOf(['time']).required(),
    shape,
    gears: array(object({ label: string().required().max(20), positions }).required()).required()
  }),
  linked: object({
    kind: control('linked'),
    ...named,
    acts: string<'aperture' | 'time'>().oneOf(['aperture', 'time']).required(),
    shape,
    dependsOn: string().required().max(40),
    positions: array(
      object({ ...mark, values: array(number().nullable().defined()).required() }).required()
    ).required()
  })
} as const;

const eye = object({
  place: string<'outside' | 'behind-lens'>().oneOf(['outside', 'behind-lens']).required(),
  believesIso: number().required(),
  angleDegrees: number().positive().max(180).nullable().defined()
}).required();
const PROGRAM_SHAPES = {
  // what is missing altogether falls here and is refused
  manual: object({ kind: program('manual') }).required(),
  'automatic-time': object({
    kind: program('automatic-time'),
    shortestSeconds: number().required(),
    longestSeconds: number().required(),
    inLowLight: string<'closes' | 'locks'>().oneOf(['closes', 'locks']).required(),
    eye
  }),
  'automatic-aperture': object({
    kind: program('automatic-aperture'),
    widestFNumber: number().required(),
    smallestFNumber: number().required(),
    eye
  }),
  program: object({
    kind: program('program'),
    points: array(
      object({ fNumber: number().required(), seconds: number().required() }).required()
    ).required(),
    eye
  })
} as const;

const anyControl = lazy((value: unknown) => {
  const name = kindOf(value);
  const { fixed, marked, geared, linked } = CONTROL_SHAPES;
  return name === 'fixed' ? fixed : name === 'geared' ? geared : name === 'linked' ? linked : marked;
});
keepShapes(anyControl, CONTROL_SHAPES);

/** A camera's controls as JSON, told apart by `kind`. */
export const controlsSchema = array(anyControl).required();

/** Who sets the exposure, as JSON, told apart by `kind`. */
export const programSchema = lazy((value: unknown) => {
  const name = kindOf(value);
  if (name === 'automatic-time') return PROGRAM_SHAPES['automatic-time'];
  if (name === 'automatic-aperture') return PROGRAM_SHAPES['automatic-aperture'];
  return name === 'program' ? PROGRAM_SHAPES.program : PROGRAM_SHAPES.manual;
});
keepShapes(programSchema, PROGRAM_SHAPES);

/** Frame formats as JSON. */
export const formatsSchema = array(string().oneOf(FRAME_FORMATS).required()).required();

/** A whole camera in a request body. */
export const cameraSchema = object({
  id: string().required().max(64),
  name: string().required().max(80),
  formats: formatsSchema,
  focalMm: number().required(),
  condition: string().oneOf(CONDITIONS).required(),
  handHeldSeconds: number().nullable().defined(),
  controls: controlsSchema,
  program: programSchema,
  biasStops: number().min(-10).max(10).required(),
  ...cameraTraitFields
}).required();

/** The camera of a checked body: null distances become infinite. */
export function cameraFrom(body: InferType<typeof cameraSchema>): Camera {
  const { singleElement = false } = body;
  return { ...body, singleElement, controls: body.controls.map(controlFrom), program: body.program };
}

/** Reads a stored camera. @throws {ValidationError} when it is none */
export function cameraFromJson(text: string): Camera {
  return cameraFrom(cameraSchema.validateSync(JSON.parse(text), { strict: true }));
}

type ControlBody = InferType<typeof controlsSchema>[number];

function controlFrom(c: ControlBody): Control {
  switch (c.kind) {
    case 'fixed':
      return { ...c, position: positionFrom(c.position) };
    case 'marked':
      return { ...c, positions: c.positions.map(positionFrom) };
    case 'geared':
      return {
        ...c,
        gears: c.gears.map((g) => ({ label: g.label, positions: g.positions.map(positionFrom) }))
      };
    case 'linked':
      return c;
    default:
      return assertNever(c);
  }
}

function positionFrom(p: InferType<typeof position>): Position {
  const { mark, symbol, value, byHand } = p;
  return { mark, symbol, value: value ?? Infinity, ...(byHand ? { byHand } : {}) };
}
