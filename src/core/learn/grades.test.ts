import { describe, expect, test } from 'vitest';
import { gradesSay } from './grades.ts';
import { GRADES } from './judgement.ts';

// common practice, no source: a negative is developed right for paper when it prints on grade 2 or 3
describe('what the paper says of a roll', () => {
  test.each([
    [['2', '2½', '3'], 'right', '2½'],
    [['4', '3½', '5'], 'flat', '4'],
    [['00', '1', '½'], 'hard', '0'],
    [['1½', '2', '1½'], 'hard', '1½']
  ] as const)('%j: %s', (grades, looked, grade) => {
    expect(gradesSay(grades)).toMatchObject({ looked, grade, prints: grades.length });
  });
  test('no print says nothing; one alone says its own', () => {
    expect(gradesSay([])).toBeNull();
    for (const grade of GRADES) expect(gradesSay([grade])).toMatchObject({ grade, prints: 1 });
  });
  test('harder paper never says harder negatives', () => {
    const order = ['hard', 'right', 'flat'];
    const said = GRADES.map((g) => order.indexOf(gradesSay([g])?.looked ?? ''));
    expect(said).toEqual([...said].sort((a, b) => a - b));
    expect(new Set(said).size).toBe(3);
  });
});
