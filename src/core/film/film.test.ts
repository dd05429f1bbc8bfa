import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { filmWith, INSTANT, SLIDE } from '../error/pairs.test.fixtures.ts';
import { FILM_KINDS, TYPICAL_RANGE } from './film.ts';
import { printTone } from './print.ts';
import {
  equivalentSeconds,
  firstBadRow,
  neededSeconds,
  reciprocityStops,
  type Reciprocity
} from './reciprocity.ts';
import { toneCurve, toneSlope } from './tone-curve.ts';
import { filmWindow } from './window.ts';

const TABLE: Reciprocity = {
  kind: 'table',
  rows: [
    { meteredSeconds: 1, neededSeconds: 1 },
    { meteredSeconds: 10, neededSeconds: 20 },
    { meteredSeconds: 100, neededSeconds: 600 }
  ]
};
const EXPONENT: Reciprocity = { kind: 'exponent', p: 1.3, startSeconds: 1 };

describe('reciprocity', () => {
  test.each([
    ['exponent', EXPONENT],
    ['table', TABLE],
    ['none', { kind: 'none' } as const]
  ])('needed and equivalent undo each other: %s', (_kind, law) =>
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 1e4, noNaN: true }), (t) => {
        expect(equivalentSeconds(law, neededSeconds(law, t)) / t).toBeCloseTo(1, 9);
        expect(reciprocityStops(law, t)).toBeLessThanOrEqual(1e-12);
      }),
      { seed: 20261124 }
    )
  );
  // Worked by hand: 10^1.3 = 19.95 s needed for 10 s metered; holding 19.95 s loses log2(10/19.95) = −1.00 stop.
  test('10 s metered with p = 1.3 wants 20 s, a stop more', () => {
    expect(neededSeconds(EXPONENT, 10)).toBeCloseTo(19.95, 2);
    expect(reciprocityStops(EXPONENT, 19.9526)).toBeCloseTo(-0.9966, 3);
    expect(reciprocityStops(EXPONENT, 0.5)).toBe(0);
  });
  test('a table keeps its rows and continues its last slope', () => {
    expect(neededSeconds(TABLE, 10)).toBeCloseTo(20, 9);
    expect(neededSeconds(TABLE, 1000) / 600).toBeCloseTo(30, 6);
    expect(neededSeconds(TABLE, 0.1)).toBeCloseTo(0.1, 12);
  });
  test('a table that does not rise is found and refused', () => {
    const rows = [
      { meteredSeconds: 1, neededSeconds: 2 },
      { meteredSeconds: 2, neededSeconds: 2 }
    ];
    expect(firstBadRow(rows)).toBe(1);
    expect(firstBadRow([])).toBe(0);
    expect(firstBadRow([{ meteredSeconds: 4, neededSeconds: 3 }])).toBe(0);
    expect(() => neededSeconds({ kind: 'table', rows }, 5)).toThrow(
      'reciprocity row 2 must rise in both columns'
    );
  });
});

describe('the usable window', () => {
  // Starting values at normal contrast; common practice, no source.
  test.each([
    ['instant-colour', -0.7, 0.6],
    ['instant-bw', -0.6, 0.6],
    ['negative-colour', -1.2, 4.5],
    ['negative-bw', -1.5, 4.5],
    ['reversal', -1, 0.5]
  ] as const)('%s: %d … %d', (kind, lo, hi) => {
    const { below, above } = TYPICAL_RANGE[kind];
    const { usable } = filmWindow(filmWith({ kind, belowStops: below, aboveStops: above }), 'normal');
    expect(usable.lo).toBeCloseTo(lo, 9);
    expect(usable.hi).toBeCloseTo(hi, 9);
  });
  test('a subject that spans too much keeps one end, one stop wide, and says what is lost', () => {
    const keepHigh = filmWindow(INSTANT, 'hard');
    expect(keepHigh.lostStops).toBeCloseTo(0.3, 9);
    expect(keepHigh.usable.hi).toBeCloseTo(0.3, 9);
    expect(keepHigh.usable.lo).toBeCloseTo(-0.7, 9);
    const keepLow = filmWindow(INSTANT, 'hard', 'shadows');
    expect(keepLow.usable.lo).toBeCloseTo(0.6, 9);
    expect(keepLow.usable.hi).toBeCloseTo(1.6, 9);
  });
  test('pushing a stop costs 0.6 stop of shadows', () => {
    const lo = (developmentStops: number) => filmWindow(filmWith({ developmentStops }), 'normal').usable.lo;
    expect(lo(1) - lo(0)).toBeCloseTo(0.6, 9);
  });
  test('flat light leaves the most room, backlight the least over', () => {
    const width = (c: 'flat' | 'normal' | 'backlit') => {
      const w = filmWindow(SLIDE, c).usable;
      return w.hi - w.lo;
    };
    expect(width('flat')).toBeGreaterThan(width('normal'));
    expect(filmWindow(SLIDE, 'backlit').usable.hi).toBeLessThan(filmWindow(SLIDE, 'normal').usable.hi);
  });
});

describe('the tone curve', () => {
  test.each(FILM_KINDS)('%s: the slope falls to a fifth at both ends of the range', (kind) => {
    const { below, above } = TYPICAL_RANGE[kind];
    expect(toneSlope(-below, below, above)).toBeCloseTo(0.2, 2);
    expect(toneSlope(above, below, above)).toBeCloseTo(0.2, 2);
    expect(toneSlope((above - below) / 2, below, above)).toBeGreaterThan(0.95);
  });
  test('it rises from black to white', () => {
    const curve = toneCurve(2.7, 2.6);
    const tones = Array.from({ length: 241 }, (_, i) => curve(-12 + i / 10));
    tones.slice(1).forEach((t, i) => expect(t).toBeGreaterThanOrEqual(tones[i] ?? 1));
    expect(curve(-20)).toBe(0);
    expect(curve(20)).toBe(1);
    expect(curve(0)).toBeCloseTo(0.5, 1);
  });
  test('the trapezium rule is within 1e-4 of a hundred times finer one', () => {
    const fine = (to: number): number => {
      let sum = 0;
      const count = Math.round((to + 8.7) / 0.0005);
      for (let i = 0; i < count; i++) sum += toneSlope(-8.7 + (i + 0.5) * 0.0005, 2.7, 2.6) * 0.0005;
      return sum;
    };
    expect(Math.abs(toneCurve(2.7, 2.6)(0.5) - fine(0.5) / fine(8.6))).toBeLessThan(1e-4);
  });
  test('a film without range is refused', () =>
    expect(() => toneCurve(1, -1)).toThrow('below + above must be above 0, got 0'));
});

describe('what the print looks like', () => {
  const instant = printTone(INSTANT, filmWindow(INSTANT, 'normal').usable);
  const film = filmWith();
  const negative = printTone(film, filmWindow(film, 'normal').usable);
  test('instant film goes dark under and light over', () => {
    expect(instant(0, -2)).toBeLessThan(0.2);
    expect(instant(0, 2)).toBeGreaterThan(0.8);
  });
  test('a negative keeps its mid grey inside the window and loses shadows at the under end', () => {
    for (const delta of [-1, 0, 2, 4]) expect(negative(0, delta)).toBeCloseTo(negative(0, 0), 9);
    const shadowDetail = (delta: number) => negative(-1, delta) - negative(-3, delta);
    expect(shadowDetail(-1.4)).toBeLessThan(shadowDetail(1) * 0.8);
  });
  test('beyond the window no print saves it', () => {
    expect(negative(0, -5)).toBeLessThan(negative(0, 0) - 0.2);
    expect(negative(0, 9)).toBeGreaterThan(negative(0, 0) + 0.2);
  });
});
