// How the lenses of a camera are stored.
import { array, number, object, string, type InferType } from 'yup';
import { kindField, namedShape } from '../parts.ts';
import type { LensControl } from './control.ts';

/** As JSON. */
export const lensShape = object({
  ...{ kind: kindField('lens'), ...namedShape },
  acts: string<'lens'>().oneOf(['lens']).required(),
  lenses: array(
    object({
      mark: string().required().max(20),
      focalMm: number().required(),
      opens: object({ widest: number().required(), smallest: number().required() }).nullable().defined(),
      finderFrame: string().max(40).optional()
    }).required()
  )
    .min(2)
    .max(12)
    .required()
});

/** From a checked body. */
export const lensFrom = (body: InferType<typeof lensShape>): LensControl => body;
