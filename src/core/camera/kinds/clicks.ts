// Places between marks: what two kinds of controls share.
import type { Position } from '../position.ts';

/** Every place a control with such marks clicks into: the marks, and half the way in stops between each two. @param marks as engraved, f-numbers */
export function withBetween(marks: readonly Position[]): readonly Position[] {
  return marks.flatMap((b, i) => {
    const a = marks[i - 1];
    const between = a && { mark: `${a.mark}–${b.mark}`, symbol: null, value: Math.sqrt(a.value * b.value) };
    return between ? [between, b] : [b];
  });
}
