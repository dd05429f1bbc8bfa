import fc from 'fast-check';
import { expect, test } from 'vitest';
import { NAMED_MARKS } from '#core/light/named-marks.ts';
import { followed, lvAt, namesThatFit, shareOf, ticksOf, viewAround, WHOLE } from './view.ts';

const lvs = fc.double({ min: WHOLE.from, max: WHOLE.to, noNaN: true });

test('a view never leaves the scale and keeps its span, wherever the light goes', () =>
  fc.assert(
    fc.property(lvs, lvs, (a, b) => {
      const view = followed(viewAround(a, 13), b);
      expect(view.to - view.from).toBeCloseTo(13, 9);
      expect(view.from).toBeGreaterThanOrEqual(WHOLE.from);
      expect(view.to).toBeLessThanOrEqual(WHOLE.to);
      expect(shareOf(view, b)).toBeGreaterThanOrEqual(0);
      expect(shareOf(view, b)).toBeLessThanOrEqual(1);
    }),
    { seed: 20261124 }
  ));

test('a light that is well inside leaves the view alone', () => {
  const view = viewAround(12, 13);
  expect(followed(view, 12.5)).toBe(view);
});

test('places and light values undo each other on twelfths of a stop', () => {
  const view = { from: 4, to: 17 };
  for (let lv = 4; lv <= 17; lv += 1 / 3) expect(lvAt(view, shareOf(view, lv))).toBeCloseTo(lv, 9);
});

test('ticks are the whole values, ends included', () =>
  expect(ticksOf({ from: -2, to: 1.5 })).toEqual([-2, -1, 0, 1]));

test.each([320, 390, 640, 1224])(
  'names on a rule of %d px neither touch nor leave it, full sun is among them',
  (width) => {
    const view = viewAround(14.6, 13);
    const names = namesThatFit(NAMED_MARKS, view, width);
    expect(names.map((n) => n.name)).toContain('full sun');
    const middles = names.map((n) => shareOf(view, n.lv) * width).sort((a, b) => a - b);
    middles.slice(1).forEach((m, i) => expect(m - (middles[i] ?? 0)).toBeGreaterThan(40));
  }
);
