// The rule's strips of print tones: one strip per tone of the subject, dark tones below, drawn as CSS gradients.
// Where the strips differ, the print has tone; where they run together into black or white, it is lost.
import { TONE_SPANS, type Contrast } from '#core/light/contrast.ts';
import type { PrintTone } from '#core/film/print.ts';

/** Subject tones drawn, lightest first, in stops from mid grey. */
export function subjectTones(contrast: Contrast): readonly number[] {
  const { shadows, highlights } = TONE_SPANS[contrast];
  return [highlights, highlights / 2, 0, -shadows / 2, -shadows];
}

/** Lightest and darkest grey of a print on the screen, sRGB 0…255. */
const PAPER_WHITE = 250;
const PAPER_BLACK = 14;

/** A print tone 0…1 as a colour. The print's range is laid out evenly in lightness (sRGB is near enough to it). */
export function greyOf(tone: number): string {
  const v = Math.round(PAPER_BLACK + (PAPER_WHITE - PAPER_BLACK) * Math.min(1, Math.max(0, tone)));
  return `rgb(${v} ${v} ${Math.max(0, v - 4)})`;
}

/**
 * A gradient of one subject tone along errors that change from left to right.
 * @param deltas error at evenly spaced places, stops
 */
export function stripGradient(tone: PrintTone, toneStops: number, deltas: readonly number[]): string {
  const last = Math.max(1, deltas.length - 1);
  const stops = deltas.map((d, i) => `${greyOf(tone(toneStops, d))} ${((100 * i) / last).toFixed(1)}%`);
  return `linear-gradient(to right, ${stops.join(', ')})`;
}
