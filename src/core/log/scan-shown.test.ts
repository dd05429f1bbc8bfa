// How a scan is looked at: turning takes what is cut off along, and something always stays.
import { expect, test } from 'vitest';
import { seeded } from '../numeric/seeded.ts';
import { AS_IT_CAME, partOf, TURNS, turned, type ScanShown } from './scan-shown.ts';

test('four quarter turns are none, and what is cut off at the left is at the top after one', () => {
  const shown: ScanShown = { turn: 0, negative: true, cut: { left: 0.1, top: 0.2, right: 0.3, bottom: 0.4 } };
  expect(turned(shown)).toEqual({
    turn: 90,
    negative: true,
    cut: { left: 0.4, top: 0.1, right: 0.2, bottom: 0.3 }
  });
  expect(turned(turned(turned(turned(shown))))).toEqual(shown);
  expect(TURNS.map((turn) => turned({ ...AS_IT_CAME, turn }).turn)).toEqual([90, 180, 270, 0]);
});

test('the part lies in the picture, has a pixel at least, and is the same one after a turn', () => {
  expect(partOf(AS_IT_CAME, 300, 200)).toEqual({ left: 0, top: 0, width: 300, height: 200 });
  const random = seeded(5);
  for (let i = 0; i < 300; i++) {
    const cut = {
      ...{ left: random.between(0, 0.45), top: random.between(0, 0.45) },
      ...{ right: random.between(0, 0.45), bottom: random.between(0, 0.45) }
    };
    const shown = { ...AS_IT_CAME, cut };
    const [width, height] = [Math.ceil(random.between(1, 900)), Math.ceil(random.between(1, 900))];
    const part = partOf(shown, width, height);
    expect(Math.min(part.left, part.top)).toBeGreaterThanOrEqual(0);
    expect(Math.min(part.width, part.height)).toBeGreaterThanOrEqual(1);
    expect(part.left + part.width).toBeLessThanOrEqual(width);
    expect(part.top + part.height).toBeLessThanOrEqual(height);
    const after = partOf(turned(shown), height, width);
    expect(Math.abs(after.width - part.height)).toBeLessThanOrEqual(1);
    expect(Math.abs(after.height - part.width)).toBeLessThanOrEqual(1);
  }
});
