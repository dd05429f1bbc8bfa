// Which part of the scale of light the rule shows, and where things lie on it, as shares 0…1 of its width.
import { LV_RANGE } from '#core/light/lv.ts';

/** A stretch of the scale. */
export interface View {
  readonly from: number;
  readonly to: number;
}

/** The whole scale. */
export const WHOLE: View = { from: LV_RANGE.min, to: LV_RANGE.max };

/** How near to an end of the view the light may come, as a share of the view, before the view follows. */
const MARGIN = 0.16;

/** A view of `span` LV with the light a little right of its middle: there is more to see on the dark side. */
export function viewAround(lv: number, span: number): View {
  return heldView(Math.round(lv - span * 0.6), span);
}

/** The view moved just as far as needed to keep the light off its ends. */
export function followed(view: View, lv: number): View {
  const span = view.to - view.from;
  const margin = span * MARGIN;
  if (lv < view.from + margin) return heldView(lv - margin, span);
  if (lv > view.to - margin) return heldView(lv - span + margin, span);
  return view;
}

function heldView(from: number, span: number): View {
  const held = Math.min(WHOLE.to - span, Math.max(WHOLE.from, from));
  return { from: held, to: held + span };
}

/** Where a light value lies: 0 = left end of the view, 1 = right end; beyond them outside 0…1. */
export function shareOf(view: View, lv: number): number {
  return (lv - view.from) / (view.to - view.from);
}

/** The light value at a share of the view, rounded to a twelfth of a stop so that thirds can be hit. */
export function lvAt(view: View, share: number): number {
  const lv = view.from + share * (view.to - view.from);
  return Math.round(lv * 12) / 12;
}

/** Whole light values inside the view. */
export function ticksOf(view: View): readonly number[] {
  const first = Math.ceil(view.from - 1e-9);
  const count = Math.floor(view.to + 1e-9) - first + 1;
  return Array.from({ length: count }, (_, i) => first + i);
}

/** A share as a CSS percentage. */
export function percent(share: number): string {
  return `${Number((share * 100).toFixed(3))}%`;
}
