import { filterFromQuery, isFiltering } from '#schema/log/frame-filter.ts';
import { filmLines } from '#server/log/film-lines.ts';
import { findFrames, partFrom, partsOf, withPairs } from '#server/log/found.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** Frames that are looked for, over all films; else those of one film: the one asked for, else the one in use, else the latest. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const { filter, problems } = filterFromQuery(url.searchParams);
  const looking = isFiltering(filter);
  const asked = filter.loadId === null ? null : s.loads.find(filter.loadId);
  const chosen = looking ? null : (asked ?? s.loads.inUse() ?? s.loads.latest(1)[0] ?? null);
  const ofFilm = chosen ? s.frames.listByLoad(chosen.id) : [];
  const found = chosen
    ? withPairs(s, partFrom(ofFilm, url.searchParams.get('part')), false)
    : findFrames(s, looking ? filter : { ...filter, loadId: 'none' });
  const { frames, judgements, pairs, with: taken, more } = found;
  return {
    ...{ filter, problems, looking, frames, judgements, framePairs: pairs, taken, more },
    load: chosen,
    shown: chosen?.id ?? null,
    parts: partsOf(ofFilm),
    lines: filmLines(s, chosen ?? asked),
    scans: s.scans.ofFrames(frames.map((f) => f.id)),
    cameras: s.cameras.list().map(({ value }) => [value.id, value.name] as const),
    stocks: s.films.list().map(({ value }) => [value.id, value.name] as const),
    tags: s.frames.tags()
  };
};
