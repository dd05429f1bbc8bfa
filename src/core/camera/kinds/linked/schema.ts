// How a lever that hangs on another control is stored.
import { array, number, object, string, type InferType } from 'yup';
import { kindField, lookShape, markShape, namedShape } from '../parts.ts';
import type { LinkedControl } from './control.ts';

/** As JSON. */
export const linkedShape = object({
  ...{ kind: kindField('linked'), ...namedShape },
  acts: string<'aperture' | 'time'>().oneOf(['aperture', 'time']).required(),
  shape: lookShape,
  dependsOn: string().required().max(40),
  positions: array(
    object({ ...markShape, values: array(number().nullable().defined()).required() }).required()
  ).required()
});

/** From a checked body. */
export const linkedFrom = (body: InferType<typeof linkedShape>): LinkedControl => body;
