// Which flashes can be fired with a camera.
import { atHandFrom } from '#core/advice/at-hand.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { FlashUnit } from '#core/camera/traits.ts';
import type { Thing } from '#core/kit/thing.ts';

/** The units that the person may fire: the one built in behind a switch, or those of the bag on a shoe. */
export function flashUnits(camera: Camera, things: readonly Thing[]): readonly FlashUnit[] {
  if (camera.flash.kind === 'switch') return [camera.flash.unit];
  return camera.flash.kind === 'shoe' ? atHandFrom([], things).flashes : [];
}
