// The time of a shutter from a light sensor behind it: the width of each pulse at half its height.
// ISO 516:2019 gives the effective time as the area under the light over its greatest value; for flanks as steep on either side
// that is the width at half height (from memory).

/** A pulse of light. */
export interface Pulse {
  readonly openSeconds: number;
  readonly closeSeconds: number;
  readonly seconds: number;
  /** One sd in stops: how far apart the samples lie, and their noise. */
  readonly sdStops: number;
}

/** A pulse has to rise this many times above the noise of the dark. */
const LEAST_OVER_NOISE = 6;
/** A crossing is left only when the light is this far beyond half: noise on a flank is no second pulse. Share of the height. */
const HYSTERESIS = 0.15;

function quantile(values: Float64Array, share: number): number {
  const sorted = Float64Array.from(values).sort();
  return sorted[Math.round(share * (sorted.length - 1))] ?? 0;
}

/** Where two samples on either side of a level pass it, by a straight line between them. */
const crossing = (t0: number, v0: number, t1: number, v1: number, level: number): number =>
  t0 + ((level - v0) / (v1 - v0)) * (t1 - t0);

/**
 * The pulses of a trace, in order; one that is open at either end is left out.
 * @param times seconds, rising @param light in any unit; darker when the light is on, as some sensors are, is understood
 */
export function pulsesOf(times: Float64Array, light: Float64Array): readonly Pulse[] {
  if (times.length < 8) return [];
  const [low, high] = [quantile(light, 0), quantile(light, 1)];
  const middle = quantile(light, 0.5);
  // most of a trace is dark
  const sign = high - middle >= middle - low ? 1 : -1;
  const up = light.map((v) => sign * v);
  const dark = quantile(up, 0.25);
  const peak = sign === 1 ? high : -low;
  const inTheDark = up.filter((v) => v <= dark + (peak - dark) / 4);
  const noise = Math.max(
    1e-12,
    1.4826 *
      quantile(
        inTheDark.map((v) => Math.abs(v - dark)),
        0.5
      )
  );
  if (peak - dark < LEAST_OVER_NOISE * noise) return [];
  const half = (dark + plateau(up, dark, peak)) / 2;
  const height = 2 * (half - dark);
  return between(times, up, half, HYSTERESIS * height).map(([openSeconds, closeSeconds]) => {
    const seconds = closeSeconds - openSeconds;
    const sd = Math.hypot(...[openSeconds, closeSeconds].map((at) => edgeSd(times, up, at, noise, height)));
    return { openSeconds, closeSeconds, seconds, sdStops: sd / (seconds * Math.LN2) };
  });
}

/** The light while it is fully open: the middle of what lies in the upper half. */
function plateau(up: Float64Array, dark: number, peak: number): number {
  return quantile(
    up.filter((v) => v > (dark + peak) / 2),
    0.5
  );
}

function between(
  times: Float64Array,
  up: Float64Array,
  half: number,
  slack: number
): readonly (readonly [number, number])[] {
  const found: (readonly [number, number])[] = [];
  let [isOpen, openAt, lastCross] = [(up[0] ?? 0) > half, NaN, NaN];
  for (let i = 1; i < up.length; i++) {
    const [t0, t1, v0, v1] = [times[i - 1] ?? 0, times[i] ?? 0, up[i - 1] ?? 0, up[i] ?? 0];
    const isCrossing = v0 > half !== v1 > half;
    // it opens where it first rose, and closes where it last fell
    if (isCrossing && (isOpen || !Number.isFinite(lastCross))) lastCross = crossing(t0, v0, t1, v1, half);
    if (!isOpen && v1 > half + slack) {
      [isOpen, openAt, lastCross] = [true, lastCross, NaN];
    } else if (isOpen && v1 < half - slack) {
      if (Number.isFinite(openAt)) found.push([openAt, lastCross]);
      [isOpen, openAt, lastCross] = [false, NaN, NaN];
    } else if (!isOpen && v1 < half - slack) lastCross = NaN;
  }
  return found;
}

/** How unsure an edge is, one sd in seconds: anywhere between two samples, and where noise lifts it on a slow flank. */
function edgeSd(times: Float64Array, up: Float64Array, at: number, noise: number, height: number): number {
  const i = Math.max(
    1,
    times.findIndex((t) => t >= at)
  );
  const step = (times[i] ?? 0) - (times[i - 1] ?? 0);
  const [from, to] = [Math.max(0, i - 3), Math.min(up.length - 1, i + 2)];
  const rise = Math.abs((up[to] ?? 0) - (up[from] ?? 0));
  // a whole rise within these samples is as steep as can be told
  const slope = Math.max(rise, height / 1000) / ((times[to] ?? 0) - (times[from] ?? 0));
  return Math.hypot(step / Math.sqrt(12), noise / slope);
}
