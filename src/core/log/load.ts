// A film in a camera: how many frames, from which number on, what lies on the pack, how it was developed.
import type { ReelNote } from './reel-note.ts';
import type { Moment } from '../sky/moment.ts';

/** Side of double-run film; null = one side only. */
export type Side = 1 | 2 | null;

/** A filter laid on a film pack: it belongs to that pack, and is asked about at the next one. */
export interface PackFilter {
  readonly name: string;
  /** Stops it takes, > 0. */
  readonly stops: number;
  /** Whether it has been laid on; reminded of until it is. */
  readonly on: boolean;
}

/** How a roll was developed, decided when it is. */
export interface Development {
  readonly developer: string;
  /** As written on the bottle or the sheet: 1+31. */
  readonly dilution: string;
  /** Minutes in the developer; null = not noted. */
  readonly minutes: number | null;
  /** Temperature, °C; null = not noted. */
  readonly temperatureC: number | null;
  /** Stops by which the film's speed moves: + = pushed, − = pulled or a developer that takes speed. */
  readonly shiftStops: number;
}

/** Where a finished film is: sent to a lab, or back from it. */
export const LAB_STATES = ['sent', 'back'] as const;
/** @see LAB_STATES */
export type LabState = (typeof LAB_STATES)[number];

/** A film in a camera. */
export interface Load {
  readonly id: string;
  readonly cameraId: string;
  readonly filmId: string;
  /** Frames on the film, ≥ 1. */
  readonly framesTotal: number;
  /** The number of its first frame: 1, or what a person who counts on over all packs has come to. */
  readonly firstNumber: number;
  readonly loadedAt: Moment;
  /** Null while it is in the camera. */
  readonly finishedAt: Moment | null;
  /** The side of double-run film that is being exposed; null = it has one side only. */
  readonly side: Side;
  /** What lies on the pack; null = nothing. */
  readonly packFilter: PackFilter | null;
  /** Null = not developed yet, or developed as the film says. */
  readonly development: Development | null;
  /** Null = in the camera, at home, or nobody said. */
  readonly lab: LabState | null;
  /** What its counter showed and what is planned on it; null = nothing was noted, or it is no cine film. */
  readonly reel: ReelNote | null;
  /** What was noticed on it and should come up before the next one: a noise while winding. */
  readonly remark: string;
  /** Rises with every change. */
  readonly revision: number;
}

/** What of a load counts its frames. */
export type Counted = Pick<Load, 'framesTotal' | 'firstNumber' | 'side'>;

/**
 * The frame numbers of the side being exposed: the first half of the film is side one, the rest side two.
 * @returns from and to, both included; the whole film where it has one side
 */
export function sideNumbers({ framesTotal, firstNumber, side }: Counted): {
  readonly from: number;
  readonly to: number;
} {
  const last = firstNumber + framesTotal - 1;
  const half = firstNumber + Math.ceil(framesTotal / 2) - 1;
  if (side === 1) return { from: firstNumber, to: half };
  return { from: side === 2 ? half + 1 : firstNumber, to: last };
}

/**
 * Frames that are left on the side being exposed, never below 0.
 * @param frames all that are noted of the load
 * @returns a whole number
 */
export function framesLeft(load: Counted, frames: readonly { readonly number: number }[]): number {
  const { from, to } = sideNumbers(load);
  const here = load.side === null ? frames : frames.filter((f) => f.number >= from && f.number <= to);
  return Math.max(0, to - from + 1 - here.length);
}

/**
 * The number the next frame gets: one after the highest of this side, or the first gap when its end is taken. A film may
 * hold a frame or two more than its counter says: when all numbers are taken, the next one is offered.
 * @returns null on a full side one, which is turned over
 */
export function nextFrameNumber(
  load: Counted,
  frames: readonly { readonly number: number }[]
): number | null {
  const { from, to } = sideNumbers(load);
  // a number of the person's own beyond the film, such as one that runs on over all packs, counts on from there
  const numbers = frames.map((f) => f.number).filter((n) => load.side !== 1 || (n >= from && n <= to));
  const taken = new Set(numbers);
  const after = Math.max(from - 1, ...numbers) + 1;
  if (after <= to) return after;
  if (numbers.every((n) => n <= to)) for (let n = from; n <= to; n++) if (!taken.has(n)) return n;
  return load.side === 1 ? null : after;
}
