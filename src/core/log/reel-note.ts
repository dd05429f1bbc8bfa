// What is noted of a reel while it runs: what its counter showed after each shot, and what is planned on the side that runs.
import type { Side } from './load.ts';

/** A side of a reel as it was noted. */
export interface ReelNote {
  /** Which side it is about; null = it has one only. */
  readonly side: Side;
  /** Of this side, > 0. */
  readonly feet: number;
  readonly framesPerSecond: number;
  /** What the counter showed after each shot, feet, running down from full. */
  readonly counters: readonly number[];
  /** Shots still to come, seconds. */
  readonly planned: readonly number[];
  /** Run off between two shots. */
  readonly betweenFeet: number;
}

/**
 * Where the counter stands: after the last shot, or at full.
 * @returns feet ≥ 0, running down from full
 */
export function counterNow({ feet, counters }: ReelNote): number {
  return counters.at(-1) ?? feet;
}

/** The note after one more shot: what was planned first is done. @param counterFeet what the counter shows now */
export function afterShot(note: ReelNote, counterFeet: number): ReelNote {
  return { ...note, counters: [...note.counters, counterFeet], planned: note.planned.slice(1) };
}
