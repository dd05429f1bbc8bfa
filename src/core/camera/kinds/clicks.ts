// Controls that stop between their marks too: half the way in stops from one to the next. What two kinds of them share.
import { badValues } from '../good-value.ts';
import type { Position } from '../position.ts';
import type { ControlBase, ControlKind } from './control-kind.ts';
import type { ControlDrawing } from './figure.ts';

/** A control with openings that are engraved, from one end to the other, at least two. */
export interface ClicksBetween extends ControlBase {
  readonly acts: 'aperture';
  readonly marks: readonly Position[];
}

/** Every place it clicks into: the marks, and half the way in stops between each two. */
function placesOf({ marks }: ClicksBetween): readonly Position[] {
  return marks.flatMap((b, i) => {
    const a = marks[i - 1];
    const between = a && { mark: `${a.mark}–${b.mark}`, symbol: null, value: Math.sqrt(a.value * b.value) };
    return between ? [between, b] : [b];
  });
}

/**
 * A kind of control that stops between its marks.
 * @param drawing how it lies under the finger
 * @returns the kind
 */
export function clicking<C extends ClicksBetween>(drawing: (control: C) => ControlDrawing): ControlKind<C> {
  return {
    acts: ['aperture'],
    positions: placesOf,
    count: ({ marks }) => Math.max(0, 2 * marks.length - 1),
    values: (control) => placesOf(control).map((p) => p.value),
    setOf: () => null,
    meaningSaid: false,
    faults: (control, camera) => badValues(camera, control, control.marks),
    drawing
  };
}
