// A phone's picture as this camera and film would print it: what the phone's curve did is undone, the error of the frame added, and
// what is left is put through the film's own curve. One table of 256 entries for a channel: it shifts hues in shoulder and toe as film does.
import type { PrintTone } from '../film/print.ts';
import { codeOf, LINEAR } from './luminance.ts';
import { patchStops, type PhoneCurve } from './phone.ts';

/** A colour of light or of a print: what each channel keeps, 0…1. */
export type Cast = readonly [red: number, green: number, blue: number];

/** What is drawn. */
export interface Printing {
  readonly tone: PrintTone;
  /** The frame's expected error, stops, + = over. */
  readonly deltaStops: number;
  /** Stops by which the subject lies above the phone's own grey: it is what the frame is exposed for. */
  readonly subjectStops: number;
  readonly phone: PhoneCurve;
  readonly cast: Cast;
  readonly isBlackAndWhite: boolean;
}

/** Codes out for codes in, of one channel. */
export type CodeTable = Uint8Array;

/** The tables of red, green and blue. Built in about a tenth of a millisecond. */
export function printTables({
  tone,
  deltaStops,
  subjectStops,
  phone,
  cast
}: Printing): readonly [CodeTable, CodeTable, CodeTable] {
  const lightness = Float64Array.from({ length: 256 }, (_, code) => {
    const stops = patchStops(LINEAR[code] ?? 0, phone) - subjectStops;
    return tone(stops, deltaStops);
  });
  const of = (keeps: number): CodeTable =>
    // a print's tone is how light it looks: the code itself, coloured by what the channel keeps
    Uint8Array.from(lightness, (t) =>
      codeOf((LINEAR[Math.round(255 * Math.min(1, Math.max(0, t)))] ?? 0) * keeps)
    );
  return [of(cast[0]), of(cast[1]), of(cast[2])];
}

/** Draws pixels through the tables, into pixels of the same size. Opacity stays. */
export function printInto(
  from: Uint8ClampedArray,
  into: Uint8ClampedArray,
  [reds, greens, blues]: readonly [CodeTable, CodeTable, CodeTable],
  isBlackAndWhite: boolean
): void {
  for (let i = 0; i < from.length; i += 4) {
    const [r, g, b] = [from[i] ?? 0, from[i + 1] ?? 0, from[i + 2] ?? 0];
    // weights of luminance in whole numbers: ITU-R BT.709-6
    const grey = (54 * r + 183 * g + 19 * b) >> 8;
    into[i] = reds[isBlackAndWhite ? grey : r] ?? 0;
    into[i + 1] = greens[isBlackAndWhite ? grey : g] ?? 0;
    into[i + 2] = blues[isBlackAndWhite ? grey : b] ?? 0;
    into[i + 3] = from[i + 3] ?? 255;
  }
}
