// The place of a control at which the camera sets by itself.
import type { Position } from '../position.ts';

/** The automatic place, as it is engraved. */
export function automaticPosition(mark: string): Position {
  return { mark, symbol: null, value: 0, automatic: true };
}
