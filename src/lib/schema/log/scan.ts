// Which scan shows which frame, in a request body; and scans as they are answered.
import { array, boolean, number, object, string } from 'yup';
import { SCAN_TYPES } from '#core/log/scan.ts';
import { MOST_CUT, TURNS } from '#core/log/scan-shown.ts';

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

const cutOff = () => number().min(0).max(MOST_CUT).required();

/** How a scan is looked at. */
export const scanShownSchema = object({
  turn: number().oneOf(TURNS).required(),
  negative: boolean().required(),
  cut: object({ left: cutOff(), top: cutOff(), right: cutOff(), bottom: cutOff() })
    .required()
    .test(
      'something-stays',
      'cuts everything off: between two sides a tenth must stay',
      ({ left, top, right, bottom }) => left + right <= MOST_CUT && top + bottom <= MOST_CUT
    )
}).required();

/** What is asked of a scan: how it is looked at, or which film it is of. */
export const scanEditSchema = object({
  shown: scanShownSchema.optional().default(undefined),
  loadId: string().max(64).optional()
})
  .noUnknown()
  .required();

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
  shown: scanShownSchema.optional().default(undefined),
  addedAt: string().required()
}).required();
