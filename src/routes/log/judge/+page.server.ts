import { learnFrom } from '#core/learn/observe.ts';
import { judgedFramesOf } from '#server/learning.ts';
import { pairOf } from '#server/pairs.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The frames of one film to be judged, and what all judged frames of its camera say about it. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const asked = url.searchParams.get('film');
  const chosen = s.loads.list().find((l) => l.id === asked) ?? s.loads.inHand();
  const pair = chosen && pairOf(s, chosen);
  if (!chosen || !pair) return { pair: null, frames: [], judgements: [], scans: [], says: null, history: [] };
  const judged = judgedFramesOf(s, pair.camera.id);
  const { camera, withBatch } = learnFrom(pair.camera, judged);
  return {
    pair,
    frames: s.frames.listByLoad(chosen.id),
    scans: s.scans.ofLoad(chosen.id),
    judgements: judged.map((j) => j.judgement),
    says: { camera, withFilm: withBatch.get(pair.film.id) ?? null, frames: judged.length },
    history: s.judgements.history(pair.camera.id)
  };
};
