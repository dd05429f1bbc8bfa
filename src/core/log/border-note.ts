// What is written on a print's border: what was set, in the camera's own marks, and what else makes it readable years later.
import { positionsOf, type Camera } from '../camera/camera.ts';
import { positionAt, settingOf, type Choice } from '../camera/setting.ts';
import { formatFNumber } from '../units/aperture.ts';
import { formatDecimal } from '../units/decimal.ts';
import { markOfFNumber, markOfSeconds } from '../units/series.ts';
import { formatShutter } from '../units/shutter.ts';
import type { Frame } from './frame.ts';

/** The marks that were set, control by control; empty on a camera with nothing to set. */
export function marksOf(camera: Camera, choice: Choice): readonly string[] {
  return camera.controls
    .filter((c) => positionsOf(c).length > 1)
    .flatMap((c) => positionAt(c, choice)?.mark ?? []);
}

/** The marks in a line: "cloud · 2.5 m"; what a fixed camera gives, or that there is nothing to set. */
export function marksLine(camera: Camera, choice: Choice): string {
  const marks = marksOf(camera, choice);
  if (marks.length > 0) return marks.join(' · ');
  const { fNumber = null, seconds = null } = settingOf(camera, choice) ?? {};
  if (fNumber === null || seconds === null) return 'nothing to set';
  const time = formatShutter(markOfSeconds(seconds));
  return `${formatFNumber(markOfFNumber(fNumber))} for ${/[a-z]/.test(time) ? time : `${time} s`}`;
}

/** What stands on the border beside number, date and marks: time held, flash, filters, place. */
export function borderExtras({
  light,
  conditions,
  timedSeconds,
  series
}: Pick<Frame, 'light' | 'conditions' | 'timedSeconds' | 'series'>): readonly string[] {
  const { circumstances } = conditions;
  const filters = circumstances?.filters ?? [];
  return [
    ...(timedSeconds === null ? [] : [`held open ${formatDecimal(timedSeconds, 1)} s`]),
    ...(circumstances?.flash.kind === 'fired' ? ['flash'] : []),
    ...(circumstances?.flash.kind === 'off' ? ['flash kept off'] : []),
    ...(filters.length === 0 ? [] : [filters.length === 1 ? 'filter on' : `${filters.length} filters on`]),
    ...(conditions.supported === true ? ['on a support'] : []),
    ...(series === null ? [] : ['of a bracket']),
    ...(light.way.kind === 'sun' ? [light.way.place.name] : [])
  ];
}
