// A reading of the lights and one of the darks: the contrast they mean, and where a film holds them. Reflected readings of the
// lightest and darkest tones that matter; what lies between them is the subject's span. L. Stroebel et al., Basic Photographic
// Materials and Processes (2000), ch. 2, luminance range (from memory).
import { err, ok, type Result } from '../numeric/result.ts';
import { TONE_SPANS, type Contrast } from './contrast.ts';

/** What two readings mean. */
export interface TwoReadings {
  /** Stops from the darks to the lights, ≥ 0. */
  readonly spanStops: number;
  readonly contrast: Contrast;
  /** The light that a mid tone between them would have, LV. */
  readonly middleLv: number;
}

const SPANNED = (['flat', 'normal', 'hard'] as const).map((contrast) => ({
  contrast,
  span: TONE_SPANS[contrast].shadows + TONE_SPANS[contrast].highlights
}));

/**
 * The light and contrast of two readings.
 * @param lightsLv of the lights, as the meter read them
 * @param darksLv of the darks
 * @returns light and contrast; refused the wrong way round
 */
export function fromTwoReadings(lightsLv: number, darksLv: number): Result<TwoReadings, 'darks-lighter'> {
  if (darksLv > lightsLv) return err('darks-lighter');
  const spanStops = lightsLv - darksLv;
  const off = ({ span }: { readonly span: number }): number => Math.abs(span - spanStops);
  const { contrast } = SPANNED.reduce((a, b) => (off(b) < off(a) ? b : a));
  return ok({ spanStops, contrast, middleLv: (lightsLv + darksLv) / 2 });
}

/** Where a film holds the ends of a subject. Stops beyond what still separates, 0 where it is held. */
export interface Held {
  readonly darksLost: number;
  readonly lightsLost: number;
}

/**
 * @param range the film's, stops below and above mid grey @param lv of a mid tone @param deltaStops error of the exposure (+ = over)
 */
export function heldOn(
  range: { readonly below: number; readonly above: number },
  { lightsLv, darksLv }: { readonly lightsLv: number; readonly darksLv: number },
  lv: number,
  deltaStops: number
): Held {
  return {
    darksLost: Math.max(0, lv - darksLv - deltaStops - range.below),
    lightsLost: Math.max(0, lightsLv - lv + deltaStops - range.above)
  };
}
