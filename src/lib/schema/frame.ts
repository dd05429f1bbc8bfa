// Bodies of requests that log, change and restore frames.
import { number, object, string } from 'yup';
import { choiceSchema } from './choice.ts';
import { lightSchema } from './light.ts';

/** A frame to be logged. The id is made by the sender: the same id twice is the same frame. */
export const newFrameSchema = object({
  id: string()
    .required()
    .matches(/^[0-9a-zA-Z-]{8,64}$/, 'The frame id must be 8 to 64 letters, digits or hyphens.'),
  loadId: string().required().max(64),
  /** The number the sender saw on the button. */
  number: number().integer().min(1).max(9999).required(),
  light: lightSchema.required(),
  choice: choiceSchema,
  note: string().max(2000).defined()
});

/** What can be changed on a frame afterwards. */
export const frameEditSchema = object({
  number: number()
    .integer('A frame number is a whole number.')
    .min(1, 'A frame number is 1 or more.')
    .max(9999)
    .required(),
  note: string().max(2000, 'A note holds at most 2000 characters.').defined()
});
