// Places where the light was summed up lately, with their zones: they need no gazetteer, so they are there without the server.
import type { NamedPlace } from '#core/ways/choice.ts';
import type { RecentFrame } from './recent.ts';

/** Places shown at most. */
const MOST = 4;

/** The latest places, each once by name, newest first. @param last where the light was last summed up; it is left out */
export function recentPlaces(recent: readonly RecentFrame[], last: NamedPlace | null): readonly NamedPlace[] {
  const places = recent.flatMap(({ frame: { light } }) =>
    light?.way.kind === 'sun' ? [light.way.place] : []
  );
  const seen = new Set(last ? [last.name] : []);
  return places.filter(({ name }) => !seen.has(name) && seen.add(name)).slice(0, MOST);
}
