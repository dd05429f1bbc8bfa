// What the camera's eye sees against what the subject gets: a board of patches with light and tone, the film's frame and the
// eye's circle. The eye averages luminance over its circle (a plain averaging cell; common practice, no source) and takes the
// average for mid grey in the subject's light.

/** A patch of the scene, in shares of the film's frame: 0…1 is inside it, beyond is what only the eye may see. */
export interface Patch {
  readonly id: string;
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Stops by which more (+) or less light falls on it than on the subject. */
  readonly lightStops: number;
  /** Stops by which its surface is lighter (+) or darker than mid grey. */
  readonly toneStops: number;
}

/** The eye's circle, in shares of the frame's width and height. */
export interface EyeCircle {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** A scene on the board; later patches lie over earlier ones. */
export interface Board {
  readonly patches: readonly Patch[];
  readonly eye: EyeCircle;
}

/** How far the board reaches beyond the frame on every side, in shares of it. */
export const BOARD_MARGIN = 0.4;
/** Points across the circle at which the board is looked at: fine enough for a twentieth of a stop. */
const SAMPLES = 61;

/**
 * The topmost patch at a point; null where there is none.
 * @param x 0…1 across @param y 0…1 down
 */
export function patchAt(patches: readonly Patch[], x: number, y: number): Patch | null {
  return patches.findLast((p) => x >= p.x && x < p.x + p.width && y >= p.y && y < p.y + p.height) ?? null;
}

/**
 * Stops by which the eye sees more (+) or less light than the subject has: log2 of the mean luminance in its circle over that
 * of mid grey in the subject's light. 0 where the circle meets no patch.
 * @returns stops
 */
export function eyeOffsetStops({ patches, eye }: Board): number {
  let sum = 0;
  let count = 0;
  for (let i = 0; i < SAMPLES; i++) {
    for (let j = 0; j < SAMPLES; j++) {
      const u = (2 * (i + 0.5)) / SAMPLES - 1;
      const v = (2 * (j + 0.5)) / SAMPLES - 1;
      if (u * u + v * v > 1) continue;
      const patch = patchAt(patches, eye.x + u * eye.radius, eye.y + v * eye.radius);
      if (!patch) continue;
      sum += 2 ** (patch.lightStops + patch.toneStops);
      count += 1;
    }
  }
  return count === 0 ? 0 : Math.log2(sum / count);
}

/** Scenes that are ready on the board. */
export const BOARD_SCENES = ['window', 'ferry', 'shade', 'snow', 'street'] as const;
/** @see BOARD_SCENES */
export type BoardScene = (typeof BOARD_SCENES)[number];

type Row = readonly [string, string, number, number, number, number, number, number];
const patches = (rows: readonly Row[]): readonly Patch[] =>
  rows.map(([id, name, x, y, width, height, lightStops, toneStops]) => ({
    ...{ id, name, x, y, width, height, lightStops, toneStops }
  }));
const [FROM, SPAN] = [-BOARD_MARGIN, 1 + 2 * BOARD_MARGIN];
const MIDDLE: EyeCircle = { x: 0.5, y: 0.5, radius: 0.62 };

/** The boards. Lights and tones: common practice, no source; each patch can be changed. */
export const BOARDS: Readonly<Record<BoardScene, Board>> = {
  window: {
    eye: MIDDLE,
    patches: patches([
      ['wall', 'wall of the room', FROM, FROM, SPAN, SPAN, -0.5, 0.5],
      ['window', 'bright window', 0.3, -0.1, 0.65, 0.75, 3.5, 0.5],
      ['subject', 'person', 0.32, 0.22, 0.36, 1.18, 0, 0.3]
    ])
  },
  ferry: {
    eye: MIDDLE,
    patches: patches([
      ['sky', 'sky', FROM, FROM, SPAN, 0.75, 0, 1.6],
      ['sea', 'sea', FROM, 0.35, SPAN, 1.05, 0, -0.7],
      ['subject', 'white ferry', 0.05, 0.12, 0.6, 0.55, 0, 1.9]
    ])
  },
  shade: {
    eye: MIDDLE,
    patches: patches([
      ['shade', 'shade around the camera', FROM, FROM, SPAN, SPAN, -3, -0.3],
      ['sun', 'sunlit yard', 0.1, 0.15, 0.8, 0.85, 0, 0.2],
      ['subject', 'person in the sun', 0.4, 0.3, 0.2, 0.65, 0, 0]
    ])
  },
  snow: {
    eye: MIDDLE,
    patches: patches([
      ['sky', 'sky', FROM, FROM, SPAN, 0.75, 0, 1],
      ['snow', 'snow', FROM, 0.35, SPAN, 1.05, 0.4, 2],
      ['subject', 'person', 0.42, 0.25, 0.16, 0.6, 0, -0.3]
    ])
  },
  street: {
    eye: MIDDLE,
    patches: patches([
      ['night', 'dark street', FROM, FROM, SPAN, SPAN, -3, -1],
      ['lamp-left', 'lamp', 0.08, 0.05, 0.07, 0.07, 6, 2],
      ['lamp-right', 'lamp', 0.8, 0.12, 0.06, 0.06, 6, 2],
      ['subject', 'person under a lamp', 0.4, 0.3, 0.2, 0.6, 0, 0]
    ])
  }
};
