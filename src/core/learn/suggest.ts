// What a scan suggests of the exposure: where its mid-tone lies on the film's own print, and what is clipped. A hint only:
// labs and scanners correct exposures, and a scene need not be grey in the middle.
import { toneCurve } from '../film/tone-curve.ts';
import type { PrintTone } from '../film/print.ts';
import type { ScanTones } from '../log/scan.ts';
import { TONES } from './judgement.ts';

/** A suggestion. */
export interface Suggestion {
  /** Of {@link TONES}, + = lighter. */
  readonly stops: number;
  /** Whether shadows or highlights are lost over a part of the picture that is worth telling. */
  readonly shadowsLost: boolean;
  readonly highlightsLost: boolean;
}

/** Share of a picture in black or white that is worth telling. Common practice, no source. */
const WORTH = 0.05;

/**
 * The tone of the strip that a scan's middle comes nearest to, taking mid grey for the middle of the scene.
 * @param tones of the scan, 0…1 @param tone of the film's prints
 * @returns stops, + = lighter
 */
export function suggestedBy(tones: ScanTones, tone: PrintTone): Suggestion {
  const distance = (stops: number): number => Math.abs(tone(0, stops) - tones.middle);
  const stops = TONES.reduce<number>((best, t) => (distance(t) < distance(best) ? t : best), 0);
  return { stops, shadowsLost: tones.darkShare > WORTH, highlightsLost: tones.lightShare > WORTH };
}

/**
 * What a picture's tones become when it is exposed some stops more or less on a film: for each of `count` even steps of
 * lightness 0…1 what it would be. The film's curve is read backwards to the scene's tone, moved, and read forwards again.
 * What is black or white stays lost: the scene behind it is not known.
 * @param range the film's, stops from mid grey @param stops + = lighter @param count ≥ 2
 */
export function pushedTones(
  range: { readonly below: number; readonly above: number },
  stops: number,
  count = 33
): readonly number[] {
  const curve = toneCurve(range.below, range.above);
  const sceneOf = (value: number): number => {
    let [lo, hi] = [-range.below - 6, range.above + 6];
    for (let i = 0; i < 40; i++) {
      const middle = (lo + hi) / 2;
      if (curve(middle) < value) lo = middle;
      else hi = middle;
    }
    return (lo + hi) / 2;
  };
  return Array.from({ length: count }, (_, i) => {
    const value = i / (count - 1);
    return stops === 0 ? value : curve(sceneOf(value) + stops);
  });
}
