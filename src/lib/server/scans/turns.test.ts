// Work that waits for its turn.
import { expect, test } from 'vitest';
import { turns } from './turns.ts';

test('never more side by side than there are places; all are done, in their order, whatever fails', async () => {
  const turn = turns(3);
  const begun: number[] = [];
  let [going, most] = [0, 0];
  const works = Array.from({ length: 20 }, (_, i) =>
    turn(async () => {
      begun.push(i);
      most = Math.max(most, ++going);
      await new Promise((next) => setTimeout(next, (i * 7) % 5));
      going -= 1;
      if (i % 4 === 1) throw new Error(`work ${i}`);
      return i;
    })
  );
  const ends = await Promise.allSettled(works);
  expect(most).toBe(3);
  expect(begun).toEqual(Array.from({ length: 20 }, (_, i) => i));
  expect(ends.map((e) => e.status === 'fulfilled')).toEqual(begun.map((i) => i % 4 !== 1));
  await expect(turn(() => Promise.resolve('after'))).resolves.toBe('after');
});
