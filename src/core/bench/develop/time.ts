// Minutes in the developer: from a range at first, halved by what the next negatives look like; at another temperature; pushed or pulled.

/** A stretch of minutes within which the right time lies. */
export interface Minutes {
  readonly from: number;
  readonly to: number;
}

/** What negatives looked like after a time. */
export interface DevelopedSo {
  readonly minutes: number;
  /** `flat`: too little contrast, too short. `hard`: too much. */
  readonly looked: 'flat' | 'right' | 'hard';
}

/** The middle of a stretch, in even steps of the logarithm. */
const middle = ({ from, to }: Minutes): number => Math.sqrt(from * to);

/** Beyond a range that negatives prove wrong, a time goes by steps of this. Common practice, no source: 15 in 100. */
const STEP = 1.15;

/**
 * The minutes to take next: the middle of the range, then halved towards what was missing; what was right stays.
 * @param range as the recipe says @param results in their order
 */
export function nextMinutes(range: Minutes, results: readonly DevelopedSo[]): number {
  let [from, to] = [range.from, range.to];
  for (const { minutes, looked } of results) {
    if (looked === 'right') return minutes;
    if (looked === 'flat') from = Math.max(from, minutes);
    else to = Math.min(to, minutes);
  }
  const last = results.at(-1);
  if (last?.looked === 'flat' && from >= to) return from * STEP;
  if (last?.looked === 'hard' && from >= to) return to / STEP;
  return middle({ from, to });
}

/** A developer works faster by about so much a degree. Common practice, no source: a quarter from 20 to 23 °C. */
const PER_DEGREE = 0.081;

/** The time at another temperature, minutes. @param atC what the minutes are meant for */
export function atTemperature(minutes: number, atC: number, temperatureC: number): number {
  return minutes * Math.exp(-PER_DEGREE * (temperatureC - atC));
}

/** A stop of push takes about so much longer. Common practice, no source. */
const PUSH_FACTOR = 1.4;

/** The time for a push (+) or pull (−), minutes. @param stops −3 … 3 */
export function pushed(minutes: number, stops: number): number {
  return minutes * PUSH_FACTOR ** stops;
}
