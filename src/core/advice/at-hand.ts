// What of the kit a remedy may use.
import type { FlashUnit } from '../camera/traits.ts';
import type { Film } from '../film/film.ts';
import type { Thing } from '../kit/thing.ts';
import type { CoursePoint } from '../sky/events.ts';

/** What is at hand beside the pair. */
export interface AtHand {
  readonly films: readonly Film[];
  /** Filters by name and strength, stops. */
  readonly filters: readonly { readonly name: string; readonly stops: number }[];
  /** Flashes that can be put on a camera. */
  readonly flashes: readonly FlashUnit[];
  /** How the light will go on, ascending in time; empty = not known. */
  readonly course: readonly CoursePoint[];
}

/** Grey filters that photographers commonly own, stops: offered while the kit has none. Common practice, no source. */
const COMMON_STOPS = [1, 2, 3, 6] as const;

/**
 * What a kit offers. Of filters with the same strength the first stands for all.
 * @param films those that may be loaded @param things of the bag; without a filter among them the common strengths are offered
 * @param course the light still to come, ascending; empty = not known
 * @returns what remedies may reach for
 */
export function atHandFrom(
  films: readonly Film[],
  things: readonly Thing[],
  course: readonly CoursePoint[] = []
): AtHand {
  const owned = things.flatMap(({ name, data }) =>
    data.kind === 'filter' ? [{ name, stops: data.stops }] : []
  );
  const filters = owned.filter((f, i) => owned.findIndex((g) => g.stops === f.stops) === i);
  return {
    films,
    course,
    filters: filters.length > 0 ? filters : COMMON_STOPS.map((stops) => ({ name: '', stops })),
    flashes: things.flatMap(({ name, data }) => (data.kind === 'flash' ? [{ ...data, name }] : []))
  };
}
