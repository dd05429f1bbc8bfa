// Light on the subject. LV = the exposure value at ISO 100 that an incident dome facing the camera reads at the subject.
// APEX relations: Exif 2.32 (CIPA DC-008-2019) Annex C. Meter constants: ISO 2720:1974 (K 10.6–13.4 for luminance,
// C 240–400 flat and 320–540 hemispherical receptor); the ones used here lie inside those ranges and may be changed.

/** Incident constant of a dome (hemispherical receptor), lux·s·ISO. */
export const C_DOME = 330;
/** Incident constant of a flat receptor, also for lux typed in. */
export const C_FLAT = 250;
/** Reflected-light constant, cd·s·ISO/m². */
export const K_REFLECTED = 12.5;

/** The scale of light that the program covers: LV −8 (starlight) to 18 (sun on snow and more). */
export const LV_RANGE = { min: -8, max: 18 } as const;

/** Largest uncertainty of a light that is taken, one sd in stops. */
export const LARGEST_SD = 4;

/** A light with its uncertainty: `lv` the mean, `sdStops` one standard deviation, ≥ 0. */
export interface LightValue {
  readonly lv: number;
  readonly sdStops: number;
}

/**
 * Exposure value of a setting: EV = log2(N²/t).
 * @param fNumber exact f-number, > 0
 * @param seconds > 0
 * @throws {RangeError} when either is not a finite number above 0
 */
export function evFromSetting(fNumber: number, seconds: number): number {
  requirePositive('fNumber', fNumber);
  requirePositive('seconds', seconds);
  return Math.log2((fNumber * fNumber) / seconds);
}

/**
 * The LV that a reading EV at another film speed means: LV = EV − log2(S/100).
 * @param ev as the meter said
 * @param iso > 0, the speed it was set to
 * @returns LV
 */
export function lvFromEv(ev: number, iso: number): number {
  requirePositive('iso', iso);
  return ev - Math.log2(iso / 100);
}

/**
 * LV from illuminance on the subject: log2(E·100/C), ISO 2720.
 * @param lux > 0
 * @param constant C of the meter
 * @returns LV
 */
export function lvFromLux(lux: number, constant: number = C_FLAT): number {
  requirePositive('lux', lux);
  return Math.log2((lux * 100) / constant);
}

/**
 * LV from luminance of a mid-grey subject: log2(L·100/K), ISO 2720.
 * @param luminanceCdM2 > 0, cd/m²
 * @param constant K of the meter
 * @returns LV
 */
export function lvFromLuminance(luminanceCdM2: number, constant: number = K_REFLECTED): number {
  requirePositive('luminanceCdM2', luminanceCdM2);
  return Math.log2((luminanceCdM2 * 100) / constant);
}

function requirePositive(name: string, value: number): void {
  if (!(value > 0 && Number.isFinite(value))) {
    throw new RangeError(`${name} must be a finite number above 0, got ${value}`);
  }
}
