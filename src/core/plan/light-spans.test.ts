// The scale of light in spans against what is asked at each light by itself.
import { describe, expect, test } from 'vitest';
import { LightSpans } from './light-spans.ts';

/** Settings by the LV from which they are advised, in order. */
const ADVISED = [
  [-Infinity, 'a'],
  [3.2, 'b'],
  [3.4, 'c'],
  [6, 'd'],
  [7.77, 'a']
] as const;
const advised = (lv: number): string => ADVISED.findLast(([from]) => from <= lv)?.[1] ?? '';

function spans(servesFrom: number, servesTo: number) {
  const asked: number[] = [];
  const made = new LightSpans<string>({
    adviseAt: (lv) => {
      asked.push(lv);
      return advised(lv);
    },
    keyOf: (outcome) => outcome,
    servesAt: (_, lv) => lv >= servesFrom && lv < servesTo
  });
  return { made, asked };
}

describe('what is advised', () => {
  test('is what is advised there, but within a sixteenth of a stop above a change', () => {
    const { made } = spans(0, 10);
    for (let lv = -2; lv < 10; lv += 0.01) {
      const near = ADVISED.some(([from]) => lv >= from - 1e-9 && lv < from + 1 / 16);
      if (!near) expect(made.at(lv), String(lv)).toBe(advised(lv));
      else expect([advised(lv), advised(lv - 1 / 16)], String(lv)).toContain(made.at(lv));
    }
  });

  test('is asked once for a light that comes again', () => {
    const { made, asked } = spans(0, 10);
    const first = [3.1, 3.3, 3.45].map((lv) => made.at(lv));
    const count = asked.length;
    expect([3.1, 3.3, 3.45].map((lv) => made.at(lv))).toEqual(first);
    expect(asked).toHaveLength(count);
    // the next cell has one of its ends already, and a cell without a change asks for its ends alone
    made.at(4.2);
    made.at(4.6);
    expect(asked).toHaveLength(count + 3);
  });

  test('near a light is what is advised at the nearest half stop', () => {
    const { made, asked } = spans(0, 10);
    expect([3.24, 3.26, 5.9, 5.7].map((lv) => made.near(lv))).toEqual(['a', 'c', 'd', 'c']);
    expect(asked).toEqual([3, 3.5, 6, 5.5]);
  });

  test('settings that take turns at every step do not keep it asking', () => {
    let count = 0;
    const made = new LightSpans<number>({
      adviseAt: (lv) => {
        count++;
        return Math.floor(lv * 1000);
      },
      keyOf: String,
      servesAt: () => true
    });
    made.at(1.2);
    expect(count).toBeLessThan(200);
    expect(made.at(1)).toBe(1000);
  });
});

describe('whether it is worth pressing for', () => {
  test('changes where it does, to the 500th of a stop, once in each half stop', () => {
    const { made } = spans(2.137, 8.291);
    for (let lv = 0; lv < 10; lv += 0.01) {
      if (Math.abs(lv - 2.137) < 0.003 || Math.abs(lv - 8.291) < 0.003) continue;
      expect(made.serves(lv), String(lv)).toBe(lv > 2.137 && lv < 8.291);
    }
    expect(made.serves(2.13)).toBe(false);
    expect(made.serves(2.142)).toBe(true);
  });

  test('is told of what is advised at that light', () => {
    // only with b is a frame worth it
    const made = new LightSpans<string>({
      ...{ adviseAt: (lv: number) => (lv < 5.3 ? 'a' : 'b'), keyOf: (o: string) => o },
      servesAt: (outcome) => outcome === 'b'
    });
    expect([4.9, 5.1, 5.29, 5.4, 5.6].map((lv) => made.serves(lv))).toEqual([
      ...[false, false, false],
      ...[true, true]
    ]);
  });
});
