// The page of numbers: sums of the database, and the causes that the engine sees behind frames that went wrong.
import { likelyCauses, type Cause } from '#core/learn/causes.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Repositories } from '../repositories.ts';
import type { Numbers } from './numbers.ts';
import { takenWith } from './taken-with.ts';

/** Frames whose causes are counted: the latest ones. */
const CAUSES_OF = 300;

function causesOf(store: Repositories): Numbers['causes'] {
  const counts = new Map<Cause['cause'], number>();
  const look = takenWith(store);
  const lists = new Map<string, readonly Frame[]>();
  const framesOf = (loadId: string): readonly Frame[] => {
    const list = lists.get(loadId) ?? store.frames.listByLoad(loadId);
    lists.set(loadId, list);
    return list;
  };
  for (const id of store.numbers.wrong(CAUSES_OF)) {
    const frame = store.frames.find(id);
    const taken = frame && look(frame);
    const judgement = store.judgements.find(id);
    if (!taken || !judgement) continue;
    const { camera, film } = taken;
    const before = framesOf(frame.loadId).filter((f) => f.number < frame.number);
    const [first] = likelyCauses({ camera, film, frame, before, judgement });
    if (first) counts.set(first.cause, (counts.get(first.cause) ?? 0) + 1);
  }
  return [...counts]
    .map(([what, frames]) => ({ what, frames }))
    .sort((a, b) => b.frames - a.frames || (a.what < b.what ? -1 : 1));
}

/** The sums of a store. */
export function readNumbers(store: Repositories): Numbers {
  return {
    pairs: store.numbers.pairs().flatMap((row) => {
      const camera = store.cameras.find(row.camera_id)?.value;
      const film = store.films.find(row.film_id)?.value;
      if (!camera || !film) return [];
      const cost = film.price === null || row.keepers === 0 ? null : (film.price * row.films) / row.keepers;
      return [
        {
          ...{ cameraName: camera.name, filmName: film.name, judged: row.judged, keepers: row.keepers },
          costPerKeeper: cost
        }
      ];
    }),
    months: store.numbers.months(),
    faults: store.numbers.faults(),
    causes: causesOf(store)
  };
}
