import { expect, test } from 'vitest';
import { marked } from '#core/match/pairs.test.fixtures.ts';
import { drawnPositions, mustMove, standingMark } from './control.ts';

const lever = marked('aperture', [8, 16]);

test('a lever that stands elsewhere must be moved', () => {
  const drawn = drawnPositions(lever, { aperture: 1 }, { aperture: 1 }, { aperture: 0 });
  expect(drawn.map((d) => [d.shown, d.advised, d.stands])).toEqual([
    [false, false, true],
    [true, true, false]
  ]);
  expect(mustMove(drawn)).toBe(true);
  expect(standingMark(drawn)).toBe('8');
});

test('one whose place is not known is not said to move', () => {
  const drawn = drawnPositions(lever, { aperture: 1 }, { aperture: 0 }, {});
  expect(mustMove(drawn)).toBe(false);
  expect(standingMark(drawn)).toBeNull();
});
