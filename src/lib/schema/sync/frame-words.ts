// Parts that changes and the conflicts about them share.
import { array, number, object, string } from 'yup';

/** What can be changed about a frame from a phone. */
export const frameWordsSchema = object({
  number: number().integer().min(1).max(9999).required(),
  note: string().max(2000).defined()
}).required();

/** The owner's own words before each press. */
export const linesSchema = array(string().defined().max(200)).max(20).required();
