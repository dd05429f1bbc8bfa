// How a camera that sets nothing is stored.
import { object } from 'yup';
import { kindField } from '../parts.ts';

/** As JSON. */
export const manualShape = object({ kind: kindField('manual') }).required();
