// What a page of found frames needs: the frames, how they were judged, and what they were taken with.
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import type { Frame } from '#core/log/frame.ts';
import type { FrameFilter } from '#schema/log/frame-filter.ts';
import type { Repositories } from '../repositories.ts';
import { takenWith } from './taken-with.ts';

/** Frames on a page: the longest roll with the frames at its ends, whole. Each costs the server a third of a millisecond. */
export const PAGE = 40;

/** What a frame was taken with. */
export interface FrameWith {
  readonly camera: Camera;
  readonly film: Film;
}

/** A page of frames with what belongs to them. */
export interface Found {
  readonly frames: readonly Frame[];
  readonly judgements: readonly Judgement[];
  /** Camera and film as they were, of each frame in turn; null where that is not stored. */
  readonly with: readonly (FrameWith | null)[];
  readonly more: boolean;
}

/** A stretch of the frames of one film, which may have more than a page holds. */
export interface Part {
  /** 1 for the first. */
  readonly part: number;
  /** The numbers of its first and last frame. */
  readonly from: number;
  readonly to: number;
}

/** The stretches of some frames, in their order; none when one page holds them. */
export function partsOf(frames: readonly Frame[]): readonly Part[] {
  if (frames.length <= PAGE) return [];
  return Array.from({ length: Math.ceil(frames.length / PAGE) }, (_, i) => {
    const [first, last] = [frames[i * PAGE], frames[Math.min(frames.length, (i + 1) * PAGE) - 1]];
    return { part: i + 1, from: first?.number ?? 0, to: last?.number ?? 0 };
  });
}

/** The frames of a part. @param asked as an address has it; what is no part is the first */
export function partFrom(frames: readonly Frame[], asked: string | null): readonly Frame[] {
  const last = Math.max(1, Math.ceil(frames.length / PAGE));
  const wanted = Number(asked);
  const part = Number.isInteger(wanted) && wanted >= 1 ? Math.min(wanted, last) : 1;
  return frames.slice((part - 1) * PAGE, part * PAGE);
}

/** Frames with their judgements and what each was taken with. */
export function asFound(store: Repositories, frames: readonly Frame[], more: boolean): Found {
  const look = takenWith(store);
  return {
    frames,
    judgements: store.judgements.ofFrames(frames.map((f) => f.id)),
    with: frames.map((frame) => {
      const taken = look(frame);
      return taken && { camera: taken.camera, film: taken.film };
    }),
    more
  };
}

/** A page of frames that fit. */
export function findFrames(store: Repositories, filter: FrameFilter): Found {
  const { frames, more } = store.search.find(filter, PAGE);
  return asFound(store, frames, more);
}
