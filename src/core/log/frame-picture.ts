// A phone's picture of the scene, small, kept with a frame: what the print was expected to be can be drawn from it later.
import type { PhoneCurve } from '../picture/phone.ts';

/** The picture. */
export interface FramePicture {
  /** A JPEG file in base64, at most {@link MOST_PICTURE_CHARS} characters. */
  readonly jpeg: string;
  /** Stops by which the subject lies above the phone's own grey: the frame was exposed for it. */
  readonly subjectStops: number;
  /** The curve of the phone that took it. */
  readonly phone: PhoneCurve;
}

/** Longest JPEG, characters of base64: some twenty go into one sending of a phone. */
export const MOST_PICTURE_CHARS = 40_000;
/** Longest side that is kept, pixels. */
export const PICTURE_SIDE = 320;
