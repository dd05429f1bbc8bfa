// Draws scenes off the main thread, as a phone would take them.
import type { Pixels } from '#core/picture/luminance.ts';
import { drawScene } from '#core/scene/draw.ts';
import { exposeScene } from '#core/scene/expose.ts';
import { isSceneLight } from '#core/scene/lights.ts';
import { sceneOf } from '#core/scene/scene.ts';
import { serve } from './serve.ts';

/** What is asked: a scene by its number and kind of light, at a size in pixels. */
export interface SceneQuestion {
  readonly seed: number;
  readonly kind: string;
  readonly width: number;
  readonly height: number;
}

/** The picture, with the exposure value at ISO 100 that it was taken at. */
export interface SceneAnswer {
  readonly pixels: Pixels;
  readonly ev100: number;
}

serve<SceneQuestion, SceneAnswer>(self, async function* ({ seed, kind, width, height }) {
  const scene = sceneOf(seed, isSceneLight(kind) ? kind : null);
  const { pixels, ev100 } = exposeScene(drawScene(scene, width, height));
  yield await Promise.resolve({ pixels, ev100 });
});
