// A phone as a meter: from how light a patch came out in its picture to what a reflected meter would have read there.
// A phone's picture has been through a tone curve with a toe and a shoulder, y = hⁿ/(hⁿ + k): undone, with the phone's own offset o
// and slope n, reading = EV100 + o + log2(Y/(1−Y)·(1−m)/m)/n. n = 1.4 and m = 0.18 fit simulated phones of five curves.

/** A phone's curve. */
export interface PhoneCurve {
  /** Stops by which its pictures are to be read higher. */
  readonly offsetStops: number;
  /** Steepness of its curve at grey, > 0. */
  readonly slope: number;
}

/** How well a phone is known: not at all, its offset, or offset and slope. */
export type PhoneKnown = 'not' | 'offset' | 'curve';

/** A phone as a meter. */
export interface PhoneMeter extends PhoneCurve {
  readonly known: PhoneKnown;
  /** What was left over when it was found, one sd in stops; null = it was not. */
  readonly residualStops: number | null;
}

/** A phone that nobody measured. */
export const ANY_PHONE: PhoneMeter = { offsetStops: 0, slope: 1.4, known: 'not', residualStops: null };

/** Linear luminance that stands for grey. */
const GREY = 0.18;
/** Beyond these no curve can be undone. */
const [DARKEST, LIGHTEST] = [1e-4, 0.995];

/**
 * How much lighter than grey a patch looks in the picture, stops: 0 at its grey.
 * @param luminance mean linear, 0…1
 * @returns stops, + = lighter
 */
export function lookStops(luminance: number): number {
  return Math.log2(Math.max(luminance, DARKEST) / GREY);
}

/** How much lighter than grey a patch really was, stops, the phone's curve undone. @param luminance mean linear, 0…1 */
export function patchStops(luminance: number, { slope }: Pick<PhoneCurve, 'slope'>): number {
  const y = Math.min(LIGHTEST, Math.max(DARKEST, luminance));
  return Math.log2(((y / (1 - y)) * (1 - GREY)) / GREY) / slope;
}

/**
 * What a reflected meter would have read on a patch, as an exposure value at ISO 100.
 * @param ev100 of the whole picture
 */
export function patchReading(ev100: number, luminance: number, phone: PhoneCurve): number {
  return ev100 + phone.offsetStops + patchStops(luminance, phone);
}

/**
 * How unsure that is, one sd in stops. Found with simulated phones of five tone curves, with noise and JPEG at 70 to 95: wider in the
 * shadows, where curves differ most.
 * @param look stops by which the patch looks lighter than grey
 */
export function patchSd(
  look: number,
  { known, residualStops }: Pick<PhoneMeter, 'known' | 'residualStops'>
): number {
  const shadows = 0.15 * Math.max(0, -look - 1);
  switch (known) {
    case 'not':
      return look < 0 ? 0.65 + shadows : 0.6;
    case 'offset':
      return look > 1 ? 0.42 : 0.35 + shadows;
    case 'curve': {
      const usual = look < -3 ? 0.4 : 0.32;
      return Math.max(usual, residualStops ?? 0);
    }
  }
}
