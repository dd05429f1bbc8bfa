import { filmAsked } from '#server/kit/in-use.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { takenWith } from '#server/log/taken-with.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The frames of a film for their labels: the one asked for, else the one in use. */
export const load: PageServerLoad = ({ url, cookies }) => {
  const s = store();
  const chosen = filmAsked(s, { url, cookies });
  const frames = chosen ? s.frames.listByLoad(chosen.id) : [];
  // the names that camera and film had when the frame was taken
  return { labelled: chosen && pairOf(s, chosen), frames, taken: frames.map(takenWith(s)) };
};
