// What a page of found frames needs: the frames, how they were judged, and the pairs they were taken with.
import type { Judgement } from '#core/learn/judgement.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Pair } from '#core/log/pair.ts';
import { dayBounds } from '#core/sky/wall-clock.ts';
import type { FrameFilter } from '#schema/frame-filter.ts';
import type { FrameSearch } from './frame-search.ts';
import { pairOf } from './pairs.ts';
import type { Store } from './store.ts';

/** Frames on a page. */
export const PAGE = 60;

/** A page of frames with what belongs to them. */
export interface Found {
  readonly frames: readonly Frame[];
  readonly judgements: readonly Judgement[];
  /** By load; a frame's pair may be missing when its camera or film is gone. */
  readonly pairs: readonly Pair[];
  readonly more: boolean;
}

const iso = (ms: number): string => new Date(ms).toISOString();

/** The filter with its days as moments by the clocks of a zone. */
export function searchOf(filter: FrameFilter, zone: string): FrameSearch {
  return {
    ...filter,
    from: filter.fromDay === null ? null : iso(dayBounds(filter.fromDay, zone).fromMs),
    until: filter.toDay === null ? null : iso(dayBounds(filter.toDay, zone).toMs)
  };
}

/** Frames with their judgements and pairs. */
export function withPairs(store: Store, frames: readonly Frame[], more: boolean): Found {
  const loads = [...new Set(frames.map((f) => f.loadId))].flatMap((id) => store.loads.find(id) ?? []);
  return {
    frames,
    judgements: store.judgements.ofFrames(frames.map((f) => f.id)),
    pairs: loads.flatMap((load) => pairOf(store, load) ?? []),
    more
  };
}

/** A page of frames that fit, by the clocks of the place that was last summed up. */
export function findFrames(store: Store, filter: FrameFilter): Found {
  const zone = store.settings.read().place?.zone ?? 'UTC';
  const { frames, more } = store.search.find(searchOf(filter, zone), PAGE);
  return withPairs(store, frames, more);
}
