// The sizes of pictures: what fits into which camera, how large the picture is, how sharp it has to be, and how much of the film it
// takes. A further size is one line here and its name among the words.

interface Format {
  /** Width and height of the picture in mm, as it is usually held. */
  readonly sizeMm: readonly [number, number];
  /** Largest blur disc that still looks sharp, mm on the film. */
  readonly circleMm: number;
  /** The stock it comes on: what is the same stock can be made to fit. */
  readonly stock: string;
  /** Film taken by one picture with the gap after it, mm; null where pictures come one by one. */
  readonly advanceMm: number | null;
  /** Pictures on a usual roll; null where that differs from pack to pack. */
  readonly usualFrames: number | null;
}

// blur: 0.030 on 35 mm film, diagonal/1442 on larger, 0.0125 on 8 mm and 0.025 on 16 mm cine, 0.1 on instant prints looked at as
// they are. Sizes, blur and advance: common practice, no source
const onRoll = (width: number, height: number, advanceMm: number, usualFrames: number): Format => ({
  ...{ sizeMm: [width, height], circleMm: Math.hypot(width, height) / 1442, stock: 'roll', advanceMm },
  usualFrames
});
const on35 = (width: number, height: number, advanceMm: number, usualFrames: number): Format => ({
  ...{ sizeMm: [width, height], circleMm: 0.03, stock: '135', advanceMm },
  usualFrames
});
const instant = (width: number, height: number, stock: string): Format => ({
  ...{ sizeMm: [width, height], circleMm: 0.1, stock, advanceMm: null },
  usualFrames: null
});
const cine = (width: number, height: number, circleMm: number, stock: string): Format => ({
  ...{ sizeMm: [width, height], circleMm, stock, advanceMm: null },
  usualFrames: null
});

/** Every size by its name. */
export const FORMATS = {
  'roll-6x6': onRoll(56, 56, 62, 12),
  'roll-6x9': onRoll(84, 56, 92, 8),
  '135': on35(36, 24, 38, 36),
  '135-panorama': on35(58, 24, 64, 21),
  // integral instant film: the print that comes out of the camera is the picture
  'instant-square': instant(79, 77, 'instant-square'),
  'instant-small': instant(46, 62, 'instant-small'),
  'instant-small-square': instant(62, 62, 'instant-small-square'),
  'instant-wide': instant(99, 62, 'instant-wide'),
  pack: instant(95, 73, 'pack'),
  'cine-8': cine(4.8, 3.5, 0.0125, 'cine-8'),
  'cine-16': cine(10.3, 7.5, 0.025, 'cine-16')
} as const satisfies Readonly<Record<string, Format>>;

/** What fits into which camera. */
export type FrameFormat = keyof typeof FORMATS;

/**
 * Whether there is such a size.
 * @param name as stored, such as "135"
 * @returns narrows the type
 */
export function isFrameFormat(name: string): name is FrameFormat {
  return Object.hasOwn(FORMATS, name);
}

/** All sizes. */
export const FRAME_FORMATS: readonly FrameFormat[] = Object.keys(FORMATS).filter(isFrameFormat);

/**
 * How many pictures of a size a film has that is counted in pictures of another: on the same stock by the film each takes, on
 * another as many as usual.
 * @param frames ≥ 1 on the film as it is counted
 */
export function framesIn(frames: number, countedIn: FrameFormat, takenIn: FrameFormat): number {
  const [counted, taken]: readonly [Format, Format] = [FORMATS[countedIn], FORMATS[takenIn]];
  if (counted.stock !== taken.stock) return taken.usualFrames ?? frames;
  if (counted.advanceMm === null || taken.advanceMm === null) return frames;
  return Math.max(1, Math.floor((frames * counted.advanceMm) / taken.advanceMm + 1e-9));
}
