// The frames of a bracket in words: what differs between them.
import type { Camera } from '#core/camera/camera.ts';
import { settingOf, type Choice } from '#core/camera/setting.ts';
import { instructionParts } from '../text/say.ts';

/** What to set for each frame of a bracket; what is the same for all is left out. A frame whose setting the camera lacks is "as it stands". */
export function sayBracket(camera: Camera, choices: readonly Choice[]): readonly string[] {
  const frames = choices.map((choice) => {
    const setting = settingOf(camera, choice);
    return setting ? instructionParts(camera, setting) : [];
  });
  return frames.map((parts) => {
    const own = parts.filter((part) => !frames.every((other) => other.includes(part)));
    return own.length === 0 ? 'as it stands' : own.join(', ');
  });
}
