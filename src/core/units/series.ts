// Standard series of marks for apertures and times, and what a nominal mark means exactly.
// Full-stop marks are rounded powers of √2 (apertures) and 2 (times): f/11 stands for 2^(7/2), 1/60 for 2^-6.
// Sources: Exif 2.32 (CIPA DC-008-2019) Annex C, APEX: N = 2^(Av/2), t = 2^-Tv; ISO 516:2019 for shutter markings.
// Half-stop marks: common practice, no source.

/** How far apart a camera's marks lie. `literal`: take each mark at its word (old or odd scales, measured values). */
export type StepSeries = 'full' | 'half' | 'third' | 'literal';

const STEPS_PER_STOP = { full: 1, half: 2, third: 3 } as const;

const F_MARKS = {
  full: [0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22, 32, 45, 64, 90, 128],
  half: [
    0.7, 0.8, 1, 1.2, 1.4, 1.7, 2, 2.4, 2.8, 3.3, 4, 4.8, 5.6, 6.7, 8, 9.5, 11, 13, 16, 19, 22, 27, 32, 38,
    45, 54, 64, 76, 90, 107, 128
  ],
  third: [
    0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8, 9, 10,
    11, 13, 14, 16, 18, 20, 22, 25, 29, 32, 36, 40, 45, 51, 57, 64, 72, 81, 90, 102, 114, 128
  ]
} as const;
/** Position of the first f-number mark: 0.7 is one stop wider than f/1. */
const F_FIRST_STOPS = -1;

const per = (denominators: readonly number[]): readonly number[] => denominators.map((d) => 1 / d);
const TIME_MARKS: Readonly<Record<keyof typeof STEPS_PER_STOP, readonly number[]>> = {
  full: [...per([8000, 4000, 2000, 1000, 500, 250, 125, 60, 30, 15, 8, 4, 2]), ...[1, 2, 4, 8, 15, 30, 60]],
  half: [
    ...per([
      8000, 6000, 4000, 3000, 2000, 1500, 1000, 750, 500, 350, 250, 180, 125, 90, 60, 45, 30, 20, 15, 10, 8, 6
    ]),
    ...[1 / 4, 1 / 3, 1 / 2, 0.7, 1, 1.5, 2, 3, 4, 6, 8, 10, 15, 20, 30, 45, 60]
  ],
  third: [
    ...per([
      8000, 6400, 5000, 4000, 3200, 2500, 2000, 1600, 1250, 1000, 800, 640, 500, 400, 320, 250, 200, 160, 125
    ]),
    ...per([100, 80, 60, 50, 40, 30, 25, 20, 15, 13, 10, 8, 6, 5, 4, 3]),
    ...[0.4, 0.5, 0.6, 0.8, 1, 1.3, 1.6, 2, 2.5, 3, 4, 5, 6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60]
  ]
};
/** 1/8000 stands for 2^-13. */
const TIME_FIRST_STOPS = -13;

/**
 * The f-number marks of a series.
 * @param series full, half or third stops; `literal` has none of its own
 * @returns the marks, ascending
 */
export function fNumberMarks(series: StepSeries): readonly number[] {
  return series === 'literal' ? [] : F_MARKS[series];
}

/**
 * The nominal times of a series.
 * @param series full, half or third stops; `literal` has none of its own
 * @returns seconds, ascending
 */
export function timeMarks(series: StepSeries): readonly number[] {
  return series === 'literal' ? [] : TIME_MARKS[series];
}

/**
 * What an aperture mark gives: f/11 → 2^(7/2) = 11.31. A number that is no mark of the series is taken literally (f/8.8, f/1.9).
 * @param mark engraved f-number, > 0
 */
export function exactFNumber(mark: number, series: StepSeries): number {
  requirePositive('mark', mark);
  if (series === 'literal') return mark;
  const index = markIndex(F_MARKS[series], mark);
  return index === -1 ? mark : 2 ** ((F_FIRST_STOPS + index / STEPS_PER_STOP[series]) / 2);
}

/**
 * What a time mark gives: 1/60 → 2^-6 = 1/64. A number that is no mark of the series is taken literally.
 * @param markSeconds engraved time in seconds, > 0
 */
export function exactSeconds(markSeconds: number, series: StepSeries): number {
  requirePositive('markSeconds', markSeconds);
  if (series === 'literal') return markSeconds;
  const index = markIndex(TIME_MARKS[series], markSeconds);
  return index === -1 ? markSeconds : 2 ** (TIME_FIRST_STOPS + index / STEPS_PER_STOP[series]);
}

/**
 * The mark of a series whose exact value lies nearest in stops.
 * @param fNumber > 0
 * @param series with `literal` the value itself is answered
 * @returns the mark as engraved
 */
export function nearestFNumberMark(fNumber: number, series: StepSeries): number {
  requirePositive('fNumber', fNumber);
  if (series === 'literal') return fNumber;
  return (
    nearest(F_MARKS[series], (2 * Math.log2(fNumber) - F_FIRST_STOPS) * STEPS_PER_STOP[series]) ?? fNumber
  );
}

/**
 * The time mark whose exact value lies nearest in stops.
 * @param seconds > 0
 * @param series with `literal` the value itself is answered
 * @returns the nominal time, seconds
 */
export function nearestTimeMark(seconds: number, series: StepSeries): number {
  requirePositive('seconds', seconds);
  if (series === 'literal') return seconds;
  return (
    nearest(TIME_MARKS[series], (Math.log2(seconds) - TIME_FIRST_STOPS) * STEPS_PER_STOP[series]) ?? seconds
  );
}

/**
 * The mark that an exact value stands behind: 2^2.5 → 5.6, 8 → 8.
 * @param fNumber > 0
 * @returns the mark; a value behind no mark of any series stays itself
 */
export function markOfFNumber(fNumber: number): number {
  const mark = nearestFNumberMark(fNumber, 'third');
  return isSame(exactFNumber(mark, 'third'), fNumber) ? mark : fNumber;
}

/**
 * The time mark that an exact time stands behind: 2^-6 → 1/60.
 * @param seconds > 0
 * @returns the nominal time, seconds; any other time stays itself
 */
export function markOfSeconds(seconds: number): number {
  const mark = nearestTimeMark(seconds, 'third');
  return isSame(exactSeconds(mark, 'third'), seconds) ? mark : seconds;
}

function isSame(a: number, b: number): boolean {
  return Math.abs(a / b - 1) < 1e-9;
}

/** Marks lie a step apart, so the nearest is found by its place; half way between two it is the lower. */
function nearest(marks: readonly number[], place: number): number | undefined {
  return marks[Math.min(marks.length - 1, Math.max(0, Math.ceil(place - 0.5)))];
}

/** Marks are compared with a slack of one in a million: 1/60 typed is not bit for bit 1/60 stored. */
function markIndex(marks: readonly number[], mark: number): number {
  return marks.findIndex((m) => Math.abs(m / mark - 1) < 1e-6);
}

function requirePositive(name: string, value: number): void {
  if (!(value > 0 && Number.isFinite(value))) {
    throw new RangeError(`${name} must be a finite number above 0, got ${value}`);
  }
}
