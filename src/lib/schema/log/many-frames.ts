// A change of many frames at once, in a request body.
import { array, number, object, string, type InferType } from 'yup';
import { ABOUT_LIMITS } from './frame.ts';

/** Frames in one change at most. */
export const MOST_FRAMES = 500;

const tags = () =>
  array(
    string()
      .required()
      .max(ABOUT_LIMITS.tag, `A tag holds at most ${ABOUT_LIMITS.tag} characters.`)
      .matches(/^[^,\n]+$/, 'A tag holds no comma and no line break.')
  )
    .max(ABOUT_LIMITS.tags)
    .required();

/** What is done to all of them. */
export const manyEditSchema = object({
  act: string<'describe' | 'remove' | 'restore'>().oneOf(['describe', 'remove', 'restore']).required(),
  ids: array(string().required().max(64))
    .min(1, 'Choose at least one frame.')
    .max(MOST_FRAMES, `At most ${MOST_FRAMES} frames can be changed at once.`)
    .required(),
  /** The revision of each that was seen, in the order of the ids. */
  revisions: array(number().integer().min(1).required())
    .required()
    .test(
      'each',
      'Give the revision of each frame that was seen, in the order of the ids.',
      (all: readonly number[] | undefined, { parent }) => {
        const { ids } = parent as { readonly ids?: readonly unknown[] };
        return all?.length === ids?.length;
      }
    ),
  addTags: tags(),
  removeTags: tags(),
  /** Null = each keeps its own. */
  subject: string()
    .max(ABOUT_LIMITS.subject, `A subject holds at most ${ABOUT_LIMITS.subject} characters.`)
    .nullable()
    .defined()
}).required();

/** @see manyEditSchema */
export type ManyEdit = InferType<typeof manyEditSchema>;
