// The page of numbers: keepers, what they cost, what went wrong and why, likely, over all judged frames. The sums of a film whose
// frames did not change are kept. A keeper is a frame judged right, or within a stop of it, without a fault.
import { likelyCauses, type Cause } from '#core/learn/causes.ts';
import { isKeeper, sideOf } from '#core/learn/outcome-side.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import type { Repositories } from '../repositories.ts';
import type { Counted, FilmSum, MonthSums } from './film-sums.ts';
import { takenWith } from './taken-with.ts';

/** Sums of one camera with one film, by name. */
export interface PairSums {
  readonly cameraName: string;
  readonly filmName: string;
  readonly judged: number;
  readonly keepers: number;
  /** What a keeper cost, in the person's currency; null = the film has no price, or nothing was kept. */
  readonly costPerKeeper: number | null;
}

/** Everything of the page. */
export interface Numbers {
  readonly pairs: readonly PairSums[];
  readonly months: readonly MonthSums[];
  readonly faults: readonly Counted<string>[];
  readonly causes: readonly Counted<Cause['cause']>[];
}

/** Films summed at a time: between them others may write. */
const AT_ONCE = 5;

/** What the judged frames of a film come to. */
function sumsOf(store: Repositories, loadId: string): readonly FilmSum[] {
  const frames = store.frames.listByLoad(loadId);
  const judgements = new Map(store.judgements.ofFrames(frames.map((f) => f.id)).map((j) => [j.frameId, j]));
  const look = takenWith(store);
  const sums = new Map<string, FilmSum>();
  const count = (kind: FilmSum['kind'], what: string, keeper: boolean): void => {
    const before = sums.get(`${kind} ${what}`) ?? { kind, what, frames: 0, keepers: 0 };
    const keepers = before.keepers + (keeper ? 1 : 0);
    sums.set(`${kind} ${what}`, { ...before, frames: before.frames + 1, keepers });
  };
  for (const frame of frames) {
    const judgement = judgements.get(frame.id);
    if (!judgement) continue;
    const { outcome, faults } = judgement;
    const [side, keeper] = [sideOf(outcome), isKeeper(outcome, faults)];
    count(
      'month',
      wallClock(Date.parse(frame.takenAt.at), frame.takenAt.zone).date.slice(0, 'YYYY-MM'.length),
      keeper
    );
    if (side !== 'right') count('side', side, keeper);
    for (const fault of new Set(faults)) count('fault', fault, keeper);
    const taken = side === 'right' && faults.length === 0 ? null : look(frame);
    if (!taken) continue;
    const { camera, film } = taken;
    const before = frames.filter((f) => f.number < frame.number);
    const [first] = likelyCauses({ camera, film, frame, before, judgement });
    if (first) count('cause', first.cause, keeper);
  }
  return [...sums.values()];
}

/** Sums the films that changed since they were summed. */
export function sumFilms(store: Repositories): void {
  for (;;) {
    const some = store.numbers.stale(AT_ONCE);
    if (some.length === 0) return;
    // read and kept as one: what is written meanwhile makes the film stale again
    store.together(() => {
      for (const loadId of some) store.numbers.put(loadId, sumsOf(store, loadId));
    });
  }
}

/** The sums of a store. */
export function readNumbers(store: Repositories): Numbers {
  sumFilms(store);
  return {
    pairs: store.numbers.pairs().flatMap((row) => {
      const camera = store.cameras.find(row.cameraId)?.value;
      const film = store.films.find(row.filmId)?.value;
      if (!camera || !film) return [];
      const cost = film.price === null || row.keepers === 0 ? null : (film.price * row.films) / row.keepers;
      const { judged, keepers } = row;
      return [{ cameraName: camera.name, filmName: film.name, judged, keepers, costPerKeeper: cost }];
    }),
    months: store.numbers.months(),
    faults: store.numbers.faults(),
    causes: store.numbers.causes()
  };
}
