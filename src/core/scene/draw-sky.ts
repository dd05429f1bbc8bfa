// The sky in bands, lighter to the horizon when blue and darker under cloud, with hills in layers before it.
import { seeded } from '../numeric/seeded.ts';
import { meanSky, type Drawing } from './draw.ts';
import { dayLux } from './lighting.ts';
import { COLOURS, tintOf, type Colour } from './colours.ts';

/** What a level mirror shows: the light from a height, as a tangent, into a row of three numbers for each column. */
export type Mirror = (up: number, into: Float32Array) => void;

const BANDS = 7;

interface Hill {
  readonly light: Colour;
  /** Its top for each column, as tangents of the angle. */
  readonly tops: Float32Array;
}

function hillsOf({ scene, air, open, width, focal }: Drawing): readonly Hill[] {
  const random = seeded(scene.seed + 1);
  const { floor, seen } = scene;
  const cover: Colour =
    floor === 'snow'
      ? [0.5, 0.5, 0.53]
      : floor === 'grass' || floor === 'road'
        ? COLOURS.grass
        : [0.08, 0.14, 0.08];
  const by = (dayLux(open, 0, 0, -1, 0) * 0.9) / Math.PI;
  return [0, 1, 2].map((i): Hill => {
    const [swing, turn, phase] = [random.between(0.012, 0.03), random.between(3, 7), random.between(0, 7)];
    const base = 0.075 - 0.025 * i;
    // in fog nothing is left of them
    const clear = Math.exp(-3000 / (1 + 1.6 * i) / Math.max(seen, 1200)) * (seen < 100 ? 0.05 : 1);
    const light = (c: 0 | 1 | 2): number => cover[c] * by * clear + air[c] * (1 - clear);
    return {
      light: [light(0), light(1), light(2)],
      tops: Float32Array.from({ length: width }, (_, col) => {
        const across = (col + 0.5 - width / 2) / focal;
        return (
          base +
          swing * Math.sin(turn * across * 2 + phase) +
          0.4 * swing * Math.sin(turn * across * 7 + phase)
        );
      })
    };
  });
}

/** The colour of each band, cd/m², from the horizon up. */
function bandsOf({ scene, open }: Drawing): readonly Colour[] {
  const mean = meanSky(scene, open);
  const tint = tintOf(scene.sky);
  return Array.from({ length: BANDS + 1 }, (_, i): Colour => {
    const band = i / BANDS;
    // CIE overcast sky: (1 + 2 sin)/3 of the zenith; a clear one is lightest above the horizon
    const tone =
      scene.sky === 'grey' ? 0.75 + 0.5 * band : scene.sky === 'dusk' ? 2.6 - 2.1 * band : 1.5 - 0.75 * band;
    const pale = scene.sky === 'dusk' ? -0.6 * band : 0.6 * (1 - band);
    const mix = (from: number, to: number): number => mean * tone * (from + (to - from) * pale);
    return [mix(tint[0], 1), mix(tint[1], 0.98), mix(tint[2], 0.95)];
  });
}

/** How light it is around the sun, against the sky's mean. */
function glow(cosine: number): number {
  if (cosine > 0.9996) return 400;
  if (cosine <= 0) return 0;
  // to the 8th and the 60th, by squares: a power for each pixel takes longer than all the rest
  const by4 = cosine * cosine * cosine * cosine;
  const by8 = by4 * by4;
  const by16 = by8 * by8;
  return 5 * by16 * by16 * by16 * by8 * by4 + 1.4 * by8;
}

/** Draws the sky down to the horizon. @returns what water shows of it */
export function drawSky(drawing: Drawing): Mirror {
  const { scene, data, width, focal, horizon } = drawing;
  const hills = hillsOf(drawing);
  const bands = bandsOf(drawing);
  const { sun, beamLux } = scene.lighting;
  const isAhead = sun[2] > 0 && beamLux > 0 && scene.sunlitFrom === null;
  const mean = meanSky(scene, drawing.open);
  const tint = tintOf(scene.sky);
  const mirror: Mirror = (up, into) => {
    const band: Colour = bands[Math.min(BANDS, Math.floor(9 * Math.sqrt(Math.max(0, up))))] ?? tint;
    for (let col = 0, at = 0; col < width; col++, at += 3) {
      let light = band;
      for (const hill of hills) if (up <= (hill.tops[col] ?? 0)) light = hill.light;
      into[at] = light[0];
      into[at + 1] = light[1];
      into[at + 2] = light[2];
      if (!isAhead || light !== band) continue;
      const across = (col + 0.5 - width / 2) / focal;
      const cosine = (sun[0] * across + sun[1] * up + sun[2]) / Math.sqrt(across * across + up * up + 1);
      const more = mean * glow(cosine);
      into[at] = light[0] + more;
      into[at + 1] = light[1] + more;
      into[at + 2] = light[2] + more;
    }
  };
  for (let row = 0; row + 0.5 <= horizon; row++)
    mirror((horizon - row - 0.5) / focal, data.subarray(3 * row * width, 3 * (row + 1) * width));
  return mirror;
}
