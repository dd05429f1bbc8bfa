import { describe, expect, test } from 'vitest';
import { Countdown, LEAD_SECONDS, type CountdownEvent } from './countdown.ts';

/** Ticks every `stepMs`, and every event with the moment it was told. */
function run(seconds: number, stepMs: number, untilMs: number) {
  const count = new Countdown(seconds);
  const told: (readonly [number, CountdownEvent])[] = [];
  count.start(1000);
  for (let now = 1000; now <= 1000 + untilMs; now += stepMs) {
    for (const event of count.tick(now)) told.push([now - 1000 - LEAD_SECONDS * 1000, event]);
  }
  return { count, told };
}

describe('a long exposure', () => {
  test('three seconds of lead-in, then opening, whole seconds, and the end', () => {
    const { told } = run(3, 50, 8000);
    expect(told.map(([, e]) => e)).toEqual([
      ...[3, 2, 1].map((left) => ({ event: 'lead', left })),
      { event: 'open' },
      ...[1, 2].map((second) => ({ event: 'second', second })),
      { event: 'time-is-up' }
    ]);
  });
  test('over a minute no second is told more than a tick late, with ticks that are themselves uneven', () => {
    const { told } = run(60, 33, 65_000);
    for (const [at, e] of told) {
      if (e.event === 'second') expect(at - e.second * 1000).toBeLessThanOrEqual(33);
      if (e.event === 'time-is-up') expect(at - 60_000).toBeLessThanOrEqual(33);
    }
    expect(told.at(-1)?.[1].event).toBe('time-is-up');
  });
  test('after a sleep it goes on from the clock, and says the end once', () => {
    const count = new Countdown(10);
    count.start(0);
    count.tick(3000);
    expect(count.tick(3000 + 25_000)).toEqual([{ event: 'time-is-up' }]);
    expect(count.tick(3000 + 26_000)).toEqual([]);
    expect(count.elapsed(3000 + 26_000)).toBeCloseTo(26, 9);
  });
  test('what counts is when it was really closed', () => {
    const count = new Countdown(8);
    count.start(0);
    expect(count.phase(1000)).toBe('lead');
    expect(count.phase(3500)).toBe('open');
    expect(count.close(3000 + 8400)).toBeCloseTo(8.4, 9);
    expect(count.close(99_000)).toBeCloseTo(8.4, 9);
    expect(count.phase(99_000)).toBe('closed');
    expect(count.tick(99_000)).toEqual([]);
  });
  test('closed in the lead-in it was never open', () => {
    const count = new Countdown(8);
    count.start(0);
    expect(count.close(1000)).toBe(0);
  });
  test.each([0, -1, NaN, Infinity])('%d seconds are refused', (seconds) =>
    expect(() => new Countdown(seconds)).toThrow('seconds must be a finite number above 0')
  );
});
