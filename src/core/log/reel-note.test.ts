import { describe, expect, test } from 'vitest';
import { reelPlan, secondsRun } from '../bench/reel.ts';
import { afterShot, counterNow, type ReelNote } from './reel-note.ts';

const NOTE: ReelNote = {
  ...{ side: 1, feet: 25, framesPerSecond: 16, counters: [], planned: [10, 5, 20], betweenFeet: 0 }
};
const REEL = { gauge: 'double-run-8', feet: 25, framesPerSecond: 16 } as const;

// SMPTE ST 149: 80 pictures to the foot of 8 mm film (from memory); 16 a second are 5 seconds to the foot
describe('a reel while it runs', () => {
  test('the counter stands at full, then where it was read last', () => {
    expect(counterNow(NOTE)).toBe(25);
    expect(counterNow(afterShot(afterShot(NOTE, 23), 22))).toBe(22);
  });
  test('a shot that is done comes off the plan, and its length is told by the counter', () => {
    const note = afterShot(afterShot(NOTE, 23), 22);
    expect(note.planned).toEqual([20]);
    expect(secondsRun(REEL, note.counters)).toEqual([10, 5]);
    expect(reelPlan(REEL, counterNow(note), note.planned).overSeconds).toBeCloseTo(22 * 5 - 20, 9);
  });
  test('one that was not planned takes nothing away', () => {
    expect(afterShot({ ...NOTE, planned: [] }, 20)).toMatchObject({ counters: [20], planned: [] });
  });
});
