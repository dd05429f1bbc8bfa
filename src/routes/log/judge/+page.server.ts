import { filmAsked } from '#server/kit/in-use.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

const NOTHING = {
  ...{ pair: null, films: {}, frames: [], judgements: [], scans: [] },
  ...{ explained: [], says: null, hand: null, judging: null, history: [], plan: [], minutes: null }
};

/** The frames of one film to be judged, and what all judged frames of its camera say about it. */
export const load: PageServerLoad = async ({ url, cookies }) => {
  const s = store();
  const chosen = filmAsked(s, { url, cookies });
  return (chosen && (await s.reading.ask('judge', { loadId: chosen.id, nowMs: Date.now() }))) ?? NOTHING;
};
