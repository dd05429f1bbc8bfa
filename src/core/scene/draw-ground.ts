// The ground with its shadows. A shadow lies where the line to the sun meets what stands there: a thing of height h throws one of
// h/tan(altitude).
import { EYE, type Drawing } from './draw.ts';
import type { Mirror } from './draw-sky.ts';
import { along, dayLux, lampLux, STEP } from './lighting.ts';
import type { DrawnScene, SceneThing } from './scene.ts';
import { COLOURS, type Colour } from './colours.ts';
import { outside } from './outline.ts';

/** Where on the ground a thing can throw its shadow, as seen along a row: from x to x, metres. */
export type Reach = readonly [from: number, to: number];

/** Share of the sun's beam that a thing keeps off points on the ground, 0…1. @returns of a point, x and z in metres */
export function keptBy(
  { pieces, bounds, x: footX, z: footZ }: SceneThing,
  { lighting: { sun }, edge }: DrawnScene
): (x: number, z: number) => number {
  const level = Math.sqrt(sun[0] * sun[0] + sun[2] * sun[2]);
  if (sun[1] <= 0 || level === 0) return () => 0;
  const [sx, sz, rise, blur] = [sun[0] / level, sun[2] / level, sun[1] / level, edge[0]];
  return (x, z) => {
    // towards the sun, and across: things are round enough to throw the same shadow to all sides
    const along = (footX - x) * sx + (footZ - z) * sz;
    const soft = Math.max(LEAST_SOFT, blur * Math.max(0, along));
    if (along < -soft) return 0;
    const height = along * rise;
    const across = (x - footX) * sz - (z - footZ) * sx;
    if (height > bounds.top + soft || across < bounds.left - soft || across > bounds.right + soft) return 0;
    let nearest = Infinity;
    for (const piece of pieces) {
      nearest = Math.min(nearest, outside(piece, across, height));
      // as dark as it gets
      if (nearest <= -0.5 * soft) return 1;
    }
    return Math.min(1, Math.max(0, 0.5 - nearest / soft));
  };
}

/** The edge of a shadow is never sharper, metres. */
const LEAST_SOFT = 0.02;

/**
 * Where a thing's shadow can lie at a distance; wider than it is rather than narrower.
 * @param z metres from the eye, > 0
 * @returns from and to, metres across; from above to = no shadow there
 */
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

/**
 * Share of the sun's beam kept off a point on the ground, 0…1.
 * @param x metres to the right of the middle @param z metres from the eye, > 0
 * @returns 0 = in full sun
 */
export function shadowAt(scene: DrawnScene, x: number, z: number): number {
  return scene.things.reduce((kept, thing) => Math.max(kept, keptBy(thing, scene)(x, z)), 0);
}

/** Sines in a table: tufts and ripples need no better. */
const SINES = Float32Array.from({ length: 4096 }, (_, i) => Math.sin((i / 4096) * 2 * Math.PI));
const sine = (angle: number): number => SINES[Math.floor((angle * 4096) / (2 * Math.PI)) & 4095] ?? 0;

/** Floors whose tone changes at a line. */
const HAS_LINES: Readonly<Partial<Record<DrawnScene['floor'], true>>> = { boards: true, road: true };

/** Tufts, slabs and boards: how the ground's tone changes along a row, about 1. @returns of a place, x in metres */
function tonesAt(floor: DrawnScene['floor'], z: number): (x: number) => number {
  switch (floor) {
    case 'boards':
      return (x) => {
        const board = Math.floor(x / 0.34);
        return x / 0.34 - board < 0.05 ? 0.55 : 1 + 0.1 * sine(board * 5);
      };
    case 'road': {
      const away = z / 1.2;
      if (away - Math.floor(away) < 0.04) return () => 0.84;
      return (x) => {
        const across = (x + 40) / 1.2;
        return across - Math.floor(across) < 0.04 ? 0.84 : 1;
      };
    }
    case 'grass': {
      const [turn, away] = [2 * sine(1.3 * z), 2.3 * z];
      return (x) => 1 + 0.16 * sine(3.1 * x + turn) * sine(away + 1.7 * sine(0.9 * x));
    }
    case 'sand':
    case 'snow':
      return (x) => 1 + 0.04 * sine(2.2 * z + 1.4 * sine(0.8 * x));
    case 'water':
      return () => 1;
  }
}

/** Where a row's shadows lie: share of the beam kept off, into one number for each column. */
function shadowsOf(
  { scene, width, focal }: Drawing,
  into: Float32Array
): (z: number, isLit: boolean) => void {
  const throwing = scene.things.map((thing) => ({ thing, kept: keptBy(thing, scene) }));
  return (z, isLit) => {
    into.fill(0);
    if (!isLit) return;
    const metres = z / focal;
    const colOf = (x: number): number => x / metres + width / 2 - 0.5;
    for (const { thing, kept } of throwing) {
      const [from, to] = reachOf(thing, scene, z);
      const last = Math.min(width - 1, Math.floor(colOf(to)));
      for (let col = Math.max(0, Math.ceil(colOf(from))); col <= last; col++) {
        const shadow = kept((col + 0.5 - width / 2) * metres, z);
        if (shadow > (into[col] ?? 0)) into[col] = shadow;
      }
    }
  };
}

/** Draws the ground below the horizon, or the wall. @param mirror what water shows */
export function drawGround(drawing: Drawing, mirror: Mirror): void {
  const { scene, open, data, air, width, height, focal, horizon } = drawing;
  const { wall, floor, lighting, sunlitFrom, seen } = scene;
  const [red, green, blue]: Colour = COLOURS[floor];
  const first = wall ? horizon + (EYE.height * focal) / wall.z : horizon;
  const shown = new Float32Array(3 * width);
  const shadow = new Float32Array(width);
  const findShadows = shadowsOf(drawing, shadow);
  for (let row = Math.floor(first - 0.5) + 1; row < height; row++) {
    const z = (EYE.height * focal) / (row + 0.5 - horizon);
    const lit = sunlitFrom !== null && z > sunlitFrom ? open : lighting;
    const [bare, shaded] = [dayLux(lit, 0, 1, 0, 0), dayLux(lit, 0, 1, 0, 1)];
    const clear = Math.exp(-z / seen);
    const up = (row + 0.5 - horizon) / focal;
    const mirrored = floor === 'water' ? 0.06 + 0.5 * Math.exp(-9 * up) : 0;
    const xAt = (col: number): number => ((col + 0.5 - width / 2) * z) / focal;
    const tone = tonesAt(floor, z);
    const tones = along(width, HAS_LINES[floor] ? 1 : STEP, (col) => tone(xAt(col)));
    const lamps =
      lit.lamps.length === 0
        ? null
        : along(width, STEP, (col) => lampLux(lit, xAt(col), 0, z, 0, 1, 0, false));
    findShadows(z, lit.beamLux > 0);
    if (mirrored > 0) mirror(Math.min(0.5, up), shown);
    const far = 22 * Math.log(z);
    const ripples =
      mirrored === 0
        ? shadow
        : along(width, STEP, (col) => 1 + 0.14 * sine(far + 3 * sine(xAt(col) / (0.3 * z))));
    const [hazeRed, hazeGreen, hazeBlue] = [air[0] * (1 - clear), air[1] * (1 - clear), air[2] * (1 - clear)];
    for (let col = 0, at = 3 * row * width; col < width; col++, at += 3) {
      const kept = shadow[col] ?? 0;
      const lux = bare + (shaded - bare) * kept + (lamps === null ? 0 : (lamps[col] ?? 0));
      // as a surface of Lambert's, {@link putSurface}
      const by = (lux * (tones[col] ?? 1) * clear) / Math.PI;
      data[at] = red * by + hazeRed;
      data[at + 1] = green * by + hazeGreen;
      data[at + 2] = blue * by + hazeBlue;
      if (mirrored === 0) continue;
      // water shows the sky, the more the flatter one looks at it
      const share = mirrored * (ripples[col] ?? 1) * (1 - 0.4 * kept);
      for (let c = 0; c < 3; c++)
        data[at + c] = (data[at + c] ?? 0) * (1 - mirrored) + (shown[3 * col + c] ?? 0) * share;
    }
  }
}
