// An aperture ring that stops between its marks too, clicking there or not.
import { clicking, type ClicksBetween } from '../clicks.ts';

/** A ring with places between its marks. */
export interface ClickedControl extends ClicksBetween {
  readonly kind: 'clicked';
}

/** @see ClickedControl */
export const clicked = clicking<ClickedControl>(() => ({ drawn: 'row', as: 'ring' }));
