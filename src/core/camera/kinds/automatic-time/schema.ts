// How a camera that times itself is stored.
import { number, object, string } from 'yup';
import { eyeShape, kindField } from '../parts.ts';

/** As JSON. */
export const automaticTimeShape = object({
  kind: kindField('automatic-time'),
  ...{ shortestSeconds: number().required(), longestSeconds: number().required() },
  inLowLight: string<'closes' | 'locks'>().oneOf(['closes', 'locks']).required(),
  eye: eyeShape
});
