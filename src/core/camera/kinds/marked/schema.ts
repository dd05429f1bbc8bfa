// How a lever, ring or wheel is stored.
import { object, type InferType } from 'yup';
import { actsShape, kindField, lookShape, namedShape, positionFrom, positionsShape } from '../parts.ts';
import type { MarkedControl } from './control.ts';

/** As JSON. */
export const markedShape = object({
  ...{ kind: kindField('marked'), ...namedShape, acts: actsShape },
  ...{ shape: lookShape, positions: positionsShape }
}).required();

/** From a checked body. */
export const markedFrom = (body: InferType<typeof markedShape>): MarkedControl => ({
  ...body,
  positions: body.positions.map(positionFrom)
});
