import { describe, expect, test } from 'vitest';
import { smallestKit, type PackWay } from './packing.ts';

const way = (items: readonly string[], worth = 0.5): PackWay<readonly string[]> => ({
  way: items,
  items,
  worth
});

/** Every choice of ways looked at: the fewest things, then the most worth. */
function byTrying(tasks: readonly (readonly PackWay<readonly string[]>[])[]): readonly [number, number] {
  let choices: readonly (readonly PackWay<readonly string[]>[])[] = [[]];
  for (const ways of tasks) choices = choices.flatMap((c) => ways.map((w) => [...c, w]));
  const scored = choices.map((c): readonly [number, number] => [
    new Set(c.flatMap((w) => w.items)).size,
    c.reduce((sum, w) => sum + w.worth, 0)
  ]);
  return scored.reduce((a, b) => (b[0] < a[0] || (b[0] === a[0] && b[1] > a[1]) ? b : a));
}

describe('the smallest kit', () => {
  test('one camera that does both stops is packed, not the two that do each better', () => {
    const chosen = smallestKit([
      [way(['box'], 0.9), way(['reflex', 'tripod'], 0.7)],
      [way(['twin'], 0.95), way(['reflex', 'tripod'], 0.6)],
      [way(['reflex', 'tripod'], 0.8)]
    ]);
    expect(new Set(chosen.flat())).toEqual(new Set(['reflex', 'tripod']));
  });

  test('of kits as small the likelier frames decide', () => {
    expect(smallestKit([[way(['box'], 0.6), way(['twin'], 0.9)]])).toEqual([['twin']]);
    expect(smallestKit([[way(['twin'], 0.9), way(['box'], 0.6)]])).toEqual([['twin']]);
  });

  test('nothing to do needs nothing', () => {
    expect(smallestKit([])).toEqual([]);
  });

  test('agrees with trying every choice', () => {
    // a linear congruential generator: the same tasks every time
    let seed = 7;
    const random = (below: number): number => {
      seed = (seed * 1_103_515_245 + 12_345) % 2 ** 31;
      return Math.floor((seed / 2 ** 31) * below);
    };
    for (let round = 0; round < 300; round++) {
      const tasks = Array.from({ length: 1 + random(5) }, () =>
        Array.from({ length: 1 + random(4) }, () =>
          way(
            [...new Set(Array.from({ length: 1 + random(3) }, () => `thing ${random(6)}`))],
            random(100) / 100
          )
        )
      );
      const [count, worth] = byTrying(tasks);
      const chosen = smallestKit(tasks);
      expect(new Set(chosen.flat()).size, `round ${round}`).toBe(count);
      const most = tasks.map((ways, i) =>
        Math.max(...ways.filter((w) => w.items === chosen[i]).map((w) => w.worth))
      );
      expect(most.reduce((a, b) => a + b, 0)).toBeCloseTo(worth, 9);
    }
  });

  test('each task is given its own way, in their order', () => {
    const tasks = [
      [way(['a', 'b', 'c'], 0.9), way(['a'], 0.5), way(['b'], 0.4)],
      [way(['b'], 0.7)],
      [way(['a'], 0.6), way(['c'], 0.8)]
    ];
    // b is needed anyway; a serves the third, and the first as well as b does
    expect(smallestKit(tasks)).toEqual([['b'], ['b'], ['c']]);
  });

  test('the same way twice is taken once, and a worse one with the same things never', () => {
    expect(smallestKit([[way(['a'], 0.5), way(['a'], 0.8), way(['a'], 0.8)]])).toHaveLength(1);
    const chosen: readonly string[] = smallestKit<string>([
      [
        { way: 'worse', items: ['a'], worth: 0.5 },
        { way: 'better', items: ['a'], worth: 0.8 },
        { way: 'heavier', items: ['a', 'b'], worth: 0.8 }
      ]
    ]);
    expect(chosen).toEqual(['better']);
  });
});
