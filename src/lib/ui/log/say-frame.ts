// A frame's border note: what was set, in the camera's marks, and the light it was set for.
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import { positionAt, settingOf, type Choice } from '#core/camera/setting.ts';
import type { LightChoice } from '#core/light/choice.ts';
import { formatLv } from '#core/units/stops.ts';
import { CLUE_WORDS } from '../text/say-light.ts';
import { sayValues } from '../text/say.ts';

/** The marks that were set: "cloud · 2.5 m", or what a fixed camera gave. */
export function sayMarks(camera: Camera, choice: Choice): string {
  const marks = camera.controls
    .filter((c) => positionsOf(c).length > 1)
    .flatMap((c) => positionAt(c, choice)?.mark ?? []);
  if (marks.length > 0) return marks.join(' · ');
  const { fNumber = null, seconds = null } = settingOf(camera, choice) ?? {};
  return fNumber !== null && seconds !== null ? sayValues({ fNumber, seconds }) : 'nothing to set';
}

/** The light in short: "soft edge, LV 13⅔". */
export function sayLightShort(light: LightChoice): string {
  const lv = `LV ${formatLv(light.lv)}`;
  const { way } = light;
  if (way.kind === 'shadow')
    return `${CLUE_WORDS[way.clue].edge.toLowerCase()}${way.backlit ? ', from behind' : ''}${way.bright ? ', bright ground' : ''}, ${lv}`;
  return way.kind === 'reading' ? `read ${way.text}, ${lv}` : lv;
}

/** Date and time of day, as on a border: "12 Sep 2026 09:24". Times are shown in UTC unless a zone is given. */
export function sayWhen(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone }).format(
    new Date(iso)
  );
}
