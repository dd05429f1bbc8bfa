import { isInstant } from '#core/film/film.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import { zoneHere } from '#core/sky/zone.ts';
import { readFindLine } from '#schema/log/find-line.ts';
import { filterFromQuery, isFiltering } from '#schema/log/frame-filter.ts';
import { filmAskedOrLatest } from '#server/kit/in-use.ts';
import { filmLines, filmPage } from '#server/log/film-lines.ts';
import { partFrom, partsOf, asFound } from '#server/log/found.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** Frames that are looked for, over all films; else those of one film: the one asked for, else the one in use, else the latest. */
export const load: PageServerLoad = async ({ url, cookies }) => {
  const s = store();
  const asForm = filterFromQuery(url.searchParams);
  const { problems } = asForm;
  const cameras = s.cameras.list().map(({ value }) => [value.id, value.name] as const);
  const stocks = s.films.list().map(({ value }) => [value.id, value.name] as const);
  const tags = s.frames.tags();
  const find = url.searchParams.get('find')?.trim().slice(0, 200) ?? '';
  const { place } = s.settings.read();
  const line = readFindLine(find, {
    ...{ cameras, stocks, tags },
    today: wallClock(Date.now(), place?.zone ?? zoneHere()).date,
    south: (place?.latitude ?? 0) < 0
  });
  const filter = { ...asForm.filter, ...line.filter };
  const looking = isFiltering(filter) || find !== '';
  const asked = filter.loadId === null ? null : s.loads.find(filter.loadId);
  const chosen = looking ? null : filmAskedOrLatest(s, { url, cookies });
  const ofFilm = chosen ? s.frames.listByLoad(chosen.id) : [];
  const found = chosen
    ? asFound(s, partFrom(ofFilm, url.searchParams.get('part')), false)
    : await s.reading.ask('found', looking ? filter : { ...filter, loadId: 'none' });
  const films = filmPage(s, url.searchParams.get('films'));
  const { frames, judgements, with: taken, more } = found;
  return {
    ...{ find, understood: line.understood },
    ...{ filter, problems, looking, frames, judgements, taken, more },
    load: chosen,
    isInstant: chosen !== null && isInstant(s.films.find(chosen.filmId)?.value.kind ?? 'negative-bw'),
    shown: chosen?.id ?? null,
    parts: partsOf(ofFilm),
    lines: filmLines(s, chosen ?? asked, films),
    films,
    scans: s.scans.ofFrames(frames.map((f) => f.id)),
    pictured: s.pictures.among(frames.map((f) => f.id)),
    ...{ cameras, stocks, tags }
  };
};
