import { expect, test } from 'vitest';
import { dayFromWords, timeFromWords } from './day-words.ts';

// 2026-11-28 is a Saturday
const TODAY = '2026-11-28';

test.each([
  ['today', '2026-11-28'],
  ['Tomorrow', '2026-11-29'],
  ['yesterday', '2026-11-27'],
  ['28.11.', '2026-11-28'],
  ['3.2.', '2027-02-03'],
  ['1.11.', '2026-11-01'],
  ['28.11.2025', '2025-11-28'],
  ['5 Dec', '2026-12-05'],
  ['5 december 2027', '2027-12-05'],
  ['sunday', '2026-11-29'],
  ['sat', '2026-12-05'],
  ['2026-12-24', '2026-12-24']
])('the day “%s”', (text, day) => expect(dayFromWords(text, TODAY)).toBe(day));

test.each(['', 'soon', '31.2.', '31 Feb', '2026-02-30', '0.5.', '12.13.', '12'])('“%s” is no day', (text) =>
  expect(dayFromWords(text, TODAY)).toBeNull()
);

test.each([
  ['18:44', '18:44'],
  ['18.44', '18:44'],
  ['18', '18:00'],
  ['6', '06:00'],
  ['6:44 pm', '18:44'],
  ['6pm', '18:00'],
  ['12 am', '00:00'],
  ['12:30 pm', '12:30'],
  ['noon', '12:00'],
  ['0:05', '00:05']
])('the time “%s”', (text, time) => expect(timeFromWords(text)).toBe(time));

test.each(['', '25:10', '24', '6:60', '13 pm', '0 am', 'late', '6:4'])('“%s” is no time', (text) =>
  expect(timeFromWords(text)).toBeNull()
);

// spaces, a dot at the end, long names of months, the full name of a weekday
test.each([
  ['  tomorrow ', '2026-11-29'],
  ['3.  december 2027', '2027-12-03'],
  ['3 dec  2027', '2027-12-03'],
  ['13 dec', '2026-12-13'],
  ['3.12', '2026-12-03'],
  ['3. 12. 2027', '2027-12-03']
])('also “%s”', (text, day) => expect(dayFromWords(text, TODAY)).toBe(day));

// what stands before or after a day is not left out silently
test.each([
  ...[
    'on 2026-12-24',
    '2026-12-24 noon',
    '24.12.26x',
    'x 24.12.',
    '24.12.2026 noon',
    'on 24 dec',
    '24 dec soon'
  ],
  ...['24 xyz', '2026-12-32', '+2026-12-24x']
])('“%s” is no day either', (text) => expect(dayFromWords(text, TODAY)).toBeNull());

test('the 29th of February is the next one where this year has none, and only if the next year has it', () => {
  expect(dayFromWords('29.2.', '2027-11-28')).toBe('2028-02-29');
  expect(dayFromWords('29.2.', '2026-11-28')).toBeNull();
});

test('a day is next year’s when it is more than half a year ago: 182 days', () => {
  // from 2026-05-30 to 2026-11-28 there are 182 days
  expect(dayFromWords('30.5.', '2026-11-28')).toBe('2026-05-30');
  expect(dayFromWords('29.5.', '2026-11-28')).toBe('2027-05-29');
});

test.each([
  [' midnight ', '00:00'],
  ['1 am', '01:00'],
  ['12 pm', '12:00'],
  ['23:59', '23:59'],
  ['23', '23:00']
])('the time “%s” too', (text, time) => expect(timeFromWords(text)).toBe(time));
