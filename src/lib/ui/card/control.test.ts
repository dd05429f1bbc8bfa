import { expect, test } from 'vitest';
import type { Control } from '#core/camera/kinds/controls.ts';
import { marked } from '#core/error/pairs.test.fixtures.ts';
import { drawnPositions, mustMove, standingMark, withOneB } from './control.ts';

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

test('the lengths counted on B are one place of the lever', () => {
  const positions = [1 / 90, 1, 2, 4].map((value, i) => ({
    ...{ mark: i === 0 ? 'N' : `B ${value} s`, symbol: null, value },
    ...(i === 0 ? {} : { byHand: true as const })
  }));
  const shutter: Control = {
    ...{ kind: 'marked', id: 'time', label: 'shutter', acts: 'time', shape: 'lever' },
    positions
  };
  const drawn = drawnPositions(shutter, { time: 2 }, { time: 1 }, { time: 3 });
  const { places, counted } = withOneB(drawn);
  expect(places.map((p) => p.position.mark)).toEqual(['N', 'B']);
  expect(places[1]).toMatchObject({ index: 2, shown: true, advised: true, stands: true });
  expect(counted).toHaveLength(3);
  expect(withOneB(drawnPositions(lever, {}, {}, {})).counted).toEqual([]);
});
