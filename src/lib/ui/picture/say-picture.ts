// Words about a phone's picture: what is touched, what is odd about it, why it cannot be used.
import type { PictureDoubt } from '#core/picture/exposure.ts';
import type { PictureLight } from '#core/picture/touched.ts';
import { formatLv, formatThirds } from '#core/units/stops.ts';
import type { PictureTrouble } from '../../../workers/picture.ts';
import type { Touch } from './picture.svelte.ts';

/** What can be touched. */
export const TOUCH_WORDS: Readonly<Record<Touch, string>> = {
  subject: 'the subject',
  lights: 'the lightest part that matters',
  darks: 'the darkest part that matters',
  eye: 'where the camera’s eye looks'
};

/** Why a picture cannot be used, and what can be done. */
export const TROUBLE_WORDS: Readonly<Record<PictureTrouble | 'failed', string>> = {
  'not-a-picture':
    'This browser cannot read that file: it is no picture, or of a kind it does not know. Send it as JPEG.',
  'too-large': 'That file is larger than a phone’s picture. Choose one under 60 megapixels.',
  failed: 'The picture could not be read. Try it again, or tell the light another way.'
};

/** What is odd about a picture’s exposure, and is counted. */
export const DOUBT_WORDS: Readonly<Record<PictureDoubt, string>> = {
  disagrees: 'its numbers do not agree with one another',
  long: 'it was exposed so long that it may be the sum of several',
  merged: 'it was put together from several exposures',
  'brightness-only': 'it tells its brightness alone'
};

/** A light read at a place: "LV 12⅓, give or take ⅔"; "LV 16 or more". */
export function sayRead({ lv, sdStops, bound }: PictureLight): string {
  if (bound === 'at-least') return `LV ${formatLv(lv - sdStops)} or more`;
  if (bound === 'at-most') return `LV ${formatLv(lv + sdStops)} or less`;
  return `LV ${formatLv(lv)}, give or take ${formatThirds(sdStops)}`;
}
