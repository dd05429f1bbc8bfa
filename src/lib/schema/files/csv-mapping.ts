// Which column of a CSV stands for what, in a request body.
import { object, string } from 'yup';

const column = () => string().max(200).defined();

/** '' = no column stands for it. */
export const csvMappingSchema = object({
  loadId: string().required('Choose the film that the frames are on.').max(64),
  mapping: object({
    number: column().min(1, 'Say which column holds the frame’s number.').required(),
    ...{ date: column(), time: column() },
    light: column(),
    ...{ zone: column(), aperture: column(), shutter: column() },
    ...{ guess: column(), set: column(), held: column(), heard: column(), place: column() },
    ...{ subject: column(), reason: column(), tags: column(), note: column() }
  }).required()
}).required();
