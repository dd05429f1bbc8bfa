// Where a recording clicks, on recordings whose clicks are known to the sample.
import { describe, expect, test } from 'vitest';
import { highPassed, onsetsOf } from './onsets.ts';
import { evenFrom, normalFrom } from './simulated.ts';

/** A tone of 6 kHz of some milliseconds, in noise of an sd. */
interface Burst {
  readonly at: number;
  readonly amplitude: number;
  readonly ms?: number;
}
function recorded(bursts: readonly Burst[], { rate = 48_000, seconds = 1, noise = 0.001, seed = 5 } = {}) {
  const normal = normalFrom(evenFrom(seed));
  const samples = Float32Array.from({ length: seconds * rate }, () => noise * normal());
  for (const { at, amplitude, ms = 5 } of bursts)
    for (let i = 0; i < (ms / 1000) * rate; i++) {
      const k = Math.round(at * rate) + i;
      samples[k] = (samples[k] ?? 0) + amplitude * Math.cos((2 * Math.PI * 6000 * i) / rate);
    }
  return samples;
}
const heard = (bursts: readonly Burst[], more: Parameters<typeof recorded>[1] = {}) =>
  onsetsOf(recorded(bursts, more), more.rate ?? 48_000);

describe('a click', () => {
  test.each([16_000, 44_100, 48_000, 96_000])(
    'is found to half a millisecond at %d samples a second',
    (rate) => {
      for (const [at, amplitude] of [
        [0.3, 0.02],
        [0.70011, 0.3]
      ] as const) {
        const found = heard([{ at, amplitude }], { rate });
        expect(found).toHaveLength(1);
        expect(Math.abs((found[0]?.atSeconds ?? 0) - at)).toBeLessThan(5e-4);
      }
    }
  );
  test('is as loud as its energy above the floor', () => {
    // a tone of 0.1 has a power of 0.005, noise of 0.001 one of 1e-6, of which 22 of 24 kHz pass the filter: 37.4 dB; the
    // middle of such energies lies a quarter decibel under their mean
    const [found] = heard([{ at: 0.5, amplitude: 0.1 }]);
    expect(found?.levelDb).toBeGreaterThan(36.5);
    expect(found?.levelDb).toBeLessThan(38.7);
    const [louder] = heard([{ at: 0.5, amplitude: 0.2 }]);
    expect((louder?.levelDb ?? 0) - (found?.levelDb ?? 0)).toBeCloseTo(6.02, 0);
  });
  test('under eight decibels above the floor it is none', () => {
    // amplitude for a level: √(2·0.92e-6·10^(dB/10)); noise and tone add up
    const at = (dB: number) =>
      heard([{ at: 0.5, amplitude: Math.sqrt(2 * 0.92e-6 * 10 ** (dB / 10)) }]).length;
    expect([at(4), at(14), at(20)]).toEqual([0, 1, 1]);
  });
  test('after another it has to rise by nine decibels above what rings on', () => {
    const after = (amplitude: number) =>
      heard([
        { at: 0.5, amplitude: 0.02, ms: 40 },
        { at: 0.52, amplitude, ms: 10 }
      ]).length;
    // tones in step: 0.02 and as much again are 6 dB more, three times as much 12
    expect([after(0.02), after(0.06), after(0.2)]).toEqual([1, 2, 2]);
  });
  test('within two and a half milliseconds of a sharper one it is part of it', () => {
    const pair = (apart: number) =>
      heard([
        { at: 0.5, amplitude: 0.05, ms: 0.5 },
        { at: 0.5 + apart, amplitude: 0.5, ms: 0.5 }
      ]).length;
    expect([pair(0.0015), pair(0.008), pair(0.02)]).toEqual([1, 2, 2]);
  });
  test('several are told in order', () => {
    const times = [0.1, 0.21, 0.5, 0.8];
    const found = heard(times.map((at, i) => ({ at, amplitude: 0.05 * (i + 1) })));
    expect(found.map((o) => o.atSeconds.toFixed(2))).toEqual(['0.10', '0.21', '0.50', '0.80']);
  });
});

describe('the floor', () => {
  test('is each half second’s own: in a loud stretch a soft click is none', () => {
    const samples = recorded(
      [
        { at: 0.7, amplitude: 0.01 },
        { at: 4.2, amplitude: 0.01 }
      ],
      { seconds: 6 }
    );
    const normal = normalFrom(evenFrom(9));
    // from the third second on a loud hiss
    for (let i = 3 * 48_000; i < samples.length; i++) samples[i] = (samples[i] ?? 0) + 0.02 * normal();
    const times = onsetsOf(samples, 48_000).map((o) => o.atSeconds);
    expect(times.some((t) => Math.abs(t - 0.7) < 1e-3)).toBe(true);
    expect(times.some((t) => Math.abs(t - 4.2) < 5e-2)).toBe(false);
    expect(times.filter((t) => t < 2.9 && Math.abs(t - 0.7) > 0.01)).toEqual([]);
    expect(times.filter((t) => t > 3.1)).toEqual([]);
  });
  test('one loud half second does not lift it beside', () => {
    const samples = recorded([{ at: 1.55, amplitude: 0.01 }], { seconds: 4 });
    const normal = normalFrom(evenFrom(9));
    for (let i = 48_000; i < 1.5 * 48_000; i++) samples[i] = (samples[i] ?? 0) + 0.02 * normal();
    const times = onsetsOf(samples, 48_000).map((o) => o.atSeconds);
    expect(times.some((t) => Math.abs(t - 1.55) < 1e-3)).toBe(true);
  });
  test('a rumble is none of it', () => {
    const samples = recorded([{ at: 0.7, amplitude: 0.01 }]);
    const rumbling = samples.map((v, i) => v + 0.3 * Math.sin((2 * Math.PI * 90 * i) / 48_000));
    expect(onsetsOf(rumbling, 48_000).map((o) => o.atSeconds.toFixed(3))).toEqual(['0.700']);
  });
});

describe('the filter', () => {
  const gain = (hz: number, rate: number): number => {
    const tone = Float32Array.from({ length: rate / 2 }, (_, i) => Math.sin((2 * Math.PI * hz * i) / rate));
    const out = highPassed(tone, rate).slice(rate / 4);
    return Math.sqrt((2 * out.reduce((sum, v) => sum + v * v, 0)) / out.length);
  };
  // Butterworth, fourth order, by the bilinear transform: |H|² = 1/(1 + (tan(πc/r)/tan(πf/r))⁸). S. Butterworth, On the theory of filter
  // amplifiers, Experimental Wireless 7 (1930) 536
  test.each([48_000, 16_000])(
    'is a Butterworth of the fourth order at 2 kHz, at %d samples a second',
    (rate) => {
      for (const hz of [500, 1000, 1500, 2000, 3000, 5000]) {
        const ratio = Math.tan((Math.PI * 2000) / rate) / Math.tan((Math.PI * hz) / rate);
        expect(gain(hz, rate)).toBeCloseTo(1 / Math.sqrt(1 + ratio ** 8), 3);
      }
    }
  );
  test('at few samples a second it cuts at a quarter of them', () => {
    expect(gain(1500, 6000)).toBeCloseTo(Math.SQRT1_2, 3);
  });
  test('leaves the recording as it was', () => {
    const samples = recorded([{ at: 0.1, amplitude: 0.3 }], { seconds: 1 });
    const before = samples.slice();
    highPassed(samples, 48_000);
    expect(samples.every((v, i) => v === before[i])).toBe(true);
  });
});

test('how far it is, is told', () => {
  const told: number[] = [];
  onsetsOf(recorded([], { seconds: 1 }), 48_000, (share) => told.push(share));
  expect(told).toEqual([0.5, 0.8, 1]);
});
