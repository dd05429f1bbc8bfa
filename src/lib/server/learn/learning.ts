// What judged frames teach: what is known of a camera now, and taking a bias up or back.
import { likelyCauses, type Cause } from '#core/learn/causes.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { sideOf } from '#core/learn/outcome-side.ts';
import type { JudgedFrame } from '#core/learn/observe.ts';
import type { Load } from '#core/log/load.ts';
import type { Moment } from '#core/sky/moment.ts';
import type { Repositories } from '../repositories.ts';

/** A judged frame that did not come right, with why, likely. */
export interface Explained {
  readonly frameId: string;
  readonly number: number;
  readonly judgement: Judgement;
  readonly causes: readonly Cause[];
}

/** Why the judged frames of a film came out as they did, drawn from them, the frames before and the film before. */
export function explainedOf(
  store: Repositories,
  load: Load,
  judged: readonly JudgedFrame[]
): readonly Explained[] {
  const earlier = store.loads.before(load);
  const frames = [
    ...(earlier ? store.frames.listByLoad(earlier.id) : []),
    ...store.frames.listByLoad(load.id)
  ];
  return judged
    .filter(({ frame }) => frame.loadId === load.id)
    .map(({ frame, camera, film, judgement }) => ({
      ...{ frameId: frame.id, number: frame.number, judgement },
      causes: likelyCauses({
        ...{ camera, film, frame, judgement },
        before: frames.filter(
          (f) => f.id !== frame.id && (f.loadId === frame.loadId ? f.number < frame.number : true)
        )
      })
    }))
    .filter(
      ({ causes, judgement }) => causes.length > 0 && (isWrong(judgement) || judgement.faults.length > 0)
    )
    .sort((a, b) => a.number - b.number);
}

const isWrong = (judgement: Judgement): boolean => sideOf(judgement.outcome) !== 'right';

/** A bias to take up. */
export interface NewBias {
  readonly stops: number;
  /** Null = by the camera's condition. */
  readonly sd: number | null;
  /** Judged frames there are now. */
  readonly frames: number;
}

/** Takes a bias up: every answer uses it from now on, and how it was is kept. @returns false when there is no such camera */
export function takeUpBias(store: Repositories, cameraId: string, bias: NewBias, now: Moment): boolean {
  return store.together(() => {
    const camera = store.cameras.find(cameraId)?.value;
    if (!camera) return false;
    store.cameras.change(
      { ...camera, biasStops: bias.stops, toleranceStops: bias.sd },
      { what: 'bias', since: now }
    );
    store.judgements.note(cameraId, {
      changedAt: now,
      ...{ fromStops: camera.biasStops, fromSd: camera.toleranceStops },
      ...{ toStops: bias.stops, toSd: bias.sd, frames: bias.frames }
    });
    return true;
  });
}
