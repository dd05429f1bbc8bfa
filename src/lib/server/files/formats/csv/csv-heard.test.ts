// A time that was heard comes back from a column of seconds as it went out.
import { expect, test } from 'vitest';
import { parseShutter } from '#core/units/shutter.ts';
import { likelyMapping, textsOfRow } from './csv.ts';

test.each([
  ['heard s', '4', 4],
  ['heard s', '0.5', 0.5],
  ['heard s', '0.016666', 0.016666],
  // as a person writes it: a bare whole number of a time is a fraction
  ['heard', '4', 1 / 4],
  ['heard', 'about 2s', 2]
])('%s %s is %d s', (header, cell, seconds) => {
  const mapping = likelyMapping(['number', header]);
  const { heard = '' } = textsOfRow({ number: '1', [header]: cell }, mapping, '', {});
  const read = parseShutter(heard.replace(/^about /, ''));
  expect(read.ok && read.value.seconds).toBeCloseTo(seconds, 6);
});
