// The clock of the darkroom: read, not summed up, and the screen sleeps again when it is done.
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { DarkClock } from './clock.svelte.ts';

let lit = 0;
const shaken: number[] = [];
beforeEach(() => {
  vi.useFakeTimers();
  [lit, shaken.length] = [0, 0];
  vi.stubGlobal('window', {});
  vi.stubGlobal('navigator', {
    vibrate: (ms: number) => shaken.push(ms),
    wakeLock: {
      request: () => {
        lit += 1;
        return Promise.resolve({ release: () => Promise.resolve((lit -= 1)) });
      }
    }
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const phase = (s: number): string => (s >= 3 ? 'done' : s >= 1 ? 'turn' : 'rest');

test('a signal at each change; done, the screen may sleep and the clock stands', async () => {
  const clock = new DarkClock(phase);
  clock.start();
  await vi.advanceTimersByTimeAsync(500);
  expect(lit).toBe(1);
  expect(shaken).toEqual([]);
  await vi.advanceTimersByTimeAsync(1000);
  expect(shaken).toEqual([300]);
  await vi.advanceTimersByTimeAsync(2000);
  expect(shaken).toEqual([300, 300]);
  expect(lit).toBe(0);
  expect(clock.elapsed).toBeGreaterThanOrEqual(3);
  const stands = clock.elapsed;
  await vi.advanceTimersByTimeAsync(60_000);
  expect(clock.elapsed).toBe(stands);
  expect(lit).toBe(0);
});

test('stopped before the screen was granted, or in the middle: it sleeps', async () => {
  const clock = new DarkClock(phase);
  clock.start();
  clock.stop();
  await vi.advanceTimersByTimeAsync(10);
  expect([lit, clock.elapsed]).toEqual([0, null]);
  clock.start();
  clock.start();
  await vi.advanceTimersByTimeAsync(500);
  expect(lit).toBe(1);
  clock.stop();
  await vi.advanceTimersByTimeAsync(10);
  expect(lit).toBe(0);
});
