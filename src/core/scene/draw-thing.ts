// What stands in a scene: its pieces one over the other. Round ones turn away to their sides, in a few steps as if cut.
import { EYE, putSurface, type Drawing } from './draw.ts';
import { dayLux, lampLux } from './lighting.ts';
import type { SceneThing } from './scene.ts';
import { boundsOf, outside, type Piece } from './outline.ts';

const STEPS = 4;

/** How far a piece is turned to the side there, in steps from −{@link STEPS} to {@link STEPS}. */
function turnedAt(piece: Piece, x: number): number {
  if (piece.round === 0) return 0;
  const middle = piece.kind === 'bar' ? (piece.from[0] + piece.to[0]) / 2 : 0;
  return Math.round(STEPS * Math.min(0.97, Math.max(-0.97, (x - middle) / piece.round)));
}

/**
 * Draws a thing over what lies behind it.
 * @param drawing its pixels are changed
 */
export function drawThing(drawing: Drawing, { pieces, x: footX, z }: SceneThing): void {
  const { scene, open, width, height, focal, horizon } = drawing;
  const scale = focal / z;
  const [centre, foot] = [width / 2 + footX * scale, horizon + EYE.height * scale];
  const clear = Math.exp(-z / scene.seen);
  const lit = scene.sunlitFrom !== null && z > scene.sunlitFrom ? open : scene.lighting;
  const sides = Array.from({ length: 2 * STEPS + 1 }, (_, i) => (i - STEPS) / (STEPS + 0.2));
  const day = sides.map((nx) => dayLux(lit, nx, 0, -Math.sqrt(1 - nx * nx), 0));
  for (const piece of pieces) {
    const { left, right, bottom, top } = boundsOf([piece]);
    const first = Math.max(0, Math.floor(centre + left * scale) - 1);
    const last = Math.min(width - 1, Math.ceil(centre + right * scale) + 1);
    const lowest = Math.min(height - 1, Math.ceil(foot - bottom * scale) + 1);
    for (let row = Math.max(0, Math.floor(foot - top * scale) - 1); row <= lowest; row++) {
      const y = (foot - row - 0.5) / scale;
      let [covers, next] = [0, first];
      for (let col = first; col <= last; col++) {
        const x = (col + 0.5 - centre) / scale;
        if (col >= next) {
          const off = outside(piece, x, y) * scale;
          covers = Math.min(1, 0.5 - off);
          // a pixel farther it is a pixel's width nearer at most: up to there all are as this one
          next = col + 1 + Math.max(0, Math.floor(Math.abs(off) - 0.5));
        }
        if (covers <= 0) {
          col = next - 1;
          continue;
        }
        const turned = turnedAt(piece, x) + STEPS;
        const nx = sides[turned] ?? 0;
        const lamps =
          lit.lamps.length === 0 ? 0 : lampLux(lit, footX + x, y, z, nx, 0, -Math.sqrt(1 - nx * nx), false);
        putSurface(drawing, 3 * (row * width + col), piece.colour, (day[turned] ?? 0) + lamps, clear, covers);
      }
    }
  }
}
