// From what a meter said to the light on the subject: what it was pointed at, where it was held, what it is known to get
// wrong. Reflected light: LV = reading − a, a = stops by which what it saw is lighter than meter grey. An 18 % card is
// 0.2 stop lighter than that. Common practice, no source.
import type { Contrast } from './contrast.ts';
import { LV_RANGE, type LightValue } from './lv.ts';

/** What the meter saw: the light itself (incident), a card or palm held in it, or a whole scene that averages to something. */
export const METERED = [
  'incident',
  'card',
  'palm',
  'scene',
  'snow',
  'sand',
  'woods',
  'sky',
  'backlit'
] as const;
/** @see METERED */
export type Metered = (typeof METERED)[number];

/** How what was metered differs from meter grey, and how sure it is. */
export interface MeteredTone {
  /** Stops lighter than meter grey. */
  readonly lighterStops: number;
  readonly sdStops: number;
  readonly contrast: Contrast;
}

/** Starting values. */
export const METERED_TONES: Readonly<Record<Metered, MeteredTone>> = {
  incident: { lighterStops: 0, sdStops: 0.25, contrast: 'normal' },
  card: { lighterStops: 0.2, sdStops: 0.3, contrast: 'normal' },
  palm: { lighterStops: 1, sdStops: 0.3, contrast: 'normal' },
  scene: { lighterStops: 0, sdStops: 0.6, contrast: 'normal' },
  snow: { lighterStops: 1.5, sdStops: 0.6, contrast: 'normal' },
  sand: { lighterStops: 1, sdStops: 0.6, contrast: 'normal' },
  woods: { lighterStops: -1, sdStops: 0.6, contrast: 'normal' },
  sky: { lighterStops: 1, sdStops: 0.6, contrast: 'normal' },
  backlit: { lighterStops: 1.5, sdStops: 0.8, contrast: 'backlit' }
};

/** What light at the photographer differs from light at the subject, one sd in stops, when the meter was not held there. */
export const ELSEWHERE_SD = 1;

/** A meter's own error. */
export interface MeterError {
  readonly name: string;
  /** Stops it reads too high (+). */
  readonly offsetStops: number;
  /** One sd of its readings, stops. */
  readonly sdStops: number;
  /** It shows tenths of a stop after the aperture. */
  readonly showsTenths: boolean;
  /** Its calibration constant, for readings in lux (C) or cd/m² (K); the usual ones if left out. */
  readonly constant?: number | undefined;
}

/** How a reading was taken. */
export interface Metering {
  readonly of: Metered;
  /** Held in another light than the subject's. */
  readonly elsewhere: boolean;
  /** The meter used; null = one that is taken to be right. */
  readonly meter: MeterError | null;
}

/** The usual reading: incident, at the subject. */
export const AT_SUBJECT: Metering = { of: 'incident', elsewhere: false, meter: null };

/**
 * The light that a reading means.
 * @param readingLv as the meter said, LV
 * @param metering what it measured, where it was held, and with which meter
 * @returns LV held on the scale, one sd in stops, contrast
 */
export function lightFromReading(
  readingLv: number,
  { of, elsewhere, meter }: Metering
): LightValue & { readonly contrast: Contrast } {
  const tone = METERED_TONES[of];
  // what is known of the meter stands for the usual spread of incident readings, which is the meter's
  const own = meter === null ? 0 : meter.sdStops;
  const spread = of === 'incident' && meter !== null ? own : Math.hypot(tone.sdStops, own);
  const lv = readingLv - tone.lighterStops - (meter?.offsetStops ?? 0);
  return {
    lv: Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv)),
    sdStops: Math.hypot(spread, elsewhere ? ELSEWHERE_SD : 0),
    contrast: tone.contrast
  };
}
