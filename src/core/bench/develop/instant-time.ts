// How long an instant picture develops, by the temperature of the air: a table for each film, as its box prints it, and read between
// its rows. The starting tables are common practice, no source; the film's own sheet comes first.
import type { Film } from '../../film/film.ts';

/** One row. */
export interface DevelopingRow {
  readonly temperatureC: number;
  readonly seconds: number;
}

/** Peel-apart film is pulled apart after that time; integral film is kept covered that long. */
export type InstantWay = 'peel' | 'cover';

/**
 * How an instant film develops; null = it is none.
 * @returns `peel` for pack film that is pulled apart, `cover` for what develops by itself
 */
export function instantWay({ kind, formats }: Film): InstantWay | null {
  if (kind !== 'instant-colour' && kind !== 'instant-bw') return null;
  return formats.includes('pack') ? 'peel' : 'cover';
}

/** Starting tables. Common practice, no source. */
const STARTS: Readonly<
  Record<InstantWay, Readonly<Record<'instant-colour' | 'instant-bw', readonly DevelopingRow[]>>>
> = {
  peel: {
    'instant-colour': [
      { temperatureC: 13, seconds: 150 },
      { temperatureC: 18, seconds: 120 },
      { temperatureC: 24, seconds: 90 }
    ],
    'instant-bw': [
      { temperatureC: 7, seconds: 120 },
      { temperatureC: 15, seconds: 45 },
      { temperatureC: 21, seconds: 30 }
    ]
  },
  cover: {
    'instant-colour': [
      { temperatureC: 13, seconds: 1200 },
      { temperatureC: 20, seconds: 900 },
      { temperatureC: 28, seconds: 600 }
    ],
    'instant-bw': [
      { temperatureC: 13, seconds: 600 },
      { temperatureC: 20, seconds: 420 },
      { temperatureC: 28, seconds: 300 }
    ]
  }
};

/** The table of a film: its own, or the usual one of its kind. @returns null where it is no instant film */
export function developingTable(film: Film): readonly DevelopingRow[] | null {
  const way = instantWay(film);
  if (way === null) return null;
  if (film.developing !== undefined && film.developing.length > 0) return film.developing;
  return STARTS[way][film.kind === 'instant-bw' ? 'instant-bw' : 'instant-colour'];
}

/** A time from a table. */
export interface DevelopingTime {
  readonly seconds: number;
  /** Whether the table ends before that temperature: the time of its last row, which may be wrong. */
  readonly isBeyond: boolean;
}

/**
 * The time at a temperature: even steps of the logarithm between two rows.
 * @param rows at least one, rising in temperature
 * @throws {RangeError} without a row
 */
export function developingTime(rows: readonly DevelopingRow[], temperatureC: number): DevelopingTime {
  const [first, last] = [rows[0], rows.at(-1)];
  if (!first || !last) throw new RangeError('at least one row is needed');
  if (temperatureC <= first.temperatureC)
    return { seconds: first.seconds, isBeyond: temperatureC < first.temperatureC };
  if (temperatureC >= last.temperatureC)
    return { seconds: last.seconds, isBeyond: temperatureC > last.temperatureC };
  const at = rows.findIndex((r) => r.temperatureC >= temperatureC);
  const [before, after] = [rows[at - 1] ?? first, rows[at] ?? last];
  const share = (temperatureC - before.temperatureC) / (after.temperatureC - before.temperatureC);
  return { seconds: before.seconds * (after.seconds / before.seconds) ** share, isBeyond: false };
}
