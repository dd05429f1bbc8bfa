// Stretches of a long film.
import { expect, test } from 'vitest';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { PAGE, partFrom, partsOf } from './found.ts';
import { frameRepository } from './frames.ts';

const [frame] = frameRepository(seededDatabase()).recent(1);
if (!frame) throw new Error('the demonstration has no frame');
const film = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ ...frame, id: `f-${i}`, number: i + 1 }));

test('every frame of a film is in one part, in its order', () => {
  for (const count of [PAGE + 1, 2 * PAGE, 300]) {
    const parts = partsOf(film(count));
    const all = parts.flatMap(({ part }) => partFrom(film(count), String(part)));
    expect(all).toEqual(film(count));
    expect(parts[0]).toEqual({ part: 1, from: 1, to: PAGE });
    expect(parts.at(-1)?.to).toBe(count);
  }
  expect([partsOf([]), partsOf(film(PAGE))]).toEqual([[], []]);
});

test.each([null, '', '0', '-2', '1.5', 'three'])('part %j is the first', (asked) => {
  expect(partFrom(film(150), asked)[0]?.number).toBe(1);
});
test('past the last is the last', () => expect(partFrom(film(150), '99').at(-1)?.number).toBe(150));
