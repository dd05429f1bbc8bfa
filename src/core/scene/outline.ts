// Outlines of rounded bars and of many-cornered pieces, metres, seen from the front: x from the middle, y from the ground.
import type { Colour } from './colours.ts';

/** A piece of a thing. */
export type Piece = {
  readonly colour: Colour;
  /** Half its width, where it is round; 0 = flat. */ readonly round: number;
} & (
  | {
      readonly kind: 'bar';
      readonly from: readonly [number, number];
      readonly to: readonly [number, number];
      readonly radius: number;
    }
  /** Corners anticlockwise, none of them turned in. */
  | { readonly kind: 'corners'; readonly corners: readonly (readonly [number, number])[] }
);

/**
 * How far a point lies outside a piece, metres; inside it is below 0.
 * @param x metres to the right of its foot @param y metres up
 * @returns metres
 */
export function outside(piece: Piece, x: number, y: number): number {
  if (piece.kind === 'bar') {
    const { from, to, radius } = piece;
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const length = dx * dx + dy * dy;
    const along =
      length === 0 ? 0 : Math.min(1, Math.max(0, ((x - from[0]) * dx + (y - from[1]) * dy) / length));
    return Math.sqrt((x - from[0] - along * dx) ** 2 + (y - from[1] - along * dy) ** 2) - radius;
  }
  const { corners: at } = piece;
  let farthest = -Infinity;
  let before = at[at.length - 1];
  for (const corner of at) {
    if (before) {
      const [dx, dy] = [corner[0] - before[0], corner[1] - before[1]];
      const off = ((x - before[0]) * dy - (y - before[1]) * dx) / Math.sqrt(dx * dx + dy * dy);
      if (off > farthest) farthest = off;
    }
    before = corner;
  }
  return farthest;
}

/** What a piece takes up. */
export interface Bounds {
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
}

/**
 * @see Bounds
 * @returns metres about the foot
 */
export function boundsOf(pieces: readonly Piece[]): Bounds {
  const xs = pieces.flatMap((p) =>
    p.kind === 'bar'
      ? [p.from[0] - p.radius, p.to[0] - p.radius, p.from[0] + p.radius, p.to[0] + p.radius]
      : p.corners.map(([x]) => x)
  );
  const ys = pieces.flatMap((p) =>
    p.kind === 'bar'
      ? [p.from[1] - p.radius, p.to[1] + p.radius, p.from[1] + p.radius, p.to[1] - p.radius]
      : p.corners.map(([, y]) => y)
  );
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}
