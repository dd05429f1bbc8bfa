import { describe, expect, test } from 'vitest';
import { momentAt, SCHEMES } from '#core/bench/develop/agitation.ts';
import { sayClock } from './clock.svelte.ts';
import { between, readTable, sayGrams, sayMoment, tableText } from './say-develop.ts';

describe('a table of developing times', () => {
  const rows = [
    { temperatureC: 15.5, seconds: 45 },
    { temperatureC: 21, seconds: 30 }
  ];
  test.each(['15.5: 45, 21: 30', '15,5°: 45 s; 21 °C: 30s', '15.5:45;21:30'])('%s', (text) => {
    const read = readTable(text);
    expect(read.ok && read.value).toEqual(rows);
  });
  test('comes back as it is written', () => {
    const read = readTable(tableText(rows));
    expect(read.ok && read.value).toEqual(rows);
  });
  test.each(['', '15', 'cold: 30', '21: 30, 15: 45', '15: 0', '15: 45, 15: 30', '99: 30'])(
    '“%s” is none',
    (text) => {
      const read = readTable(text);
      expect(read.ok ? '' : read.error).toContain('is no table. Write °C and seconds, coldest first');
    }
  );
});

test.each([
  ['500', 500],
  ['500 ml', 500],
  ['20,5 °C', 20.5]
])('%s is a number within its bounds', (text, value) => {
  const read = between('volume', 1, 1000)(text);
  expect(read.ok && read.value).toBe(value);
});
test.each(['0', '1001', 'much', ''])('“%s” is told with what is accepted', (text) => {
  const read = between('volume', 1, 1000)(text);
  expect(read.ok ? '' : read.error).toBe(`“${text}” is no volume. Give 1 to 1000.`);
});

test('clocks, scales and hands', () => {
  expect([0, 0.2, 59.9, 60, 675].map(sayClock)).toEqual(['0:00', '0:01', '1:00', '1:00', '11:15']);
  expect([0.25, 2.5, 37.5].map(sayGrams)).toEqual(['0.25 g', '2.5 g', '37.5 g']);
  const said = [0, 60, 80, 295, 300].map((s) => sayMoment(momentAt(SCHEMES.gentle, 300, s), SCHEMES.gentle));
  expect(said).toEqual([
    'Turn it over gently all the time',
    'Turn it over 4 times in 10 s',
    'Let it stand',
    'Pour it out',
    'Stop bath or water in'
  ]);
});
