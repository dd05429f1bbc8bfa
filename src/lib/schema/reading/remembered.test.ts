import { expect, test, vi } from 'vitest';
import { remembered } from './remembered.ts';

test('each text is read once', () => {
  const read = vi.fn((text: string) => ({ text }));
  const once = remembered(read);
  expect(once('a')).toBe(once('a'));
  expect(once('b')).toEqual({ text: 'b' });
  expect(read).toHaveBeenCalledTimes(2);
});

test('objects are known by what they say', () => {
  const read = vi.fn((value: object) => Object.keys(value).length);
  const once = remembered(read, (value) => JSON.stringify(value));
  expect([once({ a: 1 }), once({ a: 1 }), once({ a: 1, b: 2 })]).toEqual([1, 1, 2]);
  expect(read).toHaveBeenCalledTimes(2);
});

test('what cannot be read is refused each time', () => {
  const once = remembered((text: string): number => {
    throw new Error(`not ${text}`);
  });
  for (let i = 0; i < 2; i++) expect(() => once('x')).toThrow('not x');
});
