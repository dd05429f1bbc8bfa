// Lists are measured before any of their items is looked at: thousands of them must not cost seconds.
import { array, lazy, number, object, string } from 'yup';
import { describe, expect, test } from 'vitest';
import { parseWith } from './parse.ts';

/** A schema that counts how often an item is looked at. */
function counting() {
  const seen = { items: 0 };
  const item = number().test('seen', '', () => {
    seen.items += 1;
    return true;
  });
  return { seen, item };
}

describe('a list that is too long', () => {
  test.each([
    ['of its own', (list: unknown) => list, ''],
    ['in an object', (list: unknown) => ({ patches: list }), 'patches'],
    ['chosen by what it is', (list: unknown) => ({ patches: list }), 'patches'],
    ['in a list of objects', (list: unknown) => ({ all: [{ patches: list }] }), 'all[0].patches']
  ] as const)('%s is refused by its name, unread', (where, wrap, field) => {
    const { seen, item } = counting();
    const list = array(item).max(8, 'eight at most');
    const schemas = {
      'of its own': list,
      'in an object': object({ patches: list }),
      'chosen by what it is': lazy(() => object({ patches: list })),
      'in a list of objects': object({ all: array(object({ patches: list })) })
    };
    const read = (length: number) =>
      parseWith(
        // the kinds of schema have no type in common
        object({ whole: schemas[where] }),
        { whole: wrap(Array.from({ length }, () => 1)) }
      );
    expect(read(8).ok).toBe(true);
    expect(seen.items).toBe(8);
    const refused = read(8000);
    expect(refused).toEqual({
      ok: false,
      error: [{ field: field === '' ? 'whole' : `whole.${field}`, message: 'eight at most' }]
    });
    expect(seen.items).toBe(8);
  });

  test('whose schema names no end, or has no words, is refused too', () => {
    const many = Array.from({ length: 5001 }, () => 'x');
    expect(parseWith(array(string()), many)).toEqual({
      ok: false,
      error: [{ field: '', message: 'may have at most 5000 entries' }]
    });
    expect(parseWith(array(string()), many.slice(1)).ok).toBe(true);
  });

  test('a name that every object has leads nowhere', () => {
    expect(parseWith(object({ a: number() }), { a: 1, constructor: [1], toString: [2] }).ok).toBe(true);
  });
});
