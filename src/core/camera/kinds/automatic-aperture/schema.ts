// How a camera whose needle sets the aperture is stored.
import { number, object } from 'yup';
import { eyeShape, kindField } from '../parts.ts';

/** As JSON. */
export const automaticApertureShape = object({
  kind: kindField('automatic-aperture'),
  ...{ widestFNumber: number().required(), smallestFNumber: number().required() },
  eye: eyeShape
});
