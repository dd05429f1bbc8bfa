// Loading a film, and what can be changed about it, in request bodies.
import { boolean, number, object, string } from 'yup';

/** A film put into a camera. */
export const newLoadSchema = object({
  id: string().required().max(64),
  cameraId: string().required().max(64),
  filmId: string().required().max(64),
  framesTotal: number().integer().min(1).max(999).required(),
  /** Load it although something stands in the way that a person can find a way around. */
  anyway: boolean().optional()
}).required();

/** What can be changed about a load. */
export const loadEditSchema = object({
  finished: boolean().optional(),
  side: number<1 | 2>().oneOf([1, 2]).optional()
}).required();
