// How light a part of a picture is: linear luminance of its pixels, averaged before anything else is done with it, and how much
// of it has run off either end of the picture's scale.

/** A picture as pixels: four bytes each, red, green, blue and opacity, row after row from the top. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** A round part of a picture, in shares of its width and height; the radius in shares of its shorter side. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** What a part of a picture looks like. */
export interface Patch {
  /** Mean linear luminance, 0…1. */
  readonly luminance: number;
  /** Share of pixels with a channel at its upper end: they may have been any amount lighter. */
  readonly clipped: number;
  /** Share of pixels that are all but black: they may have been any amount darker. */
  readonly blocked: number;
}

/** At and above this a channel has run off. Common practice, no source. */
export const FULL_CODE = 250;
/** Up to this a pixel is all but black. Common practice, no source. */
const EMPTY_CODE = 12;

/** Linear share of light of each code. IEC 61966-2-1:1999, the sRGB transfer function. */
export const LINEAR: Float64Array = Float64Array.from({ length: 256 }, (_, code) => {
  const c = code / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});

/**
 * The code of a linear share of light, 0…255: the inverse of {@link LINEAR}.
 * @param linear share of white, 0…1; what lies beyond is held
 * @returns a whole number
 */
export function codeOf(linear: number): number {
  const c = linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055;
  return Math.round(255 * Math.min(1, Math.max(0, c)));
}

/** Luminance of linear red, green and blue. ITU-R BT.709-6, item 3.2. */
export const luminanceOf = (red: number, green: number, blue: number): number =>
  0.2126 * red + 0.7152 * green + 0.0722 * blue;

/**
 * The patch of a spot; one that lies outside, or is smaller than a pixel, is the nearest pixel.
 * @param spot where
 */
export function patchOf({ width, height, data }: Pixels, { x, y, radius }: Spot): Patch {
  const [cx, cy] = [clampTo(x * width, width), clampTo(y * height, height)];
  const r = Math.max(0.5, radius * Math.min(width, height));
  let [sum, clipped, blocked, count] = [0, 0, 0, 0];
  for (let row = clampTo(Math.floor(cy - r), height); row <= clampTo(Math.ceil(cy + r), height); row++)
    for (let col = clampTo(Math.floor(cx - r), width); col <= clampTo(Math.ceil(cx + r), width); col++) {
      const isCentre = row === Math.floor(cy) && col === Math.floor(cx);
      if (!isCentre && (col + 0.5 - cx) ** 2 + (row + 0.5 - cy) ** 2 > r * r) continue;
      const at = 4 * (row * width + col);
      const [red = 0, green = 0, blue = 0] = [data[at], data[at + 1], data[at + 2]];
      sum += luminanceOf(LINEAR[red] ?? 0, LINEAR[green] ?? 0, LINEAR[blue] ?? 0);
      if (Math.max(red, green, blue) >= FULL_CODE) clipped += 1;
      if (Math.max(red, green, blue) <= EMPTY_CODE) blocked += 1;
      count += 1;
    }
  return { luminance: sum / count, clipped: clipped / count, blocked: blocked / count };
}

/** Whole pixels stay inside; what is no number is the middle. */
const clampTo = (n: number, size: number): number =>
  Number.isFinite(n) ? Math.min(size - 1, Math.max(0, n)) : Math.floor(size / 2);

/**
 * Every so manyth pixel of a picture: small enough to be printed anew while a control is dragged.
 * @param longest side of what comes out, pixels, ≥ 1
 */
export function thinned({ width, height, data }: Pixels, longest: number): Pixels {
  const step = Math.max(1, Math.ceil(Math.max(width, height) / longest));
  const [w, h] = [Math.ceil(width / step), Math.ceil(height / step)];
  const from = new Uint32Array(data.buffer, data.byteOffset, width * height);
  const into = new Uint32Array(w * h);
  for (let row = 0; row < h; row++)
    for (let col = 0; col < w; col++) into[row * w + col] = from[row * step * width + col * step] ?? 0;
  return { width: w, height: h, data: new Uint8ClampedArray(into.buffer) };
}
