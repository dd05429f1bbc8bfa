// What is true beside camera and film when the frame is taken.
import type { LightKind } from '../film/traits.ts';
import type { FlashUse } from '../flash/flash.ts';
import type { Filter } from './filters.ts';

/** What is done about flash: nothing, so that a camera which fires by itself does so; kept from firing; or a flash fired by hand. */
export type FlashChoice = { readonly kind: 'as-it-comes' } | { readonly kind: 'off' } | FiredFlash;

/** A flash that the photographer switches on. */
export interface FiredFlash extends FlashUse {
  readonly kind: 'fired';
}

/** What is true beside camera and film. */
export interface Circumstances {
  readonly filters: readonly Filter[];
  /** Stops by which the camera's eye sees more light than the subject has. */
  readonly eyeOffsetStops: number;
  readonly lightKind: LightKind;
  /** Temperature of the film, °C; null = not known. */
  readonly temperatureC: number | null;
  /** Equal exposures made on one frame, ≥ 1. */
  readonly exposures: number;
  /** Distance of the subject, metres; null = not known. */
  readonly subjectM: number | null;
  /** Power of a close-up lens before the camera's own, dioptres; none if left out. */
  readonly closeUpDioptres?: number | undefined;
  readonly flash: FlashChoice;
}

/** By day, no filter, one exposure, no flash of one's own, and the eye in the subject's light. */
export const PLAIN: Circumstances = {
  filters: [],
  eyeOffsetStops: 0,
  lightKind: 'daylight',
  temperatureC: null,
  exposures: 1,
  subjectM: null,
  flash: { kind: 'as-it-comes' }
};
