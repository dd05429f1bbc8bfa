// How a camera that is held open by a trick is stored.
import { object, string, type InferType } from 'yup';
import { kindField, namedShape } from '../parts.ts';
import type { HeldOpenControl } from './control.ts';

const words = () => string().defined().max(160);

/** As JSON. */
export const heldOpenShape = object({
  ...{ kind: kindField('held-open'), ...namedShape },
  acts: string<'time'>().oneOf(['time']).required(),
  steps: object({ opens: words(), closes: words(), after: words(), caution: words() }).required()
});

/** From a checked body. */
export const heldOpenFrom = (body: InferType<typeof heldOpenShape>): HeldOpenControl => body;
