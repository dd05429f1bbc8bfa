import { filmLines } from '#server/log/film-lines.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The scans of one film: the one asked for, else the one in use, else the latest. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const asked = url.searchParams.get('film');
  const chosen =
    (asked === null ? null : s.loads.find(asked)) ?? s.loads.inUse() ?? s.loads.latest(1)[0] ?? null;
  const frames = chosen ? s.frames.listByLoad(chosen.id) : [];
  return {
    pair: chosen && pairOf(s, chosen),
    ...{ frames, pictured: s.pictures.among(frames.map((f) => f.id)) },
    scans: chosen ? s.scans.ofLoad(chosen.id) : [],
    lines: filmLines(s, chosen)
  };
};
