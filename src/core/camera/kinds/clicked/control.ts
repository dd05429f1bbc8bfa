// An aperture ring that stops between its marks too, clicking there or not: half the way in stops from one to the next.
import { badValues } from '../../good-value.ts';
import type { Position } from '../../position.ts';
import { withBetween } from '../clicks.ts';
import type { ControlKind } from '../control-kind.ts';

/** A ring with places between its marks. */
export interface ClickedControl {
  readonly kind: 'clicked';
  readonly id: string;
  readonly label: string;
  readonly acts: 'aperture';
  /** The openings that are engraved, from one end to the other, at least two. */
  readonly marks: readonly Position[];
}

/** @see ClickedControl */
export const clicked: ControlKind<ClickedControl> = {
  acts: ['aperture'],
  positions: ({ marks }) => withBetween(marks),
  count: ({ marks }) => Math.max(0, 2 * marks.length - 1),
  values: ({ marks }) => withBetween(marks).map((p) => p.value),
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, control.marks),
  drawing: () => ({ drawn: 'row', as: 'ring' })
};
