// A scene taken with a phone: exposed by its own meter, through a curve, into eight bits with the numbers that its Exif would hold.
import { codeOf, luminanceOf, type Pixels } from '../picture/luminance.ts';
import { K_REFLECTED } from '../light/lv.ts';
import type { Luminances } from './draw.ts';

/** A picture of a scene, with its exposure. */
export interface Exposed {
  readonly pixels: Pixels;
  readonly fNumber: number;
  readonly seconds: number;
  readonly iso: number;
  /** Exposure value at ISO 100. */
  readonly ev100: number;
}

/** Linear luminance that stands for grey, and how steep phones' curves are. */
const GREY = 0.18;
/** The phone's one aperture. Common practice, no source. */
const APERTURE = 1.8;

/** A phone's curve: y = hⁿ/(hⁿ + k), through its grey. @param slope 1 = the plain sRGB curve */
const curveOf =
  (slope: number) =>
  (light: number): number => {
    if (slope === 1) return Math.min(1, light);
    const odds = (light / GREY) ** slope * (GREY / (1 - GREY));
    return odds / (1 + odds);
  };

/**
 * The mean luminance that a meter weighted to the middle sees, cd/m²: what is far lighter than the rest counts up to a limit.
 * @returns cd/m², > 0
 */
export function meteredLuminance({ width, height, data }: Luminances): number {
  let [sum, weights] = [0, 0];
  for (let row = 2; row < height; row += 5)
    for (let col = 2; col < width; col += 5) {
      const at = 3 * (row * width + col);
      const light = luminanceOf(data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0);
      const weight = Math.exp(-3 * ((col / width - 0.5) ** 2 + (row / height - 0.55) ** 2));
      sum += weight * Math.log2(Math.max(1e-9, light));
      weights += weight;
    }
  return 2 ** (sum / weights);
}

/** A number's exponent and the first ten bits behind it: close enough to look its code up by. */
const bitsOf = (n: number): number => (new Uint32Array(Float32Array.of(n).buffer)[0] ?? 0) >>> 13;
const numberOf = (bits: number): number => new Float32Array(Uint32Array.of(bits << 13).buffer)[0] ?? 0;
const [DARKEST_BITS, LIGHTEST_BITS] = [bitsOf(2 ** -14), bitsOf(64)];

/** Codes by the slope of the curve: twenty thousand of them, the same for every picture. */
const codesBySlope = new Map<number, Uint8Array>();

/** Codes for light against grey, from 2⁻¹⁴ to 64 times. */
function codesFor(slope: number): Uint8Array {
  const known = codesBySlope.get(slope);
  if (known) return known;
  const curve = curveOf(slope);
  const codes = Uint8Array.from({ length: LIGHTEST_BITS - DARKEST_BITS + 1 }, (_, i) =>
    codeOf(curve(GREY * numberOf(DARKEST_BITS + i)))
  );
  // a test may ask for any slope
  if (codesBySlope.size > 16) codesBySlope.clear();
  codesBySlope.set(slope, codes);
  return codes;
}

// The two inner loops stand by themselves: an engine makes a small function fast once, and for good.

/** Part of the luminances as many times grey. */
function scaleRow(data: Float32Array, from: number, by: number, row: Float32Array): void {
  for (let i = 0; i < row.length; i++) row[i] = (data[from + i] ?? 0) * by;
}

/** Codes for a row of numbers, given as their bits, into pixels. */
function putCodes(bits: Uint32Array, codes: Uint8Array, pixels: Uint8ClampedArray, start: number): void {
  const last = codes.length - 1;
  for (let i = 0, to = start; i < bits.length; i += 3, to += 4) {
    const red = ((bits[i] ?? 0) >>> 13) - DARKEST_BITS;
    const green = ((bits[i + 1] ?? 0) >>> 13) - DARKEST_BITS;
    const blue = ((bits[i + 2] ?? 0) >>> 13) - DARKEST_BITS;
    pixels[to] = codes[red < 0 ? 0 : red > last ? last : red] ?? 0;
    pixels[to + 1] = codes[green < 0 ? 0 : green > last ? last : green] ?? 0;
    pixels[to + 2] = codes[blue < 0 ? 0 : blue > last ? last : blue] ?? 0;
    pixels[to + 3] = 255;
  }
}

/**
 * Takes the picture.
 * @param slope of the phone's curve @param biasStops + = more light
 */
export function exposeScene(scene: Luminances, slope = 1.4, biasStops = 0): Exposed {
  const { width, height, data } = scene;
  const wanted = Math.log2((meteredLuminance(scene) * 100) / K_REFLECTED) - biasStops;
  const [fastest, slowest] = [1 / 8000, 1 / 15];
  const iso = Math.min(3200, Math.max(50, 100 * (APERTURE ** 2 / slowest / 2 ** wanted)));
  const nearest = Math.round(iso / 5) * 5;
  const seconds = Math.max(fastest, (APERTURE ** 2 * 100) / (2 ** wanted * nearest));
  // as Exif writes it: one over a whole number, or as it is
  const written = seconds < 0.3 ? 1 / Math.round(1 / seconds) : Math.round(seconds * 100) / 100;
  const ev100 = Math.log2(APERTURE ** 2 / written) - Math.log2(nearest / 100);
  // what reads as grey at that exposure: ISO 2720
  const grey = (2 ** ev100 * K_REFLECTED) / 100;
  const codes = codesFor(slope);
  // a row at a time: as numbers, and the same memory as bits
  const row = new Float32Array(3 * width);
  const bits = new Uint32Array(row.buffer);
  const pixels = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++) {
    scaleRow(data, y * row.length, 1 / grey, row);
    putCodes(bits, codes, pixels, 4 * y * width);
  }
  return {
    pixels: { width, height, data: pixels },
    fNumber: APERTURE,
    seconds: written,
    iso: nearest,
    ev100
  };
}
