import type { Thing } from '#core/kit/thing.ts';
import { expect, test } from 'vitest';
import { readThing, textsFromThing } from '#schema/sheet/thing-entry.ts';
import { DEMO_THINGS } from './things.ts';

// 1/700 s and the like are written with six places
const rounded = (_key: string, value: unknown) => (typeof value === 'number' ? value.toPrecision(5) : value);
const numbers = (data: Thing['data']): unknown => JSON.parse(JSON.stringify(data, rounded));

test.each(DEMO_THINGS.map((t) => [t.name, t] as const))('%s is written and read again', (_name, thing) => {
  const again = readThing(textsFromThing(thing), thing.id);
  expect(again.ok && again.value.name).toBe(thing.name);
  expect(again.ok && numbers(again.value.data)).toEqual(numbers(thing.data));
});
