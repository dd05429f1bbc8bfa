import { describe, expect, test } from 'vitest';
import { dayBounds, momentOf, wallClock } from './wall-clock.ts';
import { clockText, isZone, timeText } from './zone.ts';

describe('wall-clock time', () => {
  test.each([
    ['2026-07-01', '12:00', 'UTC', Date.UTC(2026, 6, 1, 12)],
    ['2026-07-01', '12.30', 'Etc/GMT-12', Date.UTC(2026, 6, 1, 0, 30)],
    ['2026-07-01', '00:15', 'Etc/GMT+12', Date.UTC(2026, 6, 1, 12, 15)],
    ['1900-01-01', '8:00', 'UTC', Date.UTC(1900, 0, 1, 8)],
    ['2100-12-31', '23:59', 'UTC', Date.UTC(2100, 11, 31, 23, 59)],
    ['2026-01-15', '12:00', 'Pacific/Auckland', Date.UTC(2026, 0, 14, 23)]
  ])('%s %s in %s', (date, time, zone, ms) => {
    expect(momentOf(date, time, zone)).toEqual({ ok: true, value: ms });
    expect(wallClock(ms, zone).date).toBe(date);
  });
  // IANA time-zone database: clocks in Europe/Berlin go 02:00 → 03:00 on 2026-03-29 and 03:00 → 02:00 on 2026-10-25
  test('an hour that a clock change skips is told, with the moments on both sides', () => {
    const moment = momentOf('2026-03-29', '02:30', 'Europe/Berlin');
    expect(moment).toMatchObject({ ok: false, error: { problem: 'skipped' } });
    if (!moment.ok && moment.error.problem === 'skipped') {
      expect(wallClock(moment.error.earlierMs, 'Europe/Berlin').time).toBe('01:30');
      expect(wallClock(moment.error.laterMs, 'Europe/Berlin').time).toBe('03:30');
    }
  });
  test('an hour that comes twice is asked about: an hour apart', () => {
    const moment = momentOf('2026-10-25', '02:30', 'Europe/Berlin');
    expect(moment).toMatchObject({ ok: false, error: { problem: 'doubled' } });
    if (!moment.ok && moment.error.problem === 'doubled') {
      expect(moment.error.laterMs - moment.error.earlierMs).toBe(3_600_000);
    }
  });
  test('a day of a clock change has 23 or 25 hours', () => {
    const hours = (date: string): number => {
      const { fromMs, toMs } = dayBounds(date, 'Europe/Berlin');
      return (toMs - fromMs) / 3_600_000;
    };
    expect([hours('2026-03-29'), hours('2026-10-25'), hours('2026-06-01')]).toEqual([23, 25, 24]);
  });
  test.each([
    ['2026-02-30', '12:00', 'UTC', 'bad-date'],
    ['yesterday', '12:00', 'UTC', 'bad-date'],
    ['2026-02-28', '25:00', 'UTC', 'bad-time'],
    ['2026-02-28', 'noon', 'UTC', 'bad-time'],
    ['2026-02-28', '12:00', 'Nowhere/Land', 'bad-zone']
  ])('%s %s %s: %s', (date, time, zone, problem) =>
    expect(momentOf(date, time, zone)).toMatchObject({ ok: false, error: { problem } })
  );
  test('zones are known by name', () => {
    expect([isZone('Europe/Berlin'), isZone('Etc/GMT+2'), isZone('Mars'), isZone('')]).toEqual([
      ...[true, true, false, false]
    ]);
    expect(clockText(Date.UTC(2026, 8, 12, 0, 5), 'Etc/GMT+2')).toBe('2026-09-11 22:05');
    expect(timeText(Date.UTC(2026, 8, 12, 0, 5), 'UTC')).toBe('00:05');
  });
});
