// What a camera gives without being asked, in one line.
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import { sayPosition } from '../text/say.ts';

/** "The shutter stays at N." for every control with one position; empty when all can be moved. */
export function fixedLine(camera: Camera): string {
  return camera.controls
    .filter((c) => positionsOf(c).length === 1)
    .map((c) => {
      const [position] = positionsOf(c);
      if (!position) return '';
      const value = sayPosition(c, position.value);
      return position.mark === '' || position.mark === value
        ? `The ${c.label} is always ${value}.`
        : `The ${c.label} stays at “${position.mark}”: ${value}.`;
    })
    .join(' ');
}
