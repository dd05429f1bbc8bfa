import { describe, expect, test } from 'vitest';
import { cameraWith, filmWith, fixed } from '#core/error/pairs.test.fixtures.ts';
import { columnsOf, meanByHour, pairOfVariant, variantsFor } from './film-compare.svelte.ts';
import { monthOf, monthsFrom, sharesOf } from './months.ts';
import { readHourOfDay, readShare } from './read-ask.ts';

describe('months and skies', () => {
  test('twelve months from this one on, over the turn of the year', () => {
    const months = monthsFrom('2026-11-28');
    expect(months).toHaveLength(12);
    expect(months[0]).toEqual({ value: '2026-11', words: 'November 2026' });
    expect(months[2]?.value).toBe('2027-01');
    expect(monthOf(2028, 1)).toEqual({ from: '2028-02-01', days: 29 });
  });
  test('skies in days of ten: a third each until said, the rest is shared evenly', () => {
    expect(sharesOf(null, null).clear).toBeCloseTo(1 / 3, 9);
    expect(sharesOf(6, 1)).toEqual({ clear: 0.6, partly: 0.1, cloudy: expect.closeTo(0.3, 9) as number });
    expect(sharesOf(4, null)).toMatchObject({ clear: 0.4, partly: 0.3 });
    expect(sharesOf(null, 10)).toEqual({ clear: 0, partly: 1, cloudy: 0 });
  });
  test('fields: hours and days of ten', () => {
    expect(readHourOfDay('8')).toEqual({ ok: true, value: 8 });
    expect(readHourOfDay('25')).toMatchObject({ ok: false });
    expect(readShare('', 3)).toEqual({ ok: true, value: null });
    expect(readShare('8', 3)).toEqual({
      ok: false,
      error: '“8” is no number of days. Give 0 to 7; the rest has full cloud.'
    });
  });
});

describe('films compared', () => {
  const camera = cameraWith([fixed('aperture', 'f/9', 9), fixed('time', '1/120', 1 / 120)]);
  const things = [
    { id: 'n', name: 'Night 6', data: { kind: 'filter', stops: 6, givenAs: 'stops' } }
  ] as const;
  test('those that fit, bare first, then with each filter of the bag', () => {
    const film = { ...filmWith(), id: 'a' };
    const none = { ...filmWith(), id: 'b', formats: ['cine-16'] as const };
    const variants = variantsFor(camera, [film, none], things);
    expect(variants.map((v) => [v.film.id, v.filter?.name ?? ''])).toEqual([
      ['a', ''],
      ['a', 'Night 6']
    ]);
    const [, filtered] = variants;
    if (!filtered) throw new Error('no filter was tried');
    const pair = pairOfVariant(camera, filtered, { leastChance: 0.5, steadiness: 1 });
    expect(pair.situation.circumstances?.filters).toEqual([{ name: 'Night 6', stops: 6, place: 'lens' }]);
  });
  test('days as columns, weeks for a year; an hour that the clocks skip counts for nothing', () => {
    const month = new Float32Array(30 * 24).map((_, i) => (i % 24 === 12 ? 1 : 0));
    const dates = Array.from({ length: 30 }, (_, i) => `2026-09-${String(i + 1).padStart(2, '0')}`);
    expect(
      columnsOf(dates, month)
        .map((c) => c.name)
        .slice(0, 2)
    ).toEqual(['1 Sept', '2 Sept']);
    expect(columnsOf(dates, month)).toHaveLength(30);
    const year = Array.from({ length: 365 }, (_, i) => `2026-0${1 + Math.floor(i / 50)}-${10 + (i % 18)}`);
    expect(columnsOf(year, new Float32Array(365 * 24))).toHaveLength(53);
    month[12] = NaN;
    expect(meanByHour(month)[12]).toBe(1);
  });
});
