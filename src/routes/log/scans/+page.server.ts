import { filmLines } from '#server/log/film-lines.ts';
import { filmAskedOrLatest } from '#server/kit/in-use.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The scans of one film: the one asked for, else the one in use, else the latest. */
export const load: PageServerLoad = ({ url, cookies }) => {
  const s = store();
  const chosen = filmAskedOrLatest(s, { url, cookies });
  const frames = chosen ? s.frames.listByLoad(chosen.id) : [];
  return {
    pair: chosen && pairOf(s, chosen),
    ...{ frames, pictured: s.pictures.among(frames.map((f) => f.id)) },
    scans: chosen ? s.scans.ofLoad(chosen.id) : [],
    lines: filmLines(s, chosen)
  };
};
