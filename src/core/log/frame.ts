// What is written down: which film is in which camera, and each frame with its light, its setting and what was expected.
import type { Choice } from '../camera/setting.ts';
import type { Conditions } from '../match/situation.ts';
import type { LightChoice } from '../ways/choice.ts';

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
  /** The side of double-run film that is being exposed; null = it has one side only. */
  readonly side: Side;
}

/** Side of double-run film; null = one side only. */
export type Side = 1 | 2 | null;

/** The frame numbers of the side being exposed: the first half of the film is side one, the rest side two. */
export function sideNumbers(framesTotal: number, side: Side): { readonly from: number; readonly to: number } {
  const half = Math.ceil(framesTotal / 2);
  if (side === 1) return { from: 1, to: half };
  return { from: side === 2 ? half + 1 : 1, to: framesTotal };
}

/** What people write about a frame beside its note. */
export interface About {
  /** What is on it. */
  readonly subject: string;
  /** What the guess or the setting went by. */
  readonly reason: string;
  /** The person's own words to find it by, each once, in their order. */
  readonly tags: readonly string[];
}

/** Nothing written yet. */
export const NOTHING_ABOUT: About = { subject: '', reason: '', tags: [] };

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
  /** The light as guessed before it was read; null = it was not. */
  readonly guess: LightChoice | null;
  readonly conditions: Conditions;
  readonly choice: Choice;
  /** The error that was expected, stops, + = over. */
  readonly deltaStops: number;
  readonly sdStops: number;
  /** Chance 0…1 of a usable frame, as it was shown. */
  readonly pUsable: number;
  readonly note: string;
  /** Name shared by the frames of a bracket; null = it stands alone. */
  readonly series: string | null;
  /** How long a long exposure was really held open, seconds; null = not timed. */
  readonly timedSeconds: number | null;
  readonly about: About;
}

/** A frame to be logged. What was expected of it is worked out where it is stored. */
export interface NewFrame {
  readonly id: string;
  readonly loadId: string;
  /** The number that the sender expects the frame to get. */
  readonly number: number;
  readonly light: LightChoice;
  /** The light as guessed before it was read; null = it was not. */
  readonly guess: LightChoice | null;
  readonly conditions: Conditions;
  readonly choice: Choice;
  readonly note: string;
  readonly series: string | null;
  readonly timedSeconds: number | null;
  readonly about: About;
}

/** Frames that are left on the side being exposed, never below 0. */
export function framesLeft(
  framesTotal: number,
  frames: readonly { readonly number: number }[],
  side: Side = null
): number {
  const { from, to } = sideNumbers(framesTotal, side);
  const here = side === null ? frames : frames.filter((f) => f.number >= from && f.number <= to);
  return Math.max(0, to - from + 1 - here.length);
}

/**
 * The number the next frame gets: one after the highest of this side, or the first gap when its end is taken.
 * @returns null when no number is free
 */
export function nextFrameNumber(
  framesTotal: number,
  frames: readonly { readonly number: number }[],
  side: Side = null
): number | null {
  const { from, to } = sideNumbers(framesTotal, side);
  const taken = new Set(frames.map((f) => f.number).filter((n) => n >= from && n <= to));
  const after = Math.max(from - 1, ...taken) + 1;
  if (after <= to) return after;
  for (let n = from; n <= to; n++) if (!taken.has(n)) return n;
  return null;
}
