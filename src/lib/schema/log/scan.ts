// Which scan shows which frame, in a request body; and scans as they are answered.
import { array, number, object, string } from 'yup';
import { SCAN_TYPES } from '#core/log/scan.ts';

/** Scans of one film given to its frames. */
export const assignmentsSchema = object({
  assignments: array(
    object({
      scanId: string().required().max(64),
      frameId: string().max(64).nullable().defined()
    }).required()
  )
    .max(500)
    .required()
}).required();

const share = () => number().min(0).max(1).required();

/** A scan. */
export const scanSchema = object({
  id: string().required(),
  loadId: string().required(),
  frameId: string().nullable().defined(),
  name: string().required(),
  type: string().oneOf(SCAN_TYPES).required(),
  bytes: number().integer().positive().required(),
  width: number().integer().positive().required(),
  height: number().integer().positive().required(),
  tones: object({ middle: share(), darkShare: share(), lightShare: share() }).required(),
  addedAt: string().required()
}).required();
