import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { moment, momentAt, momentFrom, msOf, sameMoment, zonePlace } from './moment.ts';

describe('a moment', () => {
  test.each([
    ['2026-01-99T99:99:99Z', 'bad-instant'],
    ['2026-02-31T10:00:00Z', 'bad-instant'],
    ['2026-05-01T24:00:00Z', 'bad-instant'],
    ['2026-05-01T10:60:00Z', 'bad-instant'],
    ['2026-05-01 10:00', 'bad-instant'],
    ['2026-05-01T10:00:00+02:00', 'bad-instant'],
    ['0026-05-01T10:00:00Z', 'bad-instant'],
    ['9026-05-01T10:00:00Z', 'bad-instant'],
    ['', 'bad-instant']
  ])('%j is none', (at, problem) => {
    expect(momentFrom(at, 'UTC')).toMatchObject({ ok: false, error: { problem } });
  });

  test.each(['', 'Nowhere/At_All', 'Europe', '+25:00'])('zone %j is none', (zone) => {
    expect(momentFrom('2026-05-01T10:00:00Z', zone)).toMatchObject({
      ok: false,
      error: { problem: 'bad-zone' }
    });
  });

  test('is written one way, whichever way it came', () => {
    for (const at of ['2026-05-01T10:00Z', '2026-05-01T10:00:00Z', '2026-05-01T10:00:00.000Z'])
      expect(moment(at, 'Europe/Oslo')).toEqual({ at: '2026-05-01T10:00:00.000Z', zone: 'Europe/Oslo' });
    expect(() => moment('yesterday', 'UTC')).toThrow(RangeError);
    expect(sameMoment(moment('2026-05-01T10:00Z', 'UTC'), moment('2026-05-01T10:00Z', 'Europe/Oslo'))).toBe(
      false
    );
  });

  test('milliseconds and back; text sorts as time does', () => {
    const ms = fc.integer({ min: Date.UTC(1826, 0, 1), max: Date.UTC(2199, 11, 31) });
    fc.assert(
      fc.property(ms, ms, (a, b) => {
        const [x, y] = [momentAt(a, 'UTC'), momentAt(b, 'Asia/Kolkata')];
        expect(msOf(x)).toBe(a);
        expect(x.at < y.at).toBe(a < b);
      })
    );
  });
});

test('a zone is named after its place', () => {
  expect(['Europe/Lisbon', 'America/Argentina/Buenos_Aires', 'UTC'].map(zonePlace)).toEqual([
    'Lisbon',
    'Buenos Aires',
    'UTC'
  ]);
});
