// How a three-blade selector is stored.
import { number, object, string, type InferType } from 'yup';
import { kindField, namedShape } from '../parts.ts';
import type { BladesControl } from './control.ts';

/** As JSON. */
export const bladesShape = object({
  ...{ kind: kindField('blades'), ...namedShape },
  acts: string<'time'>().oneOf(['time']).required(),
  ...{ sunSeconds: number().required(), cloudSeconds: number().required() }
});

/** From a checked body. */
export const bladesFrom = (body: InferType<typeof bladesShape>): BladesControl => body;
