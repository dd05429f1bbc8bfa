// How a sliding plate is stored.
import { object, string, type InferType } from 'yup';
import { kindField, namedShape, positionFrom, positionsShape } from '../parts.ts';
import type { PlateControl } from './control.ts';

/** As JSON. */
export const plateShape = object({
  ...{ kind: kindField('plate'), ...namedShape },
  acts: string<'aperture'>().oneOf(['aperture']).required(),
  marks: positionsShape
});

/** From a checked body. */
export const plateFrom = (body: InferType<typeof plateShape>): PlateControl => ({
  ...body,
  marks: body.marks.map(positionFrom)
});
