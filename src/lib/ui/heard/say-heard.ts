// What a time that was heard says, in words.
import { heardSd, type Heard } from '#core/camera/heard.ts';
import { type HeardMeans } from '#core/log/heard-means.ts';
import { formatLv, formatStops, formatThirds } from '#core/units/stops.ts';
import { sayError, sayTime } from '../text/say.ts';

/** The time itself: "about ¼ s" by ear, "¼ s" where it was recorded. */
export function sayHeardTime({ seconds, sdStops }: Heard): string {
  return sdStops === null ? `about ${sayTime(seconds)}` : sayTime(seconds);
}

/**
 * What it says of the eye and of the frame, sentence by sentence.
 * @param usualSeconds what the camera should take in the light as told @param toldLv the light as its eye should read it
 */
export function sayHeard(
  heard: Heard,
  means: HeardMeans,
  usualSeconds: number,
  toldLv: number
): readonly string[] {
  const off = formatThirds(means.stops);
  const usual =
    off === '0'
      ? `${sayTime(heard.seconds)} heard: as it should be in this light.`
      : `${sayTime(heard.seconds)} heard: ${formatStops(means.stops)} ${means.stops > 0 ? 'over' : 'under'} its usual ${sayTime(usualSeconds)}.`;
  const apart = means.readLv === null ? 0 : means.readLv - toldLv;
  const read =
    means.readLv === null
      ? 'That is a limit of the camera, or past it: what its eye read cannot be said.'
      : formatThirds(apart) === '0'
        ? 'Its eye read the light as you told it.'
        : `Its eye read LV ${formatLv(means.readLv)}, ${formatStops(apart)} ${apart > 0 ? 'brighter' : 'darker'} than you told.`;
  const sure = `give or take ${formatStops(Math.max(1 / 3, means.sdStops))}`;
  const gets = `If your light is right, the frame comes out ${sayError(means.deltaStops)}, ${sure}.`;
  const byEar =
    heard.sdStops === null && heardSd(heard) >= 0.5 ? ['By ear that is half a stop either way.'] : [];
  return [usual, read, gets, ...byEar];
}
