// A phone of the kit as the meter that its pictures are read with.
import { CURVE_READINGS, OFFSET_READINGS } from '../picture/calibrate.ts';
import type { PictureNotes } from '../picture/exposure.ts';
import { ANY_PHONE, type PhoneMeter } from '../picture/phone.ts';
import type { PhoneThing, Thing } from './thing.ts';

/** Focal lengths that lie nearer together are one lens, as a share. */
const ONE_LENS = 0.03;

/**
 * How well a phone of the kit is known.
 * @returns known by its curve, by its offset alone, or not
 */
export function meterOf({ offsetStops, slope, readings, residualStops }: PhoneThing): PhoneMeter {
  const isCurve = readings >= CURVE_READINGS && slope !== ANY_PHONE.slope;
  const known = isCurve ? 'curve' : readings >= OFFSET_READINGS ? 'offset' : 'not';
  return { offsetStops, slope, known, residualStops };
}

/** Which phone a picture was taken with, as far as it matters for reading it. */
export type PhoneMatch =
  | { readonly match: 'known'; readonly thing: Thing; readonly meter: PhoneMeter }
  /** The kit has phones, and this picture is by none of them, or through another lens. */
  | { readonly match: 'other-phone' | 'other-lens' }
  | { readonly match: 'none-known' };

/**
 * Looks for the phone of a picture among those of the kit.
 * @param things of the bag
 * @returns the phone, or why it is none of them
 */
export function phoneOf(
  { model, focalMm }: Pick<PictureNotes, 'model' | 'focalMm'>,
  things: readonly Thing[]
): PhoneMatch {
  const phones = things.flatMap((thing) =>
    thing.data.kind === 'phone' ? [{ thing, data: thing.data }] : []
  );
  if (phones.length === 0) return { match: 'none-known' };
  const same = phones.filter(({ data }) => data.model === model && model !== '');
  if (same.length === 0) return { match: 'other-phone' };
  const lens = same.find(
    ({ data }) =>
      data.focalMm === null || (focalMm !== null && Math.abs(data.focalMm / focalMm - 1) <= ONE_LENS)
  );
  return lens ? { match: 'known', thing: lens.thing, meter: meterOf(lens.data) } : { match: 'other-lens' };
}
