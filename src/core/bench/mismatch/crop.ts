// What another film's format leaves of what the finder shows.
import { FORMATS, type FrameFormat } from '../../film/formats.ts';

/** Shares 0…1 of the finder's width and height that are on the film. */
export interface Crop {
  readonly width: number;
  readonly height: number;
}

/**
 * What is left of the finder's view. The lens draws the same picture; a smaller film keeps its middle.
 * @param finder the format the finder was made for @param film the one that is in the camera
 * @returns 1 where the film is as large or larger: the rest the finder does not show
 */
export function cropOf(finder: FrameFormat, film: FrameFormat): Crop {
  const [a, b] = [FORMATS[finder].sizeMm, FORMATS[film].sizeMm];
  // a camera is turned so that most is kept
  const kept = (w: number, h: number): Crop => ({
    width: Math.min(1, w / a[0]),
    height: Math.min(1, h / a[1])
  });
  const [straight, turned] = [kept(b[0], b[1]), kept(b[1], b[0])];
  return turned.width * turned.height > straight.width * straight.height + 1e-9 ? turned : straight;
}
