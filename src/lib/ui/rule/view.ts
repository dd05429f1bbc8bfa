// Which part of the scale of light the rule shows, and where things lie on it, as shares 0…1 of its width.
import { LV_RANGE } from '#core/light/lv.ts';
import type { NamedMark } from '#core/light/named-marks.ts';

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

/** Room a letter of a name takes, px; wide enough for the widest names of the scale. */
const LETTER_PX = 7.6;
const NAME_GAP_PX = 10;

/**
 * The named marks that fit on a rule of some width without touching each other or its ends; rank 1 first.
 * @param widthPx width of the rule in CSS pixels
 */
export function namesThatFit(marks: readonly NamedMark[], view: View, widthPx: number): readonly NamedMark[] {
  const half = (m: NamedMark): number => (m.name.length * LETTER_PX) / 2;
  const middle = (m: NamedMark): number => shareOf(view, m.lv) * widthPx;
  const kept: NamedMark[] = [];
  for (const mark of [...marks].sort((a, b) => a.rank - b.rank)) {
    const inside = middle(mark) - half(mark) >= 0 && middle(mark) + half(mark) <= widthPx;
    const clear = kept.every((k) => Math.abs(middle(k) - middle(mark)) >= half(k) + half(mark) + NAME_GAP_PX);
    if (inside && clear) kept.push(mark);
  }
  return kept;
}

/** A share as a CSS percentage. */
export function percent(share: number): string {
  return `${Number((share * 100).toFixed(3))}%`;
}
