// How a scan is looked at: instructions beside the file, which stays as it came.

/** Quarter turns to the right, degrees. */
export const TURNS: readonly number[] = [0, 90, 180, 270];

/** What is shown of a scan. */
export interface ScanShown {
  /** To the right, degrees, one of {@link TURNS}, after what the file itself says. */
  readonly turn: number;
  /** Whether a negative is shown as a positive. */
  readonly negative: boolean;
  /** What is cut off at each side of the turned picture, shares of its width and height. */
  readonly cut: {
    readonly left: number;
    readonly top: number;
    readonly right: number;
    readonly bottom: number;
  };
}

/** A scan as it came. */
export const AS_IT_CAME: ScanShown = {
  turn: 0,
  negative: false,
  cut: { left: 0, top: 0, right: 0, bottom: 0 }
};

/** Most that is cut off between two sides, a share: something must stay. */
export const MOST_CUT = 0.9;

/**
 * A quarter turn more to the right; what is cut off turns along.
 * @returns a new description; four of them are none
 */
export function turned({ turn, negative, cut }: ScanShown): ScanShown {
  const { left, top, right, bottom } = cut;
  const next = TURNS[(TURNS.indexOf(turn) + 1) % TURNS.length] ?? 0;
  return { turn: next, negative, cut: { left: bottom, top: left, right: top, bottom: right } };
}

/**
 * The part of a turned picture that stays, whole pixels.
 * @param width @param height of the picture as it is turned, pixels
 */
export function partOf(
  { cut: { left, top, right, bottom } }: ScanShown,
  width: number,
  height: number
): { readonly left: number; readonly top: number; readonly width: number; readonly height: number } {
  const [x, y] = [
    Math.min(width - 1, Math.round(left * width)),
    Math.min(height - 1, Math.round(top * height))
  ];
  return {
    ...{ left: x, top: y },
    width: Math.max(1, width - x - Math.round(right * width)),
    height: Math.max(1, height - y - Math.round(bottom * height))
  };
}
