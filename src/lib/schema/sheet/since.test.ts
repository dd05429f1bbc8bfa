import { describe, expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import { readSince } from './since.ts';

const NOW = moment('2026-06-01T10:00:00.000Z', 'Europe/Oslo');

describe('why a camera’s sheet is changed', () => {
  test('a correction is so from now on', () =>
    expect(readSince({ what: 'corrected', since: '2020-01-01' }, NOW)).toEqual({
      ok: true,
      value: { what: 'corrected', note: '', since: NOW }
    }));
  test('a conversion has its day, by the clocks here', () =>
    expect(readSince({ what: 'rebuilt', since: '2026-05-01', sinceNote: ' new bellows ' }, NOW)).toEqual({
      ok: true,
      value: {
        ...{ what: 'rebuilt', note: 'new bellows' },
        since: moment('2026-04-30T22:00:00.000Z', 'Europe/Oslo')
      }
    }));
  test.each([
    ['2026-07-01', /has not come yet/],
    ['some day', /is no day/]
  ])('“%s” is refused at its field', (since, words) => {
    const read = readSince({ what: 'rebuilt', since }, NOW);
    expect(read.ok ? [] : read.error).toMatchObject([
      { field: 'since', message: expect.stringMatching(words) as string }
    ]);
  });
});
