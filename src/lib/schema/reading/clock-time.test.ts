// Days and times as people type them. Clock changes from the IANA time-zone database, 2026.
import { describe, expect, test } from 'vitest';
import { readClock } from './clock-time.ts';

const said = (date: string, time: string, zone = 'Europe/Oslo'): string => {
  const read = readClock(date, time, zone);
  return read.ok ? read.value.at : `${read.error.field}: ${read.error.message}`;
};

describe('a day and a time by somebody’s clocks', () => {
  test.each([
    ['2026-07-01', '14:30', 'Europe/Oslo', '2026-07-01T12:30:00.000Z'],
    ['2026-01-01', '14:30', 'Asia/Tokyo', '2026-01-01T05:30:00.000Z']
  ])('%s %s in %s', (date, time, zone, at) => expect(said(date, time, zone)).toBe(at));
  test('an hour that the clocks skip is said, with the two that there were', () =>
    expect(said('2026-03-29', '02:30')).toMatch(
      /^time: The clocks of Europe\/Oslo were put forward over 02:30 that day: give \d\d:30 or \d\d:30\.$/
    ));
  test('an hour that the clocks show twice is asked about, and can be answered', () => {
    expect(said('2026-10-25', '02:30')).toMatch(
      /^time: .*twice that day: give “02:30 first” or “02:30 second”/
    );
    expect(said('2026-10-25', '02:30 first')).toBe('2026-10-25T00:30:00.000Z');
    expect(said('2026-10-25', '02:30 Second')).toBe('2026-10-25T01:30:00.000Z');
  });
  test.each([
    ['2026-01-99', '12:00', 'Europe/Oslo', /^date: “2026-01-99” is no day/],
    ['2026-02-29', '12:00', 'Europe/Oslo', /^date: /],
    ['2026-01-01', '99:99', 'Europe/Oslo', /^time: “99:99” is no time of day/],
    ['1700-01-01', '12:00', 'Europe/Oslo', /^date: .*from 1826 on/],
    ['2026-01-01', '12:00', 'Middle/Earth', /no time zone/]
  ])('%s %s in %s is refused at its field', (date, time, zone, words) =>
    expect(said(date, time, zone)).toMatch(words)
  );
});
