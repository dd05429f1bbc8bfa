import { filmAskedOrLatest } from '#server/kit/in-use.ts';
import { filmLines } from '#server/log/film-lines.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The films to export: the one that was looked at first, else the one in use, else the latest. */
export const load: PageServerLoad = ({ url, cookies }) => {
  const s = store();
  const chosen = filmAskedOrLatest(s, { url, cookies });
  const lines = filmLines(s, chosen);
  const scans = lines.map(({ loadId }) => [loadId, s.scans.ofLoad(loadId).length] as const);
  return { lines, shown: chosen?.id ?? null, scans: Object.fromEntries(scans) };
};
