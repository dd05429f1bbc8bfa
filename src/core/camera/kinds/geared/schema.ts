// How a wheel with gears is stored.
import { array, object, string, type InferType } from 'yup';
import { kindField, lookShape, namedShape, positionFrom, positionsShape } from '../parts.ts';
import type { GearedControl } from './control.ts';

/** As JSON. */
export const gearedShape = object({
  ...{ kind: kindField('geared'), ...namedShape },
  acts: string<'time'>().oneOf(['time']).required(),
  shape: lookShape,
  gears: array(
    object({ label: string().required().max(20), positions: positionsShape }).required()
  ).required()
});

/** From a checked body. */
export const gearedFrom = (body: InferType<typeof gearedShape>): GearedControl => ({
  ...body,
  gears: body.gears.map((g) => ({ label: g.label, positions: g.positions.map(positionFrom) }))
});
