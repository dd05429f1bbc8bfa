// How far off an exposure may be on a film for a subject of a given contrast: the usable window, and the good one inside it.
// "When in doubt overexpose negative film, never slide or instant" comes out of these numbers; it is nowhere typed in.
import { TONE_SPANS, type Contrast } from '../light/contrast.ts';
import { developedRange, isNegative, type Film } from './film.ts';

/** An interval of exposure error in stops, + = over. `lo` > `hi` means empty. */
export interface StopWindow {
  readonly lo: number;
  readonly hi: number;
}

/** Which end to keep when the subject spans more than the film holds. */
export type Keep = 'highlights' | 'shadows';

/** The windows of a film for a contrast. */
export interface FilmWindow {
  readonly usable: StopWindow;
  readonly good: StopWindow;
  /** Stops by which the subject's tones exceed the film's range; 0 when it fits. */
  readonly lostStops: number;
  /** The end that was kept when `lostStops` > 0. */
  readonly keep: Keep;
}

const SHRINK = {
  negative: { under: 0.5, over: 1.5 },
  direct: { under: 0.3, over: 0.3 }
} as const;

/**
 * Usable: the darkest tone that matters stays above `below`, the lightest under `above`: [s_lo − below, above − s_hi].
 * If that is empty, one stop at the end worth keeping: highlights [h − 1, h] or shadows [l, l + 1].
 * @param keep which end; if left out, shadows on negatives, highlights on film looked at directly
 */
export function filmWindow(
  film: Film,
  contrast: Contrast,
  keep: Keep = isNegative(film.kind) ? 'shadows' : 'highlights'
): FilmWindow {
  const span = TONE_SPANS[contrast];
  const range = developedRange(film);
  const l = span.shadows - range.below;
  const h = range.above - span.highlights;
  const usable =
    l < h ? { lo: l, hi: h } : keep === 'highlights' ? { lo: h - 1, hi: h } : { lo: l, hi: l + 1 };
  const shrink = isNegative(film.kind) ? SHRINK.negative : SHRINK.direct;
  return {
    usable,
    good: { lo: usable.lo + shrink.under, hi: usable.hi - shrink.over },
    lostStops: Math.max(0, l - h),
    keep
  };
}
