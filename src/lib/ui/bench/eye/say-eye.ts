// The test of an electric eye in words: what to do, what should happen, what was found.
import { shouldDo, USUAL_LIGHT, type EyeLight, type EyeSign, type EyeVerdict } from '#core/bench/eye-test.ts';
import type { Camera } from '#core/camera/camera.ts';
import { setsOf } from '#core/camera/camera.ts';
import type { Setting } from '#core/camera/setting.ts';
import { formatFNumber } from '#core/units/aperture.ts';
import { markOfFNumber } from '#core/units/series.ts';
import { formatStops } from '#core/units/stops.ts';
import { sayTime } from '../../text/say.ts';
import { tenths } from '../say-bench.ts';

/** What each light is called in a drawing. */
export const LIGHT_NAMES: Readonly<Record<EyeLight, string>> = {
  lamp: 'Lamp',
  'lamp-far': 'Twice as far',
  window: 'Window',
  sky: 'Sky'
};

/** What to do, for eyes that are heard and eyes that are seen. */
export function sayShow(light: EyeLight, isHeard: boolean): string {
  switch (light) {
    case 'lamp':
      return isHeard
        ? 'In the evening: white paper half a metre from a lamp, the eye close before it.'
        : 'The eye half a metre from a bare lamp.';
    case 'lamp-far':
      return isHeard ? 'The paper a metre from the lamp, the eye as close.' : 'A metre from the lamp.';
    case 'window':
      return 'By day: from the room towards a window, so that the eye sees nothing else.';
    case 'sky':
      return 'Outside: towards the open sky, the sun behind you.';
  }
}

/** What should happen. */
export function sayShould(light: EyeLight, camera: Camera, setting: Setting, before: EyeSign | null): string {
  const isTimed = setsOf(camera).time;
  if (light === 'lamp')
    return isTimed ? 'It takes its time; note it.' : 'The needle moves; note where it stands.';
  if (light === 'lamp-far') {
    if (before?.kind === 'time') return `Two stops less light: about ${sayTime(before.heard.seconds * 4)}.`;
    if (before?.kind === 'aperture')
      return `Two stops less light: about ${formatFNumber(markOfFNumber(before.fNumber / 2))}.`;
    return isTimed ? 'Two stops less light: four times as long.' : 'Two stops less light: two stops wider.';
  }
  const due = shouldDo(camera, setting, USUAL_LIGHT[light].lv);
  if (!isTimed) return `About ${formatFNumber(markOfFNumber(due.fNumber))}.`;
  return due.seconds < 1 / 45 ? 'Open and shut in one sound.' : `About ${sayTime(due.seconds)}.`;
}

/** What was found, sentence by sentence. */
export function sayFound({ found, offStops, sdStops, answeredStops }: EyeVerdict): readonly string[] {
  const sure = sdStops === null ? '' : `, give or take ${tenths(sdStops)}`;
  const off =
    offStops === null
      ? []
      : [
          Math.abs(offStops) < 0.17
            ? `It reads these lights as they are${sure}.`
            : `It takes them to be ${formatStops(offStops)} ${offStops > 0 ? 'brighter' : 'darker'} than they are${sure}.`
        ];
  const step =
    answeredStops === null
      ? []
      : [`Where two stops were taken away it answered ${tenths(Math.abs(answeredStops))}.`];
  switch (found) {
    case 'dead':
      return ['Dead: it does the same whatever it sees.'];
    case 'slow':
      return [
        'Slow or uneven: it follows the light, but not by as much as the light changes.',
        ...step,
        ...off
      ];
    case 'off':
      return ['Alive, and off by a constant: that can be counted with.', ...off, ...step];
    case 'alive':
      return ['Alive.', ...off, ...step];
  }
}
