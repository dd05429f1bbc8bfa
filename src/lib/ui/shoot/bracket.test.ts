import { describe, expect, test } from 'vitest';
import { keepBracket, keptBracket, nextOf, type Bracket, type Keep } from './bracket.ts';

const bracket: Bracket = { series: 's', loadId: 'l', choices: [{ a: 0 }, { a: 1 }, { a: 2 }], done: 1 };
function memory(): Keep {
  const kept = new Map<string, string>();
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key)
  };
}

describe('a bracket', () => {
  test('is there again after a reload', async () => {
    const keep = memory();
    keepBracket(bracket, keep);
    expect(await keptBracket(keep)).toEqual(bracket);
    keepBracket({ ...bracket, done: 3 }, keep);
    expect(await keptBracket(keep)).toBeNull();
    keepBracket(null, keep);
    expect(await keptBracket(keep)).toBeNull();
  });
  test('ends with its third frame', () => {
    expect(nextOf({ ...bracket, done: 0 })?.done).toBe(1);
    expect(nextOf({ ...bracket, done: 2 })).toBeNull();
  });
  test('rubbish in the store, or a store that refuses, is nothing under way', async () => {
    const keep = memory();
    keep.setItem('just-enough-bracket', '{"series":');
    expect(await keptBracket(keep)).toBeNull();
    const refuses: Keep = {
      ...keep,
      setItem: () => {
        throw new Error('no room');
      },
      getItem: () => {
        throw new Error('not allowed');
      }
    };
    expect(() => keepBracket(bracket, refuses)).not.toThrow();
    expect(await keptBracket(refuses)).toBeNull();
  });
});
