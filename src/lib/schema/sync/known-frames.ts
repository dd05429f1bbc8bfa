// Which frames the server knows: asked by a phone that carries more than it is given.
import { array, object, string } from 'yup';
import { MOST_ASKED } from './limits.ts';

const ids = () =>
  array(string().required().max(64))
    .max(MOST_ASKED, `At most ${MOST_ASKED} frames are asked about.`)
    .required();

/** Frames by their ids. */
export const knownFramesSchema = object({ ids: ids() }).required();
/** Those of them that the server never stored. */
export const unknownFramesSchema = object({ unknown: ids() }).required();
