import { filmLines } from '#server/log/film-lines.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The films to export: the one that was looked at first, else the one in use, else the latest. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const asked = url.searchParams.get('film');
  const chosen =
    (asked === null ? null : s.loads.find(asked)) ?? s.loads.inUse() ?? s.loads.latest(1)[0] ?? null;
  const lines = filmLines(s, chosen);
  const scans = lines.map(({ loadId }) => [loadId, s.scans.ofLoad(loadId).length] as const);
  return { lines, shown: chosen?.id ?? null, scans: Object.fromEntries(scans) };
};
