// How a camera that sets aperture and time is stored.
import { array, number, object } from 'yup';
import { eyeShape, kindField } from '../parts.ts';

/** As JSON. */
export const lineShape = object({
  kind: kindField('program'),
  points: array(object({ fNumber: number().required(), seconds: number().required() }).required()).required(),
  eye: eyeShape
});
