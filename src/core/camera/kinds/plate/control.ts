// A plate with holes that slides before the lens, with a click between every two marks.
import { clicking, type ClicksBetween } from '../clicks.ts';
import { plateDrawing } from './drawing.ts';

/** A sliding plate. */
export interface PlateControl extends ClicksBetween {
  readonly kind: 'plate';
}

/** @see PlateControl */
export const plate = clicking<PlateControl>(({ marks }) => plateDrawing(marks));
