import { describe, expect, test } from 'vitest';
import type { Position } from '../position.ts';
import { keptLabel, mergedPositions, partsOf, untouched } from './from-marks.ts';

const at = (mark: string, value: number, symbol: Position['symbol'] = null): Position => ({
  ...{ mark, symbol, value }
});
const held = (seconds: number): Position => ({ ...at(`B ${seconds} s`, seconds), byHand: true });

test('a control is called after its shape', () => {
  expect(keptLabel('aperture', 'lever')).toBe('aperture lever');
  expect(keptLabel('time', 'lever')).toBe('speed lever');
  expect(keptLabel('aperture', 'ring')).toBe('aperture ring');
  expect(keptLabel('time', 'wheel')).toBe('speed wheel');
});

describe('positions that were not touched', () => {
  const was = [at('8', 8), at('∞', Infinity), at('0', 0), at('−1', -1)];
  test('have their values, to a ten-thousandth', () => {
    expect(untouched(was, was)).toBe(true);
    expect(untouched([at('8', 8)], [at('8', 8.0007)])).toBe(true);
    expect(untouched([at('−1', -1)], [at('−1', -1.00009)])).toBe(true);
  });
  test.each([
    ['one more', [at('8', 8)], [at('8', 8), at('11', 11)]],
    ['one less', [at('8', 8), at('11', 11)], [at('8', 8)]],
    ['the first is another', [at('8', 8), at('11', 11)], [at('7', 7), at('11', 11)]],
    ['the last is another', [at('8', 8), at('11', 11)], [at('8', 8), at('16', 16)]],
    ['a thousandth apart', [at('8', 8)], [at('8', 8.009)]],
    ['the other way round', [at('1', 1)], [at('−1', -1)]]
  ])('do not: %s', (_, before, now) => expect(untouched(before, now)).toBe(false));
});

describe('positions of a sheet that was changed', () => {
  // how an owner has it: a symbol that the list of words does not show, and a value with more places
  const was = [at('wide', 8.0003), at('sun', 16, 'sun'), held(1), held(7)];
  const asRead = [at('wide', 8), at('sun', 16, 'sun'), held(1), held(2)];
  test('one that reads as before is the old one, one that does not is the new', () => {
    expect(mergedPositions(was, asRead, [at('wide', 8), at('sun', 12, 'sun')])).toEqual([
      at('wide', 8.0003),
      at('sun', 12, 'sun')
    ]);
    expect(mergedPositions(was, asRead, [at('sun', 16), at('open', 8)])).toEqual([
      at('sun', 16),
      at('open', 8)
    ]);
  });
  test('they may stand in another order', () =>
    expect(mergedPositions(was, asRead, [at('sun', 16, 'sun'), at('wide', 8)])).toEqual([
      at('sun', 16, 'sun'),
      at('wide', 8.0003)
    ]));
  test('where the marks cannot be told apart by place, the new ones stand', () => {
    const more = [...asRead, at('rain', 5.6)];
    expect(mergedPositions(was, more, [at('wide', 8), at('rain', 5.6)])).toEqual([
      at('wide', 8),
      at('rain', 5.6)
    ]);
  });
  test('what is counted on B stays the list it was, as long as there is a B', () => {
    const counted = [held(1), held(2), held(4)];
    expect(mergedPositions(was, asRead, [at('wide', 8), ...counted]).slice(1)).toEqual([held(1), held(7)]);
    expect(mergedPositions(was, asRead, [at('wide', 8)])).toEqual([at('wide', 8.0003)]);
    // a B that is new
    const without = was.slice(0, 2);
    expect(mergedPositions(without, asRead, [at('wide', 8), ...counted])).toEqual([
      at('wide', 8.0003),
      ...counted
    ]);
  });
});

test('parts are named and listed', () => {
  expect(partsOf(' bright :  9 13 22 |dull: 9 9 9\n\n night:4 ')).toEqual([
    { name: 'bright', marks: '9 13 22' },
    { name: 'dull', marks: '9 9 9' },
    { name: 'night', marks: '4' }
  ]);
  expect(partsOf('9 13')).toEqual([{ name: '', marks: '9 13' }]);
  expect(partsOf('a: b: c')).toEqual([{ name: 'a', marks: 'b: c' }]);
});
