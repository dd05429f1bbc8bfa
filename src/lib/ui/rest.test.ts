import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Rest } from './rest.ts';

const FRAME_MS = 16;
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('requestAnimationFrame', (then: () => void) => setTimeout(then, FRAME_MS));
  vi.stubGlobal('cancelAnimationFrame', clearTimeout);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

test('one call, with the frame after the given time without a stir', () => {
  const then = vi.fn();
  const rest = new Rest(90, then);
  for (let i = 0; i < 20; i++) {
    rest.stir();
    vi.advanceTimersByTime(FRAME_MS);
  }
  expect(then).not.toHaveBeenCalled();
  vi.advanceTimersByTime(90 - 1);
  expect(then).not.toHaveBeenCalled();
  vi.advanceTimersByTime(1);
  expect(then).toHaveBeenCalledOnce();
  vi.advanceTimersByTime(1000);
  expect(then).toHaveBeenCalledOnce();
});

test('it can be stirred again after it rested', () => {
  const then = vi.fn();
  const rest = new Rest(90, then);
  rest.stir();
  vi.advanceTimersByTime(200);
  rest.stir();
  vi.advanceTimersByTime(90 + FRAME_MS);
  expect(then).toHaveBeenCalledTimes(2);
});

test('a stir that comes with the next frame is heard first, however long that frame took', () => {
  const then = vi.fn();
  const rest = new Rest(90, then);
  rest.stir();
  vi.advanceTimersByTime(100);
  rest.stir();
  vi.advanceTimersByTime(90);
  expect(then).not.toHaveBeenCalled();
  vi.advanceTimersByTime(FRAME_MS);
  expect(then).toHaveBeenCalledOnce();
});

test('stopped, it does nothing', () => {
  const then = vi.fn();
  const rest = new Rest(90, then);
  for (const waitedMs of [0, 95]) {
    rest.stir();
    vi.advanceTimersByTime(waitedMs);
    rest.stop();
    vi.advanceTimersByTime(1000);
  }
  expect(then).not.toHaveBeenCalled();
});
