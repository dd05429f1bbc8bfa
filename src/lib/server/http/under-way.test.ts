// Whoever is alone is alone: requests before it have their answer, those after it wait.
import { expect, test } from 'vitest';
import { requestsUnderWay } from './under-way.ts';

/** A promise that is kept by hand. */
function kept() {
  let keep: () => void = () => undefined;
  const promise = new Promise<void>((done) => (keep = done));
  return { promise, keep };
}

test('those under way are answered first, those that come wait, and all are answered', async () => {
  const requests = requestsUnderWay();
  const order: string[] = [];
  const slow = kept();
  const before = requests.answer(async () => {
    await slow.promise;
    order.push('before');
  });
  const returning = requests.answer(() => requests.alone(() => order.push('alone')));
  const after = requests.answer(() => order.push('after'));
  await Promise.resolve();
  expect(order).toEqual([]);
  slow.keep();
  await Promise.all([before, returning, after]);
  expect(order).toEqual(['before', 'alone', 'after']);
});

test('one that never ends is waited for only so long, and two are not alone at once', async () => {
  const requests = requestsUnderWay(5);
  void requests.answer(() => kept().promise);
  const held = kept();
  const first = requests.answer(() => requests.alone(() => held.promise.then(() => 'first')));
  await expect(requests.alone(() => 'second')).rejects.toThrow('just being brought back');
  held.keep();
  await expect(first).resolves.toBe('first');
  // one that fails leaves nobody outside
  const failing = requests.answer(() => requests.alone(() => Promise.reject(new Error('damaged'))));
  const next = requests.answer(() => 'next');
  await expect(failing).rejects.toThrow('damaged');
  await expect(next).resolves.toBe('next');
});
