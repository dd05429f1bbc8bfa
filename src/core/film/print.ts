// The tone a viewer sees: the film's own on instant film and slides; on negatives that of a print made for mid grey.
import { developedRange, isNegative, type Film } from './film.ts';
import { toneCurve } from './tone-curve.ts';
import type { StopWindow } from './window.ts';

/** Tone 0 (black) … 1 (white) of a subject tone, `toneStops` from mid grey, on a frame `deltaStops` over. */
export type PrintTone = (toneStops: number, deltaStops: number) => number;

/** A printing paper's range around mid grey; common practice, no source. */
const PAPER = { below: 2.7, above: 2.6 } as const;

/** How much of the error beyond the window shows in the print: the printer meets it half way. A guess of our own. */
const GIVEN_UP = 0.5;

/**
 * How a film's frames look when they are off by some stops.
 * Instant film and slides: the curve at tone + Δ. Negatives: printed so that mid grey stays mid grey as long as the
 * error lies inside the usable window; there only shadows or highlights flatten. Beyond it no print brings mid grey back.
 * @param usable stops, + = over: where a negative still prints well
 * @returns tone 0…1 of stops from mid grey and stops off
 */
export function printTone(film: Film, usable: StopWindow): PrintTone {
  const { below, above } = developedRange(film);
  const curve = toneCurve(below, above);
  if (!isNegative(film.kind)) return (tone, delta) => curve(tone + delta);
  const paper = toneCurve(PAPER.below, PAPER.above);
  const range = below + above;
  return (tone, delta) => {
    const corrected = Math.min(usable.hi, Math.max(usable.lo, delta));
    // stops of density difference from where the print was made for: equals `tone` on the straight part
    return paper((curve(tone + delta) - curve(corrected)) * range + GIVEN_UP * (delta - corrected));
  };
}
