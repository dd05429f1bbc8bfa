// A frame's border note: what was set, in the camera's marks, and the light it was set for.
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import { positionAt, settingOf, type Choice } from '#core/camera/setting.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { formatLv, formatStops, formatThirds } from '#core/units/stops.ts';
import { sayWay } from '../text/say-light.ts';
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

/** The light in short: "LV 13⅔ from “soft edge”". */
export function sayLightShort(light: LightChoice): string {
  const lv = `LV ${formatLv(light.lv)}`;
  return light.way.kind === 'hand' ? lv : `${lv} from ${sayWay(light.way)}`;
}

/** The guess against what was found, or ''. */
export function sayGuess(guess: LightChoice | null, light: LightChoice): string {
  if (!guess) return '';
  const off = guess.lv - light.lv;
  const by = formatThirds(off) === '0' ? 'right' : `${formatStops(off)} too ${off > 0 ? 'bright' : 'dark'}`;
  return `Guessed LV ${formatLv(guess.lv)}: ${by}`;
}

/** Date and time of day, as on a border: "12 Sep 2026 09:24". Times are shown in UTC unless a zone is given. */
export function sayWhen(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone }).format(
    new Date(iso)
  );
}
