// The camera as it works with a setting: with the lens that is on it. One that was overridden, or held open by a trick, sets nothing
// by itself: its timer and its cell are out of the sum.
import type { Camera } from './camera.ts';
import type { Setting } from './setting.ts';

const played = new WeakMap<Camera, Map<string, Camera>>();

/**
 * The camera itself; with another lens, or as a camera set by hand, where the setting says so.
 * @param setting may choose a lens or the override
 * @returns the same object where it chooses neither
 */
export function playedBy(camera: Camera, setting: Setting): Camera {
  const { overridden, focalMm } = setting;
  if (!overridden && focalMm === camera.focalMm) return camera;
  const known = played.get(camera) ?? new Map<string, Camera>();
  played.set(camera, known);
  const key = `${focalMm} ${overridden}`;
  const before = known.get(key);
  if (before) return before;
  // what was unsure of it was its cell
  const condition = camera.condition === 'unsure' ? 'old' : camera.condition;
  const now: Camera = {
    ...{ ...camera, focalMm },
    // the longest time its owner holds it was found with its own lens: a longer one shakes that much more
    handHeldSeconds: camera.handHeldSeconds && (camera.handHeldSeconds * camera.focalMm) / focalMm,
    ...(overridden ? { condition, program: { kind: 'manual' } } : {})
  };
  known.set(key, now);
  return now;
}
