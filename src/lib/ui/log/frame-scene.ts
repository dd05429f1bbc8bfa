// What the small print of a logged frame is drawn of: as its light and its distance say.
import type { Camera } from '#core/camera/camera.ts';
import { positionAt, controlFor } from '#core/camera/setting.ts';
import type { Frame } from '#core/log/frame.ts';
import { lightKindOf } from '#core/ways/choice.ts';
import { sceneOf, type SceneName } from '../verdict/scenes.ts';

/** The scene of a frame. @param camera as it was then; null = not kept */
export function frameScene(frame: Frame, camera: Camera | null): SceneName {
  const focus = camera && controlFor(camera, 'focus');
  const focused = focus ? (positionAt(focus, frame.choice)?.value ?? null) : null;
  const told = frame.conditions.circumstances?.subjectM ?? null;
  const { light } = frame;
  return sceneOf(light?.lv ?? null, light ? lightKindOf(light.way) : 'daylight', told ?? focused);
}
