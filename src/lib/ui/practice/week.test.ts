import { expect, test } from 'vitest';
import type { DayExercise } from '#core/practice/exercise.ts';
import { moment } from '#core/sky/moment.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { courseOf, WEEK } from './week.ts';

const day = (n: number, on: number): DayExercise => ({
  ...{
    kind: 'day',
    id: `day-${n}-${on}`,
    at: moment(`2026-06-${String(on).padStart(2, '0')}T10:00:00Z`, 'UTC')
  },
  ...{ day: n, guess: choiceFromShadow('none'), reason: '', read: null }
});

test('there are seven days, and the first comes first', () => {
  expect(WEEK.map((d) => d.day)).toEqual([1, 2, 3, 4, 5, 6, 7]);
  expect(courseOf([])).toMatchObject({ weeks: 0, next: { day: 1 } });
});

test('days may be done in any order and again; the next is the first that is missing', () => {
  const course = courseOf([day(3, 1), day(1, 2), day(3, 3)]);
  expect(course.next?.day).toBe(2);
  expect(course.done.get(3)?.id).toBe('day-3-3');
  expect(course.weeks).toBe(0);
});

test('after all seven the next guess begins a new week', () => {
  const whole = WEEK.map((d) => day(d.day, d.day));
  expect(courseOf(whole)).toMatchObject({ next: null, weeks: 0 });
  const again = courseOf([...whole, day(1, 9)]);
  expect(again.weeks).toBe(1);
  expect([...again.done.keys()]).toEqual([1]);
  expect(again.next?.day).toBe(2);
});
