// The ground with its shadows. A shadow lies where the line to the sun meets what stands there: a thing of height h throws one of
// h/tan(altitude).
import { EYE, putSurface, type Drawing } from './draw.ts';
import type { Mirror } from './draw-sky.ts';
import { dayLux, lampLux, lampsAlong } from './lighting.ts';
import type { DrawnScene, SceneThing } from './scene.ts';
import { COLOURS, type Colour } from './colours.ts';
import { outside } from './outline.ts';

/** Where on the ground a thing can throw its shadow, as seen along a row: from x to x, metres. */
export type Reach = readonly [from: number, to: number];

/** Share of the sun's beam that a thing keeps off a point on the ground, 0…1. */
export function keptBy(
  { pieces, bounds, x: footX, z: footZ }: SceneThing,
  { lighting: { sun }, edge }: DrawnScene,
  x: number,
  z: number
): number {
  const level = Math.sqrt(sun[0] * sun[0] + sun[2] * sun[2]);
  if (sun[1] <= 0 || level === 0) return 0;
  const sx = sun[0] / level;
  const sz = sun[2] / level;
  // towards the sun, and across: things are round enough to throw the same shadow to all sides
  const along = (footX - x) * sx + (footZ - z) * sz;
  const soft = Math.max(LEAST_SOFT, edge[0] * Math.max(0, along));
  if (along < -soft) return 0;
  const height = (along * sun[1]) / level;
  const across = (x - footX) * sz - (z - footZ) * sx;
  if (height > bounds.top + soft || across < bounds.left - soft || across > bounds.right + soft) return 0;
  let nearest = Infinity;
  for (const piece of pieces) nearest = Math.min(nearest, outside(piece, across, height));
  return Math.min(1, Math.max(0, 0.5 - nearest / soft));
}

/** The edge of a shadow is never sharper, metres. */
const LEAST_SOFT = 0.02;

/** Where a thing's shadow can lie at a distance; wider than it is rather than narrower. */
export function reachOf(
  { bounds, x, z: footZ }: SceneThing,
  { lighting: { sun }, edge }: DrawnScene,
  z: number
): Reach {
  const level = Math.sqrt(sun[0] * sun[0] + sun[2] * sun[2]);
  if (sun[1] <= 0 || level === 0) return [Infinity, -Infinity];
  const [sx, sz] = [sun[0] / level, sun[2] / level];
  // a soft edge grows with the shadow, and the shadow with the edge: both are longest where the top throws them
  const rise = sun[1] / level;
  const longest = (bounds.top + LEAST_SOFT) / Math.max(1e-6, rise - edge[0]);
  const soft = rise > edge[0] ? Math.max(LEAST_SOFT, edge[0] * longest) : Infinity;
  const between = (from: number, to: number, slope: number): Reach => {
    if (slope === 0) return from <= 0 && to >= 0 ? [-Infinity, Infinity] : [Infinity, -Infinity];
    return slope > 0 ? [from / slope, to / slope] : [to / slope, from / slope];
  };
  const [dz, most] = [(footZ - z) * sz, longest + soft];
  // −soft ≤ dz − sx·u ≤ most, and left − soft ≤ u·sz + (footZ − z)·sx ≤ right + soft, u from the foot
  const [a, b] = between(dz - most, dz + soft, sx);
  const off = (footZ - z) * sx;
  const [c, d] = between(bounds.left - soft - off, bounds.right + soft - off, sz);
  return [x + Math.max(a, c), x + Math.min(b, d)];
}

/** Share of the sun's beam kept off a point on the ground, 0…1. */
export function shadowAt(scene: DrawnScene, x: number, z: number): number {
  return scene.things.reduce((kept, thing) => Math.max(kept, keptBy(thing, scene, x, z)), 0);
}

/** Sines in a table: tufts and ripples need no better. */
const SINES = Float32Array.from({ length: 4096 }, (_, i) => Math.sin((i / 4096) * 2 * Math.PI));
const sine = (angle: number): number => SINES[Math.floor((angle * 4096) / (2 * Math.PI)) & 4095] ?? 0;

/** Tufts, slabs and boards: how the ground's tone changes from place to place, about 1. */
function toneAt(floor: DrawnScene['floor'], x: number, z: number): number {
  switch (floor) {
    case 'boards': {
      const board = x / 0.34;
      return board - Math.floor(board) < 0.05 ? 0.55 : 1 + 0.1 * sine(Math.floor(board) * 5);
    }
    case 'road': {
      const [across, away] = [(x + 40) / 1.2, z / 1.2];
      const isSeam = across - Math.floor(across) < 0.04 || away - Math.floor(away) < 0.04;
      return isSeam ? 0.84 : 1;
    }
    case 'grass':
      return 1 + 0.16 * sine(3.1 * x + 2 * sine(1.3 * z)) * sine(2.3 * z + 1.7 * sine(0.9 * x));
    case 'sand':
    case 'snow':
      return 1 + 0.04 * sine(2.2 * z + 1.4 * sine(0.8 * x));
    case 'water':
      return 1;
  }
}

/** Draws the ground below the horizon, or the wall. @param mirror what water shows */
export function drawGround(drawing: Drawing, mirror: Mirror): void {
  const { scene, open, data, width, height, focal, horizon } = drawing;
  const { wall, floor, lighting, sunlitFrom, seen } = scene;
  const colour: Colour = COLOURS[floor];
  const first = wall ? horizon + (EYE.height * focal) / wall.z : horizon;
  const shown = new Float32Array(3);
  for (let row = Math.floor(first - 0.5) + 1; row < height; row++) {
    const z = (EYE.height * focal) / (row + 0.5 - horizon);
    const lit = sunlitFrom !== null && z > sunlitFrom ? open : lighting;
    const [bare, shaded] = [dayLux(lit, 0, 1, 0, 0), dayLux(lit, 0, 1, 0, 1)];
    const clear = Math.exp(-z / seen);
    const up = (row + 0.5 - horizon) / focal;
    const mirrored = floor === 'water' ? 0.06 + 0.5 * Math.exp(-9 * up) : 0;
    const xAt = (col: number): number => ((col + 0.5 - width / 2) * z) / focal;
    const lamps =
      lit.lamps.length === 0
        ? null
        : lampsAlong(width, (col) => lampLux(lit, xAt(col), 0, z, 0, 1, 0, false));
    const shading =
      lit.beamLux > 0 ? scene.things.map((thing) => ({ thing, reach: reachOf(thing, scene, z) })) : [];
    for (let col = 0; col < width; col++) {
      const at = 3 * (row * width + col);
      const x = xAt(col);
      let shadow = 0;
      for (const { thing, reach } of shading)
        if (x >= reach[0] && x <= reach[1]) shadow = Math.max(shadow, keptBy(thing, scene, x, z));
      const lux = bare + (shaded - bare) * shadow + (lamps?.[col] ?? 0);
      putSurface(drawing, at, colour, lux * toneAt(floor, x, z), clear, 1);
      if (mirrored === 0) continue;
      // water shows the sky, the more the flatter one looks at it
      mirror(col, Math.min(0.5, up), shown);
      const ripple = 1 + 0.14 * sine(22 * Math.log(z) + 3 * sine(x / (0.3 * z)));
      const by = mirrored * ripple * (1 - 0.4 * shadow);
      for (let c = 0; c < 3; c++) data[at + c] = (data[at + c] ?? 0) * (1 - mirrored) + (shown[c] ?? 0) * by;
    }
  }
}
