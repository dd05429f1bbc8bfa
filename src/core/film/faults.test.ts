import { expect, test } from 'vitest';
import { filmWith } from '../error/pairs.test.fixtures.ts';
import { filmFaults } from './faults.ts';
import type { Film } from './film.ts';

test.each([
  ['a film with no range', { belowStops: 0, aboveStops: 0 }, ['no-range']],
  ['one pushed until nothing is left below', { belowStops: 2.4, developmentStops: 4 }, ['no-range']],
  ['ISO 0', { iso: 0 }, ['bad-speed']],
  ['not a number', { iso: NaN, sdStops: NaN }, ['bad-speed', 'bad-number']],
  ['pushed nine stops', { developmentStops: 9 }, ['no-range', 'bad-number']],
  ['half a frame', { frames: 0.5 }, ['bad-number']],
  [
    'a table that falls',
    { reciprocity: { kind: 'table', rows: [{ meteredSeconds: 4, neededSeconds: 2 }] } },
    ['bad-reciprocity']
  ],
  [
    'an exponent below 1',
    { reciprocity: { kind: 'exponent', p: 0.8, startSeconds: 1 } },
    ['bad-reciprocity']
  ],
  ['a good film', {}, []]
] satisfies [string, Partial<Film>, string[]][])('%s', (_what, more, faults) =>
  expect(filmFaults(filmWith(more)).map((f) => f.fault)).toEqual(faults)
);
