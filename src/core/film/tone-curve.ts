// What a film and its print make of a tone: 0 = black, 1 = white, as a share of the print's range.
// The slope of the curve is constant in the middle and falls to a fifth of that at the ends of the film's range
// (slope ∝ 1/[(1 + 4e^(−(x+below)/w))(1 + 4e^((x−above)/w))], w = 0.5). Model of our own, in the shape of the
// characteristic curve of T. H. James (ed.), The Theory of the Photographic Process, 4th ed. (1977), ch. 17.

/** Tone of a subject `stops` from mid grey: 0…1, strictly rising. */
export type ToneCurve = (stops: number) => number;

const W = 0.5;
const STEP = 0.05;
/** Beyond this many stops past the range the slope is under 1e-5 of the middle's. */
const MARGIN = 6;
/** Curves remembered: a kit has few films. */
const MOST_CURVES = 64;
const curves = new Map<string, ToneCurve>();

/**
 * Slope of the curve at x stops from mid grey, relative to its straight part.
 * At an end of the range it is a fifth (the other end's factor adds < 1e-3 for a range of 5 stops).
 * @param x stops, + = lighter @param below stops of range under mid grey, > 0 @param above over it, > 0
 * @returns 0…1
 */
export function toneSlope(x: number, below: number, above: number): number {
  return 1 / ((1 + 4 * Math.exp(-(x + below) / W)) * (1 + 4 * Math.exp((x - above) / W)));
}

/**
 * The curve of a film, integrated by the trapezium rule in steps of 0.05 stop (error < 1e-4) and normalised to 0…1.
 * @param below stops under mid grey, @param above stops over; below + above > 0
 * @throws {RangeError} when the range is not above 0
 */
export function toneCurve(below: number, above: number): ToneCurve {
  const key = `${below} ${above}`;
  const before = curves.get(key);
  if (before) return before;
  const curve = integrated(below, above);
  if (curves.size >= MOST_CURVES) curves.clear();
  curves.set(key, curve);
  return curve;
}

function integrated(below: number, above: number): ToneCurve {
  if (!(below + above > 0)) throw new RangeError(`below + above must be above 0, got ${below + above}`);
  const from = -below - MARGIN;
  const count = Math.ceil((below + above + 2 * MARGIN) / STEP);
  const sums = [0];
  for (let i = 1; i <= count; i++) {
    const x = from + i * STEP;
    const area = ((toneSlope(x - STEP, below, above) + toneSlope(x, below, above)) / 2) * STEP;
    sums.push((sums[i - 1] ?? 0) + area);
  }
  const total = sums[count] ?? 1;
  return (stops) => {
    const place = Math.min(count, Math.max(0, (stops - from) / STEP));
    const i = Math.min(count - 1, Math.floor(place));
    const a = sums[i] ?? 0;
    return (a + (place - i) * ((sums[i + 1] ?? a) - a)) / total;
  };
}
