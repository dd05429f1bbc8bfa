// How a control with one place is stored.
import { object, type InferType } from 'yup';
import { actsShape, kindField, namedShape, positionFrom, positionShape } from '../parts.ts';
import type { FixedControl } from './control.ts';

/** As JSON. */
export const fixedShape = object({
  ...{ kind: kindField('fixed'), ...namedShape, acts: actsShape },
  position: positionShape.required()
});

/** From a checked body. */
export const fixedFrom = (body: InferType<typeof fixedShape>): FixedControl => ({
  ...body,
  position: positionFrom(body.position)
});
