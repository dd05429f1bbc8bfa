// How a control that can be taken off automatic is stored.
import { object, string, type InferType } from 'yup';
import { kindField, lookShape, namedShape, positionFrom, positionsShape } from '../parts.ts';
import type { OverrideControl } from './control.ts';

/** As JSON. */
export const overrideShape = object({
  ...{ kind: kindField('override'), ...namedShape, shape: lookShape },
  acts: string<'aperture' | 'time'>().oneOf(['aperture', 'time']).required(),
  ...{ automaticMark: string().required().max(20), marks: positionsShape }
});

/** From a checked body. */
export const overrideFrom = (body: InferType<typeof overrideShape>): OverrideControl => ({
  ...body,
  marks: body.marks.map(positionFrom)
});
