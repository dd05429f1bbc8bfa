// What the paper says of the development: negatives that print on a hard paper are flat, those that need a soft one are hard.
import type { DevelopedSo } from '../bench/develop/time.ts';
import { sampleOf } from '../numeric/sample.ts';
import { GRADES, type Grade } from './judgement.ts';

/** Grades as numbers: halves between, 00 one below 0. */
const NUMBERS: Readonly<Record<Grade, number>> = {
  ...{ '00': -1, '0': 0, '½': 0.5, '1': 1, '1½': 1.5, '2': 2 },
  ...{ '2½': 2.5, '3': 3, '3½': 3.5, '4': 4, '4½': 4.5, '5': 5 }
};

/** Between these a roll was developed right: it prints on the middle of the scale. Common practice, no source. */
const [SOFTEST, HARDEST] = [1.75, 3.25];

/** What the prints of a roll say of its development. */
export interface GradesSay {
  /** The grade nearest to the middle of all. */
  readonly grade: Grade;
  readonly prints: number;
  readonly looked: DevelopedSo['looked'];
}

/**
 * @param grades of the prints of one roll
 * @returns null without a print
 */
export function gradesSay(grades: readonly Grade[]): GradesSay | null {
  if (grades.length === 0) return null;
  const { mean, count } = sampleOf(grades.map((g) => NUMBERS[g]));
  const off = (g: Grade): number => Math.abs(NUMBERS[g] - mean);
  const grade = GRADES.reduce<Grade>((best, g) => (off(g) < off(best) ? g : best), '2');
  return { grade, prints: count, looked: mean > HARDEST ? 'flat' : mean < SOFTEST ? 'hard' : 'right' };
}
