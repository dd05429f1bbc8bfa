// The camera as it works with a setting. One that was overridden, or held open by a trick, sets nothing by itself: its timer and its
// cell are out of the sum.
import type { Camera } from './camera.ts';
import type { Setting } from './setting.ts';

const byHand = new WeakMap<Camera, Camera>();

/** The camera itself, or the same as a camera set by hand where the setting overrides it. */
export function playedBy(camera: Camera, setting: Setting): Camera {
  if (!setting.overridden) return camera;
  const before = byHand.get(camera);
  if (before) return before;
  // what was unsure of it was its cell
  const condition = camera.condition === 'unsure' ? 'old' : camera.condition;
  const manual: Camera = { ...camera, condition, program: { kind: 'manual' } };
  byHand.set(camera, manual);
  return manual;
}
