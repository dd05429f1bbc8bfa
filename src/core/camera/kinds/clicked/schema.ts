// How a ring that stops between its marks is stored.
import { object, string, type InferType } from 'yup';
import { kindField, namedShape, positionFrom, positionsShape } from '../parts.ts';
import type { ClickedControl } from './control.ts';

/** As JSON. */
export const clickedShape = object({
  ...{ kind: kindField('clicked'), ...namedShape },
  acts: string<'aperture'>().oneOf(['aperture']).required(),
  marks: positionsShape
});

/** From a checked body. */
export const clickedFrom = (body: InferType<typeof clickedShape>): ClickedControl => ({
  ...body,
  marks: body.marks.map(positionFrom)
});
