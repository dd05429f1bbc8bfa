// The bivariate normal distribution: chances of corners and rectangles, good to 1e-12 (asserted against a fine integral).
// Source: A. Genz, "Numerical computation of rectangular bivariate and trivariate normal and t probabilities",
// Statistics and Computing 14 (2004) 251, function BVNU; after Z. Drezner & G. O. Wesolowsky, "On the computation of the
// bivariate normal integral", J. Statist. Comput. Simul. 35 (1990) 101.
import { gaussLegendre } from './gauss-legendre.ts';
import { normalCdf } from './normal.ts';

/** For rectangles that are asked for by the thousand: good to 1e-8. */
const QUICK = { coarse: gaussLegendre(4), middle: gaussLegendre(7), fine: gaussLegendre(12) } as const;
const COARSE = gaussLegendre(6);
const MIDDLE = gaussLegendre(12);
const FINE = gaussLegendre(20);
const TWO_PI = 2 * Math.PI;

/**
 * Chance that both standard normal variables exceed their bounds: P(X > h, Y > k), correlation r.
 * @param r −1 ≤ r ≤ 1
 * @throws {RangeError} when r lies outside
 */
export function bivariateUpper(h: number, k: number, r: number): number {
  if (!(r >= -1 && r <= 1)) throw new RangeError(`r must lie between -1 and 1, got ${r}`);
  if (h === Infinity || k === Infinity) return 0;
  if (h === -Infinity) return normalCdf(-k);
  if (k === -Infinity) return normalCdf(-h);
  if (r === 0) return normalCdf(-h) * normalCdf(-k);
  return Math.min(1, Math.max(0, Math.abs(r) < 0.925 ? moderate(h, k, r) : strong(h, k, r)));
}

function moderate(h: number, k: number, r: number): number {
  const { nodes, weights } = Math.abs(r) < 0.3 ? COARSE : Math.abs(r) < 0.75 ? MIDDLE : FINE;
  const hs = (h * h + k * k) / 2;
  const half = Math.asin(r) / 2;
  let sum = 0;
  nodes.forEach((x, i) => {
    const sn = Math.sin(half * (1 + x));
    sum += (weights[i] ?? 0) * Math.exp((sn * h * k - hs) / (1 - sn * sn));
  });
  return (sum * half) / TWO_PI + normalCdf(-h) * normalCdf(-k);
}

/** For |r| ≥ 0.925 the integrand is expanded about r = ±1. */
function strong(h: number, kGiven: number, r: number): number {
  const k = r < 0 ? -kGiven : kGiven;
  const hk = h * k;
  const correction = Math.abs(r) < 1 ? -expansion(h, k, hk, r) / TWO_PI : 0;
  if (r > 0) return correction + normalCdf(-Math.max(h, k));
  const straight = k > h ? (h < 0 ? normalCdf(k) - normalCdf(h) : normalCdf(-h) - normalCdf(-k)) : 0;
  return straight - correction;
}

function expansion(h: number, k: number, hk: number, r: number): number {
  const as = (1 - r) * (1 + r);
  const a = Math.sqrt(as);
  const bs = (h - k) ** 2;
  const c = (4 - hk) / 8;
  const d = (12 - hk) / 16;
  const asr = -(bs / as + hk) / 2;
  let sum =
    asr > -100
      ? a * Math.exp(asr) * (1 - (c * (bs - as) * (1 - (d * bs) / 5)) / 3 + (c * d * as * as) / 5)
      : 0;
  if (hk > -160) {
    const b = Math.sqrt(bs);
    sum -=
      Math.exp(-hk / 2) * Math.sqrt(TWO_PI) * normalCdf(-b / a) * b * (1 - (c * bs * (1 - (d * bs) / 5)) / 3);
  }
  FINE.nodes.forEach((x, i) => {
    const xs = ((a / 2) * (x + 1)) ** 2;
    const rs = Math.sqrt(1 - xs);
    const power = -(bs / xs + hk) / 2;
    if (power <= -160) return;
    const inner = Math.exp((-hk * xs) / (2 * (1 + rs) ** 2)) / rs - (1 + c * xs * (1 + d * xs));
    sum += (a / 2) * (FINE.weights[i] ?? 0) * Math.exp(power) * inner;
  });
  return sum;
}

/** Chance of a rectangle for a fixed correlation; see {@link rectangleFor}. */
export type Rectangle = (x1: number, x2: number, y1: number, y2: number) => number;

/**
 * The chance of rectangles x1 < X < x2, y1 < Y < y2 for standard normal X, Y of one correlation: what depends on the
 * correlation alone is worked out once, since a camera's is the same for every light. Bounds may be infinite.
 * @param r −1 ≤ r ≤ 1
 */
export function rectangleFor(r: number): Rectangle {
  const before = known.get(r);
  if (before) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const made = makeRectangle(r);
  known.set(r, made);
  return made;
}

/** Rectangles made before, by correlation: the same few come again for every setting. */
const known = new Map<number, Rectangle>();
const MOST_KNOWN = 200;

function makeRectangle(r: number): Rectangle {
  const corner = Math.abs(r) < 0.925 ? moderateCorner(r) : (h: number, k: number) => bivariateUpper(h, k, r);
  return (x1, x2, y1, y2) => {
    if (!(x2 > x1 && y2 > y1)) return 0;
    return Math.max(0, corner(x1, y1) - corner(x2, y1) - corner(x1, y2) + corner(x2, y2));
  };
}

function moderateCorner(r: number): (h: number, k: number) => number {
  const { nodes, weights } =
    Math.abs(r) < 0.3 ? QUICK.coarse : Math.abs(r) < 0.75 ? QUICK.middle : QUICK.fine;
  const half = Math.asin(r) / 2;
  const sines = nodes.map((x) => Math.sin(half * (1 + x)));
  const inverse = sines.map((sn) => 1 / (1 - sn * sn));
  const scaled = weights.map((w) => (w * half) / TWO_PI);
  return (h, k) => {
    if (!Number.isFinite(h) || !Number.isFinite(k)) return bivariateUpper(h, k, r);
    const hk = h * k;
    const hs = (h * h + k * k) / 2;
    let sum = normalCdf(-h) * normalCdf(-k);
    for (let i = 0; i < sines.length; i++) {
      sum += (scaled[i] ?? 0) * Math.exp(((sines[i] ?? 0) * hk - hs) * (inverse[i] ?? 0));
    }
    return sum;
  };
}

/**
 * Chance of the rectangle x1 < X < x2, y1 < Y < y2 for standard normal X, Y of correlation r; bounds may be infinite.
 * @param x1 lower @param x2 upper @param y1 lower @param y2 upper @param r −1…1
 * @returns 0…1; 0 for an empty rectangle
 */
export function bivariateRectangle(x1: number, x2: number, y1: number, y2: number, r: number): number {
  if (!(x2 > x1 && y2 > y1)) return 0;
  const corner = (x: number, y: number): number => bivariateUpper(x, y, r);
  return Math.max(0, corner(x1, y1) - corner(x2, y1) - corner(x1, y2) + corner(x2, y2));
}
