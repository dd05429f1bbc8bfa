// The owner's own words before each press.
import { array, string } from 'yup';

/** At most twenty lines. */
export const linesSchema = array(string().defined().max(200)).max(20).required();
