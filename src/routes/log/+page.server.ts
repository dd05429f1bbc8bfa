import { pairOf } from '#server/pairs.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The frames of one film: the one the address names (`film=`), else the one in hand, else the latest. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const loads = s.loads.list();
  const asked = url.searchParams.get('film');
  const chosen = loads.find((l) => l.id === asked) ?? s.loads.inHand() ?? loads[0] ?? null;
  return {
    loads: loads.flatMap((load) => {
      const pair = pairOf(s, load);
      return pair ? [{ id: load.id, loadedAt: load.loadedAt, pair }] : [];
    }),
    shown: chosen && pairOf(s, chosen),
    frames: chosen ? s.frames.listByLoad(chosen.id) : []
  };
};
