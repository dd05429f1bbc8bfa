// What falls on a surface in a scene, lux, and so how light it looks. A surface of reflectance R under E lux is R·E/π cd/m² light
// (Lambert); illuminance of a lamp I/r² (inverse square law): IES Lighting Handbook, 9th ed. (2000), ch. 9.
import { C_DOME } from '../light/lv.ts';

/** A point or a direction: x to the right, y up, z away from the camera; metres. */
export type Vector = readonly [x: number, y: number, z: number];

/** A lamp, or a window as seen from inside. */
export interface SceneLamp {
  readonly at: Vector;
  /** Intensity, candela. */
  readonly candela: number;
  /** Half width of its beam, metres at the floor, where it is a spotlight from above; null = it shines all around. */
  readonly beam: number | null;
}

/** All light in a scene. */
export interface Lighting {
  /** Towards the sun; its beam on a surface that faces it, lux. */
  readonly sun: Vector;
  readonly beamLux: number;
  /** Of the whole sky on level ground, lux. */
  readonly skyLux: number;
  /** Share of the light that the ground throws back. */
  readonly ground: number;
  /** Light from all around, lux. */
  readonly ambientLux: number;
  readonly lamps: readonly SceneLamp[];
}

/** On level ground in the open, lux. */
export const levelLux = ({ sun, beamLux, skyLux }: Lighting): number =>
  beamLux * Math.max(0, sun[1]) + skyLux;

/** How much of a spotlight is there, by the distance from its middle in half widths. */
const spot = (off: number): number => (off < 0.8 ? 1 : off > 1.25 ? 0.02 : 1 - (0.98 * (off - 0.8)) / 0.45);

/**
 * What lamps throw on a surface, lux. Plain numbers in, as it is asked for every pixel.
 * @param x, y, z where @param nx, ny, nz its unit normal @param wraps whether it collects as a dome does
 */
export function lampLux(
  { lamps }: Lighting,
  ...[x, y, z, nx, ny, nz, wraps]: readonly [number, number, number, number, number, number, boolean]
): number {
  let lux = 0;
  for (const { at, candela, beam } of lamps) {
    const dx = at[0] - x;
    const dy = at[1] - y;
    const dz = at[2] - z;
    const r2 = Math.max(0.04, dx * dx + dy * dy + dz * dz);
    const cosine = (dx * nx + dy * ny + dz * nz) / Math.sqrt(r2);
    if (!wraps && cosine <= 0) continue;
    const inBeam =
      beam === null ? 1 : spot(Math.sqrt(dx * dx + dz * dz) / (beam * Math.max(0.2, dy / at[1])));
    lux += (candela * (wraps ? (1 + cosine) / 2 : cosine) * inBeam) / r2;
  }
  return lux;
}

/** Pixels between two that soft light and tones are worked out for. */
export const STEP = 4;

/** A value along a row of pixels: worked out for each so many, drawn straight between them. @param of a column */
export function along(width: number, step: number, of: (col: number) => number): Float32Array {
  const row = new Float32Array(width + step);
  let from = of(0);
  for (let col = 0; col < width; col += step) {
    const to = of(col + step);
    for (let i = 0; i < step; i++) row[col + i] = from + ((to - from) * i) / step;
    from = to;
  }
  return row;
}

/**
 * What sun, sky and ground throw on a surface, and what is all around, lux: the same at every place.
 * @param nx, ny, nz unit normal @param shadow share of the sun's beam that is kept off, 0…1
 */
export function dayLux(lighting: Lighting, nx: number, ny: number, nz: number, shadow: number): number {
  const { sun, beamLux, skyLux, ground, ambientLux } = lighting;
  const beam = beamLux * Math.max(0, sun[0] * nx + sun[1] * ny + sun[2] * nz) * (1 - shadow);
  return beam + (skyLux * (1 + ny)) / 2 + (ground * levelLux(lighting) * (1 - ny)) / 2 + ambientLux;
}

/**
 * What a dome that faces the camera collects at a point, lux.
 * @param lighting of the scene; the point in metres: right, up, away
 * @returns lux > 0
 */
export function domeLux(lighting: Lighting, [x, y, z]: Vector): number {
  const { sun, beamLux, skyLux, ground, ambientLux } = lighting;
  const day = (beamLux * (1 - sun[2])) / 2 + skyLux + ground * levelLux(lighting);
  return day + ambientLux + lampLux(lighting, x, y, z, 0, 0, -1, true);
}

/** The same light, made as strong as a dome at that point reads it. @param lv ISO 2720, C of a dome */
export function scaledTo(lighting: Lighting, at: Vector, lv: number): Lighting {
  const by = (2 ** lv * C_DOME) / 100 / domeLux(lighting, at);
  return {
    ...lighting,
    beamLux: lighting.beamLux * by,
    skyLux: lighting.skyLux * by,
    ambientLux: lighting.ambientLux * by,
    lamps: lighting.lamps.map((l) => ({ ...l, candela: l.candela * by }))
  };
}
