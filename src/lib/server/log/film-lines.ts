// Films as lines: what is in which camera, how far it is, and how each frame came out.
import type { Load } from '#core/log/load.ts';
import type { Moment } from '#core/sky/moment.ts';
import type { Repositories } from '../repositories.ts';

/** A pack, roll or reel with its strip of frames. */
export interface FilmLine {
  readonly loadId: string;
  readonly cameraName: string;
  readonly filmName: string;
  readonly framesTotal: number;
  readonly firstNumber: number;
  readonly loadedAt: Moment;
  readonly finished: boolean;
  /** Frames that were logged, by number, with how they came out; null = not judged. */
  readonly strip: readonly {
    readonly number: number;
    readonly verdict: 'dark' | 'right' | 'light' | null;
  }[];
}

/** Films shown at a time. */
const LINES = 24;

/** The films loaded last, the latest first, with one more that is asked for. */
export function filmLines(store: Repositories, also: Load | null): readonly FilmLine[] {
  const latest = store.loads.latest(LINES);
  const loads = also && !latest.some((l) => l.id === also.id) ? [also, ...latest] : latest;
  const strips = store.frames.strips(loads.map((l) => l.id));
  return loads.flatMap((load) => {
    const camera = store.cameras.find(load.cameraId)?.value;
    const film = store.films.find(load.filmId)?.value;
    if (!camera || !film) return [];
    return {
      ...{ loadId: load.id, cameraName: camera.name, filmName: film.name, framesTotal: load.framesTotal },
      firstNumber: load.firstNumber,
      ...{ loadedAt: load.loadedAt, finished: load.finishedAt !== null },
      strip: strips.get(load.id) ?? []
    };
  });
}
