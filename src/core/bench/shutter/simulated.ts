// A shutter that does not exist, to try the test with: its clicks, its room and its noise from a seed.

/** A simulated release. */
export interface SimulatedRelease {
  /** Between the middles of opening and closing. */
  readonly seconds: number;
  readonly kind: 'leaf' | 'focal-plane';
  readonly seed: number;
  /** Samples per second; 48000 if left out. */
  readonly rate?: number;
  /** How loud the opening is above the noise, dB; 40 if left out. */
  readonly signalDb?: number;
  /** A bare room throws every click back. */
  readonly room?: 'quiet' | 'hard';
  /** A second click after the closing, so many dB louder than it; null, or left out, = none. */
  readonly reboundDb?: number | null;
  /** Knocks of hand and camera, a second. */
  readonly knocksPerSecond?: number;
  /** Wind below 500 Hz, times the noise. */
  readonly wind?: number;
}

/** What was recorded, and what is true of it. */
export interface Simulated {
  readonly samples: Float32Array;
  readonly rate: number;
  readonly openSeconds: number;
  readonly closeSeconds: number;
}

/**
 * Even numbers 0…1 from a seed. Source: mulberry32 by T. Ettinger, public domain, from memory.
 * @param seed any whole number
 * @returns a function that draws the next number
 */
export function evenFrom(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/**
 * Normal numbers of mean 0 and sd 1 by Box and Muller.
 * @param even draws 0…1
 * @returns a function that draws the next number
 */
export function normalFrom(even: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

const BEFORE_SECONDS = 0.4;
const AFTER_SECONDS = 0.5;
/** How far what is heard lies from the middle of the blades' way, one sd in seconds. Assumed. */
const LAG_SD = 0.0012;

/**
 * Records a release.
 * @param release its length, the room, the noise and the seed
 * @returns samples −1…1 with the true times, seconds
 */
export function simulatedRelease(release: SimulatedRelease): Simulated {
  const { seconds, kind, seed, rate = 48_000, signalDb = 40, room = 'quiet' } = release;
  const { reboundDb = null, knocksPerSecond = 0, wind = 0 } = release;
  const even = evenFrom(seed);
  const normal = normalFrom(even);
  const samples = new Float32Array(Math.ceil((BEFORE_SECONDS + seconds + AFTER_SECONDS) * rate));
  const level = 0.25;
  const add = (atSeconds: number, gain: number): void =>
    click(samples, rate, atSeconds, gain, even, normal, room);
  const [openSeconds, closeSeconds] = [BEFORE_SECONDS, BEFORE_SECONDS + seconds];
  const lag = (): number => LAG_SD * normal();
  add(openSeconds + lag(), level);
  // the closing is softer, more so in the hard room
  const closing = level * 10 ** (-(room === 'hard' ? 12 : 6) * even() * 0.05);
  const closedAt = closeSeconds + lag();
  add(closedAt, closing);
  if (kind === 'focal-plane') {
    // each curtain runs, and is stopped
    const travel = 0.006 + 0.008 * even();
    add(openSeconds + travel, level * 0.8);
    add(closedAt + travel, closing * 0.8);
  }
  if (reboundDb !== null) add(closedAt + 0.008 + 0.006 * even(), closing * 10 ** (reboundDb / 20));
  const length = samples.length / rate;
  for (let at = -Math.log(1 - even()) / Math.max(knocksPerSecond, 1e-9); at < length;)
    [at] = [(add(at, level * (0.1 + 0.4 * even())), at - Math.log(1 - even()) / knocksPerSecond)];
  addNoise(samples, rate, level * 10 ** (-signalDb / 20), wind, normal);
  return { samples, rate, openSeconds, closeSeconds };
}

/** A click: a few decaying tones and a breath of noise, and what the room throws back. */
function click(
  samples: Float32Array,
  rate: number,
  atSeconds: number,
  gain: number,
  even: () => number,
  normal: () => number,
  room: 'quiet' | 'hard'
): void {
  const tones = Array.from({ length: 4 }, () => ({
    w: (2 * Math.PI * (2500 + 6500 * even())) / rate,
    phase: 2 * Math.PI * even(),
    decay: 1 / ((0.0006 + 0.0024 * even()) * rate)
  }));
  const strike = (at: number, g: number): void => {
    const from = Math.round(at * rate);
    const length = Math.round(0.012 * rate);
    for (let i = 0; i < length; i++) {
      const k = from + i;
      if (k < 0 || k >= samples.length) continue;
      const tone = tones.reduce((sum, t) => sum + Math.sin(t.w * i + t.phase) * Math.exp(-i * t.decay), 0);
      const breath = normal() * Math.exp(-i / (0.001 * rate));
      samples[k] = (samples[k] ?? 0) + g * (0.4 * tone + 0.5 * breath);
    }
  };
  strike(atSeconds, gain);
  if (room !== 'hard') return;
  // walls a few metres off, and a tail that dies within a second
  for (let e = 0; e < 4; e++) strike(atSeconds + 0.006 + 0.02 * even(), gain * (0.1 + 0.2 * even()));
  const from = Math.round(atSeconds * rate);
  const tail = Math.round(0.5 * rate);
  for (let i = 0; i < tail && from + i < samples.length; i++)
    if (from + i >= 0)
      samples[from + i] = (samples[from + i] ?? 0) + gain * 0.03 * normal() * Math.exp((-6.9 * i) / tail);
}

/** Noise that falls with frequency, and gusts of wind far below it. */
function addNoise(
  samples: Float32Array,
  rate: number,
  gain: number,
  wind: number,
  normal: () => number
): void {
  let [slow, gust] = [0, 0];
  const [a, b] = [Math.exp((-2 * Math.PI * 300) / rate), Math.exp((-2 * Math.PI * 120) / rate)];
  for (let i = 0; i < samples.length; i++) {
    const white = normal();
    slow = a * slow + (1 - a) * white * 8;
    gust = b * gust + (1 - b) * white * 30;
    samples[i] = (samples[i] ?? 0) + gain * (0.9 * slow + 0.25 * white + wind * gust);
  }
}
