// What is written on a print's border: what was set, in the camera's own marks, and what else makes it readable years later.
import { notedMarks, type NotedMark } from '../camera/noted.ts';
import type { Camera } from '../camera/camera.ts';
import type { Choice } from '../camera/setting.ts';
import { formatFNumber } from '../units/aperture.ts';
import { formatDecimal } from '../units/decimal.ts';
import { markOfFNumber, markOfSeconds } from '../units/series.ts';
import { formatShutter } from '../units/shutter.ts';
import type { Frame } from './frame.ts';

/**
 * The marks that were chosen, control by control; empty on a camera with nothing to set.
 * @param set from `notedMarks`
 * @returns marks as they are engraved
 */
export function marksOf(set: readonly NotedMark[]): readonly string[] {
  return set.filter((n) => n.chosen).map((n) => n.mark);
}

/**
 * The marks in a line: "cloud · 2.5 m"; what a fixed camera gives, or that there is nothing to set.
 * @param set from `notedMarks`
 * @returns never empty
 */
export function marksLine(set: readonly NotedMark[]): string {
  const marks = marksOf(set);
  if (marks.length > 0) return marks.join(' · ');
  const valueOf = (acts: NotedMark['acts']): number | null => set.find((n) => n.acts === acts)?.value ?? null;
  const [fNumber, seconds] = [valueOf('aperture'), valueOf('time')];
  if (fNumber === null || seconds === null) return 'nothing to set';
  const time = formatShutter(markOfSeconds(seconds));
  return `${formatFNumber(markOfFNumber(fNumber))} for ${/[a-z]/.test(time) ? time : `${time} s`}`;
}

/**
 * The marks of a frame in a line; where they are not sure any more, that is said.
 * @returns never empty
 */
export function frameMarks({ set, doubts }: Pick<Frame, 'set' | 'doubts'>): string {
  const line = marksLine(set);
  return doubts.includes('setting') ? `${line}?` : line;
}

/**
 * The marks of a choice on a camera in a line; '' where it lacks one of its positions.
 * @param choice where the controls stand
 * @returns marks as they are engraved
 */
export function choiceLine(camera: Camera, choice: Choice): string {
  const set = notedMarks(camera, choice);
  return set ? marksLine(set) : '';
}

/**
 * What stands on the border beside number, date and marks: time held or heard, flash, filters, place.
 * @returns short texts, in the order they are printed; empty = nothing beside the usual
 */
export function borderExtras({
  light,
  conditions,
  timedSeconds,
  heardSeconds,
  series,
  place
}: Pick<
  Frame,
  'light' | 'conditions' | 'timedSeconds' | 'heardSeconds' | 'series' | 'place'
>): readonly string[] {
  const { circumstances } = conditions;
  const filters = circumstances?.filters ?? [];
  const where = place !== '' ? place : light?.way.kind === 'sun' ? light.way.place.name : '';
  const time = heardSeconds === null ? '' : formatShutter(heardSeconds);
  return [
    ...(timedSeconds === null ? [] : [`held open ${formatDecimal(timedSeconds, 1)} s`]),
    ...(heardSeconds === null ? [] : [`heard ${/[a-z]/.test(time) ? time : `${time} s`}`]),
    ...(circumstances?.flash.kind === 'fired' ? ['flash'] : []),
    ...(circumstances?.flash.kind === 'off' ? ['flash kept off'] : []),
    ...(filters.length === 0 ? [] : [filters.length === 1 ? 'filter on' : `${filters.length} filters on`]),
    ...(conditions.support === 'standing' ? ['on a support'] : []),
    ...(conditions.support === 'leaning' ? ['leaning'] : []),
    ...(series === null ? [] : ['of a bracket']),
    ...(where === '' ? [] : [where])
  ];
}
