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
