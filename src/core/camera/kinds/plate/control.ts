// A plate with holes that slides before the lens, with a click between every two marks: half the way in stops from one to the next.
import { badValues } from '../../good-value.ts';
import type { Position } from '../../position.ts';
import { withBetween } from '../clicks.ts';
import type { ControlKind } from '../control-kind.ts';
import { plateDrawing } from './drawing.ts';

/** A sliding plate. */
export interface PlateControl {
  readonly kind: 'plate';
  readonly id: string;
  readonly label: string;
  readonly acts: 'aperture';
  /** The openings that are engraved, from one end to the other, at least two. */
  readonly marks: readonly Position[];
}

/** @see PlateControl */
export const plate: ControlKind<PlateControl> = {
  acts: ['aperture'],
  positions: ({ marks }) => withBetween(marks),
  count: ({ marks }) => Math.max(0, 2 * marks.length - 1),
  values: ({ marks }) => withBetween(marks).map((p) => p.value),
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, control.marks),
  drawing: ({ marks }) => plateDrawing(marks)
};
