// Where a recording clicks: sudden rises of its energy above 2 kHz, each found to a fraction of a millisecond.
// High-pass sections: R. Bristow-Johnson, Cookbook formulae for audio EQ biquad filter coefficients. Change point: the least
// q·ln var(1…q) + (m − q)·ln var(q + 1…m) (H. Akaike's criterion as used for picking onsets, from memory).

/** A click. */
export interface Onset {
  readonly atSeconds: number;
  /** Loudness of the millisecond after it above the floor, dB. */
  readonly levelDb: number;
}

const CUT_HZ = 2000;
/** Quality factors of two sections that make a Butterworth filter of the fourth order. */
const SECTIONS = [0.541196, 1.306563] as const;
const FRAME_SECONDS = 0.00025;
const BLOCK_SECONDS = 0.5;
/** Frames ahead, and those behind that are compared with them. */
const AHEAD = 5;
const [BEHIND_FROM, BEHIND_TO] = [2, 8];
const LEAST_RISE_DB = 9;
const LEAST_OVER_FLOOR_DB = 8;
/** An onset is the sharpest rise within so many frames. */
const APART = 10;
/** Where the change point is looked for around an onset, seconds. */
const [PICK_BEFORE, PICK_AFTER] = [0.003, 0.0022];

const dB = (ratio: number): number => 10 * Math.log10(Math.max(ratio, 1e-12));

/** Takes rumble, wind and most of a voice away. @param rate samples per second */
export function highPassed(samples: Float32Array, rate: number): Float32Array {
  const out = Float32Array.from(samples);
  const w = (2 * Math.PI * Math.min(CUT_HZ, rate / 4)) / rate;
  for (const q of SECTIONS) {
    const [cos, alpha] = [Math.cos(w), Math.sin(w) / (2 * q)];
    const a0 = 1 + alpha;
    const [b0, b1, a1, a2] = [(1 + cos) / 2 / a0, -(1 + cos) / a0, (-2 * cos) / a0, (1 - alpha) / a0];
    let [x1, x2, y1, y2] = [0, 0, 0, 0];
    for (let i = 0; i < out.length; i++) {
      const x = out[i] ?? 0;
      const y = b0 * x + b1 * x1 + b0 * x2 - a1 * y1 - a2 * y2;
      [x2, x1, y2, y1] = [x1, x, y1, y];
      out[i] = y;
    }
  }
  return out;
}

/** Energy of each frame. */
function energies(samples: Float32Array, rate: number): Float32Array {
  const size = Math.max(1, Math.round(FRAME_SECONDS * rate));
  const energy = new Float32Array(Math.floor(samples.length / size));
  for (let k = 0; k < energy.length; k++) {
    let sum = 0;
    for (let i = k * size; i < (k + 1) * size; i++) sum += (samples[i] ?? 0) ** 2;
    energy[k] = sum / size;
  }
  return energy;
}

function median(values: Float32Array): number {
  const sorted = Float32Array.from(values).sort();
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

/** The floor under each block: the middle of three neighbours' medians, so that one click does not lift it. */
function floorsOf(energy: Float32Array): readonly number[] {
  const size = Math.round(BLOCK_SECONDS / FRAME_SECONDS);
  const count = Math.max(1, Math.ceil(energy.length / size));
  const own = Array.from({ length: count }, (_, b) => median(energy.subarray(b * size, (b + 1) * size)));
  return own.map((floor, b) => {
    const three = [own[b - 1] ?? floor, floor, own[b + 1] ?? floor].sort((x, y) => x - y);
    return Math.max(three[1] ?? floor, 1e-12);
  });
}

const meanOf = (energy: Float32Array, from: number, to: number): number => {
  let sum = 0;
  for (let k = from; k < to; k++) sum += energy[k] ?? 0;
  return sum / (to - from);
};

/** The sample at which the variance changes. */
function changePoint(samples: Float32Array, from: number, to: number): number {
  const m = to - from;
  const sums = new Float64Array(m + 1);
  for (let i = 0; i < m; i++) sums[i + 1] = (sums[i] ?? 0) + (samples[from + i] ?? 0) ** 2;
  const all = sums[m] ?? 0;
  let [best, at] = [Infinity, from];
  for (let q = 4; q < m - 4; q++) {
    const head = sums[q] ?? 0;
    const score =
      q * Math.log(Math.max(head / q, 1e-14)) + (m - q) * Math.log(Math.max((all - head) / (m - q), 1e-14));
    if (score < best) [best, at] = [score, from + q];
  }
  return at;
}

/**
 * The clicks of a recording, in order.
 * @param samples one channel, −1…1 @param rate samples per second, ≥ 8000
 * @param progress tells how far it is, 0…1
 */
export function onsetsOf(
  samples: Float32Array,
  rate: number,
  progress?: (share: number) => void
): readonly Onset[] {
  const filtered = highPassed(samples, rate);
  progress?.(0.5);
  const energy = energies(filtered, rate);
  const floors = floorsOf(energy);
  const perBlock = Math.round(BLOCK_SECONDS / FRAME_SECONDS);
  const floorAt = (k: number): number =>
    floors[Math.min(floors.length - 1, Math.floor(k / perBlock))] ?? 1e-12;
  const rises = new Float32Array(energy.length);
  for (let k = BEHIND_TO; k + AHEAD < energy.length; k++) {
    const ahead = meanOf(energy, k, k + AHEAD);
    if (ahead < floorAt(k)) continue;
    const behind = meanOf(energy, k - BEHIND_TO, k - BEHIND_FROM) + floorAt(k) / 2;
    const rise = dB(ahead / behind);
    if (rise >= LEAST_RISE_DB && dB(ahead / floorAt(k)) >= LEAST_OVER_FLOOR_DB) rises[k] = rise;
  }
  progress?.(0.8);
  const size = Math.max(1, Math.round(FRAME_SECONDS * rate));
  const onsets: Onset[] = [];
  for (let k = 0; k < rises.length; k++) {
    const rise = rises[k] ?? 0;
    if (rise === 0) continue;
    let isPeak = true;
    for (let j = Math.max(0, k - APART); j <= k + APART && isPeak; j++)
      isPeak = j === k || (rises[j] ?? 0) < rise || ((rises[j] ?? 0) === rise && j > k);
    if (!isPeak) continue;
    const from = Math.max(0, Math.round(k * size - PICK_BEFORE * rate));
    const to = Math.min(filtered.length, Math.round(k * size + PICK_AFTER * rate));
    const at = changePoint(filtered, from, to);
    const level = dB(meanOf(energy, k, k + AHEAD) / floorAt(k));
    onsets.push({ atSeconds: at / rate, levelDb: level });
  }
  progress?.(1);
  return onsets;
}
