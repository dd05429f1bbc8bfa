// A wall across the back, with its dado, and the window in it: as light as the sky outside.
import { EYE, type Drawing } from './draw.ts';
import type { Mirror } from './draw-sky.ts';
import { along, dayLux, lampLux, STEP } from './lighting.ts';
import type { SceneWall } from './scene.ts';
import { COLOURS, tintOf, type Colour } from './colours.ts';

/** A window is so much lighter than a grey card beside it, at LV 0: cd/m². Common practice, no source. */
const PANE_CD_M2 = 3;
/** Stage curtain, dado. */
const [CURTAIN, DADO]: readonly [Colour, Colour] = [
  [0.07, 0.03, 0.035],
  [0.2, 0.24, 0.2]
];

/** Draws the wall down to its foot. @returns what a floor would mirror: nothing */
export function drawWall(
  { scene, data, width, height, focal, horizon }: Drawing,
  { z, window }: SceneWall
): Mirror {
  const { lighting, kind, lv } = scene;
  const isStage = kind === 'stage';
  const day = dayLux(lighting, 0, 0, -1, 0);
  const pane = PANE_CD_M2 * 2 ** lv;
  const milky = tintOf('milky');
  const last = Math.min(height, Math.floor(horizon + (EYE.height * focal) / z + 0.5));
  const xAt = (col: number): number => ((col + 0.5 - width / 2) * z) / focal;
  const folds = along(width, 1, (col) => (isStage ? 1 + 0.35 * Math.sin(9 * xAt(col)) : 1));
  for (let row = 0; row < last; row++) {
    const y = EYE.height - ((row + 0.5 - horizon) * z) / focal;
    const lamps = along(width, STEP, (col) => lampLux(lighting, xAt(col), y, z, 0, 0, -1, false));
    const colour = isStage ? CURTAIN : y < 0.1 ? COLOURS.white : y < 0.95 ? DADO : COLOURS.plaster;
    const isPane = window !== null && y > 0.95 && y < 2.55;
    const isAcross = Math.abs(y - 1.75) < 0.03;
    for (let col = 0, at = 3 * row * width; col < width; col++, at += 3) {
      const x = xAt(col);
      if (isPane && Math.abs(x - window.x) < window.width / 2) {
        const isBar = isAcross || Math.abs(x - window.x) < 0.03;
        for (let c = 0; c < 3; c++) data[at + c] = isBar ? 0.02 * pane : pane * (milky[c] ?? 1);
        continue;
      }
      const by = ((day + (lamps[col] ?? 0)) * (folds[col] ?? 1)) / Math.PI;
      data[at] = colour[0] * by;
      data[at + 1] = colour[1] * by;
      data[at + 2] = colour[2] * by;
    }
  }
  return (_, into) => into.fill(0);
}
