import { expect, test } from 'vitest';
import { BOX, filmWith } from '#core/error/pairs.test.fixtures.ts';
import { frameWith } from '#core/log/frames.test.fixtures.ts';
import { FRAME_COLUMN_NAMES, FRAME_COLUMNS, FRAME_DEFS, frameRow, type FrameRow } from './frame-rows.ts';

const film = filmWith();
const row = (number: number, more: Parameters<typeof frameWith>[2] = {}): FrameRow =>
  frameRow(frameWith(BOX, film, { number, ...more }), null, undefined);
const valueOf = (column: string, of: FrameRow): unknown => {
  const def = FRAME_DEFS.find((d) => d.id === column);
  return def && 'accessorFn' in def ? def.accessorFn(of, 0) : null;
};

test('every column has a head, a text and something to sort by', () => {
  expect(FRAME_COLUMN_NAMES).toEqual(Object.keys(FRAME_COLUMNS));
  expect(FRAME_DEFS.map((d) => d.id)).toEqual(FRAME_COLUMN_NAMES);
  for (const name of FRAME_COLUMN_NAMES) expect(typeof row(3).says[name]).toBe('string');
});

test('numbers are sorted as numbers, and what was not told has nothing to be sorted by', () => {
  expect([valueOf('number', row(10)), valueOf('number', row(9))]).toEqual([10, 9]);
  expect(valueOf('lv', row(1, { light: null }))).toBeUndefined();
  expect(row(1, { light: null }).says.lv).toBe('not told');
  expect(valueOf('out', row(1))).toBeUndefined();
});

test('a frame whose camera is gone says so', () => expect(row(1).says.film).toBe('gone from the kit'));
