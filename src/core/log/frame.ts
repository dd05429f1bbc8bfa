// What is written down: which film is in which camera, and each frame with its light, its setting and what was expected.
import type { Choice } from '../camera/setting.ts';
import type { LightChoice } from '../light/choice.ts';

/** A film in a camera. */
export interface Load {
  readonly id: string;
  readonly cameraId: string;
  readonly filmId: string;
  /** Frames on the film, ≥ 1. */
  readonly framesTotal: number;
  /** UTC, ISO 8601. */
  readonly loadedAt: string;
  /** UTC, ISO 8601; null while it is in the camera. */
  readonly finishedAt: string | null;
}

/** A logged frame. */
export interface Frame {
  /** Made by whoever logs it, so that sending it twice stores it once. */
  readonly id: string;
  readonly loadId: string;
  /** As counted on the film, 1…framesTotal. */
  readonly number: number;
  /** UTC, ISO 8601. */
  readonly loggedAt: string;
  readonly light: LightChoice;
  readonly choice: Choice;
  /** The error that was expected, stops, + = over. */
  readonly deltaStops: number;
  readonly sdStops: number;
  /** Chance 0…1 of a usable frame, as it was shown. */
  readonly pUsable: number;
  readonly note: string;
}

/** A frame to be logged. What was expected of it is worked out where it is stored. */
export interface NewFrame {
  readonly id: string;
  readonly loadId: string;
  /** The number that the sender expects the frame to get. */
  readonly number: number;
  readonly light: LightChoice;
  readonly choice: Choice;
  readonly note: string;
}

/** Frames that are left, never below 0. */
export function framesLeft(framesTotal: number, frames: readonly { readonly number: number }[]): number {
  return Math.max(0, framesTotal - frames.length);
}

/**
 * The number the next frame gets: one after the highest, or the first gap when the end of the film is taken.
 * @returns null when no number is free
 */
export function nextFrameNumber(
  framesTotal: number,
  frames: readonly { readonly number: number }[]
): number | null {
  const taken = new Set(frames.map((f) => f.number));
  const after = Math.max(0, ...taken) + 1;
  if (after <= framesTotal) return after;
  for (let n = 1; n <= framesTotal; n++) if (!taken.has(n)) return n;
  return null;
}
