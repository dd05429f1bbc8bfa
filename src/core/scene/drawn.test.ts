// Scenes look as they did when they were looked at: one of each kind of light as a coarse picture, LV by a spot meter, and its colours.
import { describe, expect, test } from 'vitest';
import { lvFromLuminance } from '../light/lv.ts';
import { luminanceOf } from '../picture/luminance.ts';
import { drawScene, type Luminances } from './draw.ts';
import { DRAWN } from './drawn.test.fixtures.ts';
import { SCENE_LIGHT_NAMES, type SceneLight } from './lights.ts';
import { sceneOf } from './scene.ts';

const [WIDTH, HEIGHT] = [64, 40];
const [ACROSS, DOWN] = [8, 5];

/** Mean of each channel over a part of a picture, cd/m². */
function meanOf({ width, data }: Luminances, left: number, top: number, w: number, h: number) {
  const sum: [number, number, number] = [0, 0, 0];
  for (let row = top; row < top + h; row++)
    for (let col = left; col < left + w; col++)
      for (const c of [0, 1, 2] as const) sum[c] += (data[3 * (row * width + col) + c] ?? 0) / (w * h);
  return sum;
}

/** Rows of LVs; of every row how much redder and bluer than green it is, stops. */
function coarse(kind: SceneLight, seed: number) {
  const picture = drawScene(sceneOf(seed, kind), WIDTH, HEIGHT);
  const [w, h] = [WIDTH / ACROSS, HEIGHT / DOWN];
  const down = Array.from({ length: DOWN }, (_, i) => i);
  return {
    lvs: down.map((y) =>
      Array.from({ length: ACROSS }, (_, x) =>
        lvFromLuminance(luminanceOf(...meanOf(picture, x * w, y * h, w, h)))
      )
    ),
    colours: down.map((y) => {
      const [red, green, blue] = meanOf(picture, 0, y * h, WIDTH, h);
      return [Math.log2(red / green), Math.log2(blue / green)];
    })
  };
}

describe('one of each kind', () => {
  test('there is one of each', () => expect(Object.keys(DRAWN)).toEqual(SCENE_LIGHT_NAMES));

  test.each(SCENE_LIGHT_NAMES)('%s', (kind) => {
    const { seed, lvs, colours } = DRAWN[kind];
    const now = coarse(kind, seed);
    now.lvs.forEach((row, y) =>
      row.forEach((lv, x) => expect(lv, `row ${y}, column ${x}`).toBeCloseTo(lvs[y]?.[x] ?? NaN, 2))
    );
    now.colours.forEach((pair, y) =>
      pair.forEach((stops, c) => expect(stops, `row ${y}`).toBeCloseTo(colours[y]?.[c] ?? NaN, 2))
    );
  });
});
