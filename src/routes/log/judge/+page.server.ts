import { judgeFilm } from '#server/learn/judge-film.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

const NOTHING = {
  ...{ pair: null, films: {}, frames: [], judgements: [], scans: [] },
  ...{ explained: [], says: null, hand: null, judging: null, history: [], plan: [], minutes: null }
};

/** The frames of one film to be judged, and what all judged frames of its camera say about it. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const asked = url.searchParams.get('film');
  const chosen = (asked === null ? null : s.loads.find(asked)) ?? s.loads.inUse();
  const pair = chosen && pairOf(s, chosen);
  return chosen && pair ? judgeFilm(s, chosen, pair, Date.now()) : NOTHING;
};
