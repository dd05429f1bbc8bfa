// A phone is made a meter by readings of a real one: the most likely offset and slope, on a grid over both, so that their
// uncertainty is told as it is. Priors: phones scatter by 0.6 stop and their curves by a quarter about the usual one; a reading of
// a patch has 0.35. Common practice, no source.
import { ANY_PHONE, patchStops, type PhoneMeter } from './phone.ts';

/** A patch of a picture beside what a meter read there. */
export interface KnownPatch {
  /** Of the picture, exposure value at ISO 100. */
  readonly ev100: number;
  /** Mean linear luminance, 0…1. */
  readonly luminance: number;
  /** What a reflected meter read there, exposure value at ISO 100. */
  readonly reading: number;
}

/** What was found, with its uncertainty. */
export interface Calibration extends PhoneMeter {
  readonly offsetSd: number;
  readonly slopeSd: number;
  /** Whether the patches were of tones so alike that they tell nothing of the slope. */
  readonly isOneTone: boolean;
}

const [OFFSET_SD, LOG_SLOPE_SD, NOISE_SD] = [0.6, 0.25, 0.35];
/** Points of the grid on either side, and how far it reaches, in sds of the priors. */
const [HALF, REACH] = [40, 4];
/** Tones that lie nearer together tell nothing of a slope, stops from darkest to lightest. */
const ONE_TONE_STOPS = 1.5;
/** So many readings make an offset known, and so many a curve. */
export const OFFSET_READINGS = 3;
/** @see OFFSET_READINGS */
export const CURVE_READINGS = 6;

/**
 * The offset and slope that readings show.
 * @param patches none = the phone is not known
 */
export function calibrated(patches: readonly KnownPatch[]): Calibration {
  const tones = patches.map((p) => patchStops(p.luminance, ANY_PHONE));
  const isOneTone = tones.length === 0 || Math.max(...tones) - Math.min(...tones) < ONE_TONE_STOPS;
  const steps = Array.from({ length: 2 * HALF + 1 }, (_, i) => ((i - HALF) / HALF) * REACH);
  let [total, o1, o2, s1, s2] = [0, 0, 0, 0, 0];
  const cells = steps.flatMap((i) =>
    steps.map((j) => {
      const [offsetStops, slope] = [i * OFFSET_SD, ANY_PHONE.slope * Math.exp(j * LOG_SLOPE_SD)];
      const misfit = patches.reduce(
        (sum, p) => {
          const off = p.ev100 + offsetStops + patchStops(p.luminance, { slope }) - p.reading;
          return sum + (off / NOISE_SD) ** 2;
        },
        i ** 2 + j ** 2
      );
      return { offsetStops, slope, misfit };
    })
  );
  const least = Math.min(...cells.map((c) => c.misfit));
  for (const { offsetStops, slope, misfit } of cells) {
    const weight = Math.exp((least - misfit) / 2);
    total += weight;
    o1 += weight * offsetStops;
    o2 += weight * offsetStops ** 2;
    s1 += weight * slope;
    s2 += weight * slope ** 2;
  }
  const [offsetStops, slope] = [o1 / total, isOneTone ? ANY_PHONE.slope : s1 / total];
  const residuals = patches.map(
    (p) => p.ev100 + offsetStops + patchStops(p.luminance, { slope }) - p.reading
  );
  const enough = patches.length > 2;
  return {
    ...{ offsetStops, slope, isOneTone },
    offsetSd: Math.sqrt(Math.max(0, o2 / total - offsetStops ** 2)),
    slopeSd: Math.sqrt(Math.max(0, s2 / total - (s1 / total) ** 2)),
    known:
      patches.length >= CURVE_READINGS && !isOneTone
        ? 'curve'
        : patches.length >= OFFSET_READINGS
          ? 'offset'
          : 'not',
    residualStops: enough
      ? Math.sqrt(residuals.reduce((sum, r) => sum + r * r, 0) / (residuals.length - 2))
      : null
  };
}
