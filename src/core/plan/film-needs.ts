// How much film an outing needs, and what that costs.
import type { Film } from '../film/film.ts';
import type { OutingPair, StopWay } from './stop-ways.ts';

/** Film that an outing needs in one camera. */
export interface FilmNeed {
  /** Of the pair. */
  readonly key: string;
  readonly film: Film;
  readonly presses: number;
  /** Frames left of it in the camera. */
  readonly left: number;
  /** Packs or rolls to bring beside. */
  readonly packs: number;
  /** Of all presses, in the currency of the film's price; null = no price is entered. */
  readonly cost: number | null;
}

/** The film that frames take, by camera and film. @param stops how often is pressed in which way */
export function filmNeeds(
  stops: readonly { readonly presses: number; readonly way: StopWay }[],
  pairs: readonly OutingPair[]
): readonly FilmNeed[] {
  const needs = new Map<
    string,
    { readonly key: string; readonly film: Film; readonly left: number; presses: number }
  >();
  for (const { presses, way } of stops) {
    const outing = pairs.find((p) => p.key === way.key);
    if (!outing) continue;
    const other = way.steps.flatMap((s) => (s.kind === 'film' ? [s.film] : []))[0];
    const film = other ?? outing.pair.situation.film;
    const name = `${way.key} ${film.id}`;
    const need = needs.get(name) ?? {
      ...{ key: way.key, film, left: other ? 0 : outing.framesLeft },
      presses: 0
    };
    need.presses += presses;
    needs.set(name, need);
  }
  return [...needs.values()].map(({ key, film, left, presses }) => ({
    ...{ key, film, left, presses },
    packs: Math.ceil(Math.max(0, presses - left) / Math.max(1, film.frames)),
    cost: film.price === null || film.frames === 0 ? null : (presses * film.price) / film.frames
  }));
}
