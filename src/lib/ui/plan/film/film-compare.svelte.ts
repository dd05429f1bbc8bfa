// Films compared for a camera and a place: what is asked, and what the worker answers.
import { misfitsOf } from '#core/camera/fits.ts';
import type { Camera } from '#core/camera/camera.ts';
import { setsItself } from '#core/camera/camera.ts';
import { PLAIN } from '#core/error/circumstances.ts';
import type { Film } from '#core/film/film.ts';
import { withUsualFocus } from '#core/focus/focused.ts';
import type { Thing } from '#core/kit/thing.ts';
import { DAY_HOURS, type ChanceMap, type MapDays } from '#core/plan/chance-map.ts';
import type { PlanPair } from '#core/plan/serving.ts';
import type { ChancesAnswer, ChancesQuestion } from '../../../../workers/chances.ts';
import { WorkerLine } from '../../worker/line.ts';

/** A film, with a filter or without, for one camera. */
export interface FilmVariant {
  readonly key: string;
  readonly film: Film;
  /** Stops of the filter and its name; null = none. */
  readonly filter: { readonly name: string; readonly stops: number } | null;
}

/** So many are compared at most: each takes a third of a second for a year. */
const MOST = 12;

/** The films that fit a camera, bare, then with each filter of the bag. */
export function variantsFor(
  camera: Camera,
  films: readonly Film[],
  things: readonly Thing[]
): readonly FilmVariant[] {
  const fitting = films.filter((f) => misfitsOf(camera, f).length === 0);
  const filters = things.flatMap(({ name, data }) =>
    data.kind === 'filter' ? [{ name, stops: data.stops }] : []
  );
  const bare = fitting.map((film): FilmVariant => ({ key: film.id, film, filter: null }));
  const filtered = fitting.flatMap((film) =>
    filters.map((filter): FilmVariant => ({ key: `${film.id} ${filter.name} ${filter.stops}`, film, filter }))
  );
  return [...bare, ...filtered].slice(0, MOST);
}

/** A variant as it is asked about. */
export function pairOfVariant(
  camera: Camera,
  { film, filter }: FilmVariant,
  { leastChance, steadiness }: { readonly leastChance: number; readonly steadiness: number }
): PlanPair {
  const place = setsItself(camera) ? 'lens-and-eye' : 'lens';
  return {
    situation: {
      ...{ camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal' },
      ...(steadiness === 1 ? {} : { steadiness }),
      circumstances: { ...PLAIN, filters: filter ? [{ ...filter, place }] : [] }
    },
    present: withUsualFocus(camera, {}),
    ...{ atHand: { films: [], filters: [], flashes: [], course: [] }, leastChance }
  };
}

/** Mean chance of each hour over all days, for a table. */
export function meanByHour(chances: Float32Array): readonly number[] {
  return Array.from({ length: DAY_HOURS }, (_, hour) => {
    const all = [...chances].filter((c, i) => i % DAY_HOURS === hour && !Number.isNaN(c));
    return all.length === 0 ? 0 : all.reduce((sum, c) => sum + c, 0) / all.length;
  });
}

/** A day without its year: "1 Nov". @param date YYYY-MM-DD */
function dayName(date: string): string {
  const words = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
  return words.format(Date.parse(`${date}T00:00:00Z`));
}

/** Columns of the drawing: days, or weeks where there are more than two months of them. */
export function columnsOf(
  dates: readonly string[],
  chances: Float32Array
): readonly { readonly name: string; readonly hours: readonly number[] }[] {
  const width = dates.length > 62 ? 7 : 1;
  const count = Math.ceil(dates.length / width);
  return Array.from({ length: count }, (_, i) => {
    const days = chances.slice(i * width * DAY_HOURS, (i + 1) * width * DAY_HOURS);
    return { name: dayName(dates[i * width] ?? ''), hours: meanByHour(days) };
  });
}

/** The comparison on a page. */
export class FilmComparison {
  map = $state.raw<ChanceMap | null>(null);
  /** How far the answer is, 0…1; null = none is on its way. */
  progress = $state.raw<number | null>(null);
  trouble = $state('');
  readonly #line = new WorkerLine<ChancesQuestion, ChancesAnswer>(
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
    () => new Worker(new URL('../../../../workers/chances.ts', import.meta.url), { type: 'module' })
  );
  #back: () => void = () => undefined;

  /** Ends the worker. */
  stop(): void {
    this.#line.stop();
  }

  /** Breaks off what is under way; what was there stays. */
  cancel(): void {
    this.#back();
    this.progress = null;
  }

  /** Asks for the chances of some pairs. */
  ask(pairs: readonly PlanPair[], span: MapDays): void {
    this.#back();
    this.progress = 0;
    this.trouble = '';
    this.#back = this.#line.ask(
      { pairs, span },
      {
        part: (answer) => {
          if (answer.part === 'share') this.progress = answer.share;
          else this.map = answer;
        },
        done: () => (this.progress = null),
        failed: (words) => {
          this.progress = null;
          this.trouble = words;
        }
      }
    );
  }
}
