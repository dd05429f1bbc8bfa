// The place of a control at which the camera sets by itself.
import type { Position } from '../position.ts';

/**
 * The automatic place, as it is engraved.
 * @param mark as engraved, such as "A"
 * @returns a position without a value: the camera chooses
 */
export function automaticPosition(mark: string): Position {
  return { mark, symbol: null, value: 0, automatic: true };
}
