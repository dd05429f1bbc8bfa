// The setting and the reach of cameras with flash.
import { describe, expect, test } from 'vitest';
import { fired, BY_HAND, PARTY, of } from '../error/flash.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import { bestSetting } from './rank.ts';
import { reachOf } from './reach.ts';

describe('with flash', () => {
  test('the reach with flash is walked and ends nowhere in NaN', () => {
    const reach = reachOf(of(BY_HAND, 6, 0.4, fired(3, 2)), {});
    expect(reach.possible.length).toBeGreaterThan(0);
    for (const { from, to } of reach.possible) expect(to).toBeGreaterThan(from);
  });
  test('a camera that fires by itself is likely to do near by in the dark', () => {
    expect(bestSetting(of(PARTY, 2, 0.5, { ...PLAIN, subjectM: 1.5 }), {})?.pUsable).toBeGreaterThan(0.7);
  });
});
