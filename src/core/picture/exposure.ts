// What a picture says of its own exposure, and the light that the phone saw as grey by it.
// APEX: Exif 2.32 (CIPA DC-008-2019) Annex C: Av + Tv = Bv + Sv, with Sv = log2(ISO/3.125).
import { err, ok, type Result } from '../numeric/result.ts';

/** The exposure as the picture's own notes give it; null = not there. */
export interface PictureNotes {
  readonly fNumber: number | null;
  readonly seconds: number | null;
  readonly iso: number | null;
  /** Brightness value, Bv. */
  readonly brightness: number | null;
  /** Exposure bias, stops, + = more light. */
  readonly biasStops: number | null;
  /** The phone, and the focal length of the lens that was on. */
  readonly model: string;
  readonly focalMm: number | null;
  /** Focal length as on 35 mm film, which tells how wide it looks. */
  readonly focal35Mm: number | null;
  /** A program that changed it afterwards; '' = none is named. */
  readonly software: string;
  /** Whether it says that it was put together from several pictures. */
  readonly isComposite: boolean;
}

/** What is odd about a picture's exposure; each widens its spread. */
export type PictureDoubt =
  /** Its numbers do not agree with one another. */
  | 'disagrees'
  /** So long that it may be the sum of several. */
  | 'long'
  /** Put together from several exposures, whose gain is not told. */
  | 'merged'
  /** Worked out from its brightness alone: aperture, time or speed is missing. */
  | 'brightness-only';

/** The light that the phone took for grey. */
export interface PictureExposure {
  /** Exposure value at ISO 100 of the whole picture. */
  readonly ev100: number;
  readonly doubts: readonly PictureDoubt[];
  /** What the doubts add to a spread, one sd in stops. */
  readonly doubtStops: number;
}

/** Why a picture says nothing of the light. */
export type PictureProblem = 'no-exposure' | 'exposure-zero';

/** Each doubt in stops. Common practice, no source, but for `merged`: a gain that is not told moved simulated readings by half a stop. */
const DOUBT_STOPS: Readonly<Record<PictureDoubt, number>> = {
  ...{ disagrees: 1, long: 0.5, merged: 0.5, 'brightness-only': 0.3 }
};

/** From here on a phone may have added up several pictures, seconds. Common practice, no source. */
const LONG_SECONDS = 0.25;
/** More than this between the numbers and the brightness is no rounding, stops. */
const DISAGREES_STOPS = 1;
/** log2(100 / 3.125): what APEX brightness lacks to an exposure value at ISO 100. Exif 2.32 Annex C. */
const SV_100 = 5;
/** What the tag for speed holds when the speed is too high for it. Exif 2.32, ISOSpeedRatings. */
const ISO_OVERFLOW = 65_535;

const given = (n: number | null): n is number => n !== null && n > 0 && Number.isFinite(n);

/**
 * The exposure value that a picture was taken at, brought to ISO 100.
 * @param notes as its Exif gives them
 */
export function pictureExposure(notes: PictureNotes): Result<PictureExposure, PictureProblem> {
  const { fNumber, seconds, iso, brightness } = notes;
  const bias = notes.biasStops ?? 0;
  const byBrightness = brightness !== null && Number.isFinite(brightness) ? brightness + SV_100 - bias : null;
  const doubts: PictureDoubt[] = [];
  const hasSpeed = given(iso) && iso !== ISO_OVERFLOW;
  let ev100 = byBrightness;
  if (given(fNumber) && given(seconds) && hasSpeed) {
    ev100 = Math.log2(fNumber ** 2 / seconds) - Math.log2(iso / 100);
    if (byBrightness !== null && Math.abs(byBrightness - ev100) > DISAGREES_STOPS) doubts.push('disagrees');
  } else if (byBrightness !== null) doubts.push('brightness-only');
  if (ev100 === null)
    return err([fNumber, seconds, iso].some((n) => n !== null && n <= 0) ? 'exposure-zero' : 'no-exposure');
  if (given(seconds) && seconds >= LONG_SECONDS) doubts.push('long');
  if (notes.isComposite) doubts.push('merged');
  return ok({ ev100, doubts, doubtStops: Math.hypot(0, ...doubts.map((d) => DOUBT_STOPS[d])) });
}
