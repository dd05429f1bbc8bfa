// A camera as it is stored and sent: Yup shapes for its controls and program. In JSON, null stands for an infinite distance.
import { array, lazy, number, object, string, type InferType } from 'yup';
import type { Camera, CameraCondition } from '#core/camera/camera.ts';
import { CONTROL_KIND_NAMES, isControlKindName, type Control } from '#core/camera/kinds/controls.ts';
import { CONTROL_FORMS, formOfControl } from '#core/camera/kinds/control-forms.ts';
import { PROGRAM_FORMS } from '#core/camera/kinds/program-forms.ts';
import { isProgramKindName, PROGRAM_KIND_NAMES } from '#core/camera/kinds/programs.ts';
import { FRAME_FORMATS } from '#core/film/formats.ts';
import { kindField, kindOf, keepShapes } from '../reading/kinds.ts';
import { cameraTraitFields } from './traits.ts';

const CONDITIONS = ['automatic', 'mechanical', 'old', 'unsure'] as const satisfies readonly CameraCondition[];

// what is of no kind, or missing altogether, falls to these and is refused with the names of all kinds
const unknownControl = CONTROL_FORMS.marked.schema.shape({ kind: kindField('marked', CONTROL_KIND_NAMES) });
const unknownProgram = PROGRAM_FORMS.manual.schema.shape({ kind: kindField('manual', PROGRAM_KIND_NAMES) });

const anyControl = lazy((value: unknown) => {
  const name = kindOf(value);
  return isControlKindName(name) ? CONTROL_FORMS[name].schema : unknownControl;
});
keepShapes(
  anyControl,
  CONTROL_KIND_NAMES.map((name) => CONTROL_FORMS[name].schema)
);

/** A camera's controls as JSON, told apart by `kind`. */
export const controlsSchema = array(anyControl).required();

/** Who sets the exposure, as JSON, told apart by `kind`. */
export const programSchema = lazy((value: unknown) => {
  const name = kindOf(value);
  return isProgramKindName(name) ? PROGRAM_FORMS[name].schema : unknownProgram;
});
keepShapes(
  programSchema,
  PROGRAM_KIND_NAMES.map((name) => PROGRAM_FORMS[name].schema)
);

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

function controlFrom(c: InferType<typeof controlsSchema>[number]): Control {
  return formOfControl(c).from(c);
}
