// Draws a scene: for every pixel how much light comes from there, cd/m² in red, green and blue. Flat colours, bands and hills in
// layers: a picture like cut paper.
import { drawGround } from './draw-ground.ts';
import { drawSky } from './draw-sky.ts';
import { drawThing } from './draw-thing.ts';
import { drawWall } from './draw-wall.ts';
import type { Lighting } from './lighting.ts';
import type { DrawnScene } from './scene.ts';
import { tintOf, type Colour } from './colours.ts';

/** Light from every pixel, cd/m²: red, green, blue, row after row from the top. */
export interface Luminances {
  readonly width: number;
  readonly height: number;
  readonly data: Float32Array;
}

/** A scene on its way to pixels. */
export interface Drawing extends Luminances {
  readonly scene: DrawnScene;
  /** Pixels for a metre at a metre's distance. */
  readonly focal: number;
  /** Row of the horizon. */
  readonly horizon: number;
  /** The light of the air itself, cd/m², which fog is made of. */
  readonly air: Colour;
  /** The light in the open, where the subject stands in the shade. */
  readonly open: Lighting;
}

/** How high the eye is, metres; where the horizon lies, share of the height; how long the lens, in widths. */
export const EYE = { height: 1.55, horizon: 0.47, focal: 0.95 } as const;

/**
 * Draws a scene at a size, pixels.
 * @param width ≥ 1 @param height ≥ 1
 * @returns three values for each pixel, cd/m² in red, green and blue
 */
export function drawScene(scene: DrawnScene, width: number, height: number): Luminances {
  const open = scene.sunlitFrom === null ? scene.lighting : sunlit(scene.lighting);
  const tint = tintOf(scene.sky);
  // fog is as light as the sky's mean, far air a little more
  const air = meanSky(scene, open) * (scene.seen < 100 ? 1.05 : 1.3);
  const drawing: Drawing = {
    ...{ scene, open, width, height, data: new Float32Array(3 * width * height) },
    ...{ focal: EYE.focal * width, horizon: EYE.horizon * height },
    air: [air * (0.8 + 0.2 * tint[0]), air, air * (0.8 + 0.2 * tint[2])]
  };
  const sky = scene.wall ? drawWall(drawing, scene.wall) : drawSky(drawing);
  drawGround(drawing, sky);
  for (const one of scene.things) drawThing(drawing, one);
  return drawing;
}

/**
 * Mean luminance of the sky, cd/m²: E/π for E lux on level ground; over lamps what they throw up.
 * @param open its light where nothing shades it
 * @returns cd/m², > 0
 */
export function meanSky({ kind, lighting }: DrawnScene, open: Lighting): number {
  return kind === 'street' ? 0.012 * lighting.ambientLux : Math.max(open.skyLux, 1e-6) / Math.PI;
}

/** The light where the shade ends: a clear sky twice as open, and the sun. */
function sunlit(lighting: Lighting): Lighting {
  return { ...lighting, beamLux: 11 * lighting.skyLux, skyLux: 2.2 * lighting.skyLux };
}

/**
 * Puts a surface's light into a pixel: R·E/π (Lambert), dimmed by the air between, which adds its own.
 * @param at its red's place in the data @param clear share that comes through the air @param covers share of the pixel
 */
export function putSurface(
  { data, air }: Drawing,
  at: number,
  colour: Colour,
  ...[lux, clear, covers]: readonly [lux: number, clear: number, covers: number]
): void {
  const by = (lux * clear) / Math.PI;
  const haze = 1 - clear;
  const rest = 1 - covers;
  data[at] = (data[at] ?? 0) * rest + (colour[0] * by + air[0] * haze) * covers;
  data[at + 1] = (data[at + 1] ?? 0) * rest + (colour[1] * by + air[1] * haze) * covers;
  data[at + 2] = (data[at + 2] ?? 0) * rest + (colour[2] * by + air[2] * haze) * covers;
}
