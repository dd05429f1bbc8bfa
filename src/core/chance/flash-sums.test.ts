// The sum over light and flash of a camera set by hand against the same worked out finely: panels of a fifth of an sd that end where the
// flash begins to rule, a flash drawn point by point, and the normal distribution by the closed form of what comes after.
import { describe, expect, test } from 'vitest';
import type { StopWindow } from '../film/window.ts';
import { normalBetween } from '../numeric/normal.ts';
import { handFlashChances, type FlashChances, type Stillness } from './flash-chance.ts';

/** Midpoints of −6…6 in narrow steps, cut where something changes, with their shares of a standard normal. */
function finely(cut: number, step: number): readonly { readonly z: number; readonly share: number }[] {
  const ends = [-6, ...(cut > -6 && cut < 6 ? [cut] : []), 6];
  return ends.slice(1).flatMap((to, i) => {
    const from = ends[i] ?? to;
    const count = Math.ceil((to - from) / step);
    const each = (to - from) / count;
    return Array.from({ length: count }, (_, k) => {
      const z = from + (k + 0.5) * each;
      return { z, share: (each * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI) };
    });
  });
}
const FLASH = finely(Infinity, 0.2);

interface Case {
  readonly ambient: number;
  readonly flash: number;
  readonly sds: { readonly light: number; readonly after: number; readonly flash: number };
  readonly usable: StopWindow;
  readonly good: StopWindow;
}
const RULED: Stillness = { hand: 0.95, both: 0.9 };
const OTHER: Stillness = { hand: 0.4, both: 0.1 };

function fine({ ambient, flash, sds, usable, good }: Case, ruled: Stillness, other: Stillness): FlashChances {
  const cut = sds.light === 0 ? Infinity : (flash - 2 - ambient) / sds.light;
  const lights = sds.light === 0 ? [{ z: 0, share: 1 }] : finely(cut, 0.1);
  const sum = { exposure: 0, held: 0, still: 0, good: 0 };
  for (const { z, share } of lights) {
    const there = ambient + sds.light * z;
    const { hand, both } = flash - there >= 2 ? ruled : other;
    for (const f of FLASH) {
      const mean = Math.log2(2 ** there + 2 ** (flash + sds.flash * f.z));
      const weight = share * f.share;
      const exposed = weight * normalBetween(mean, sds.after, usable.lo, usable.hi);
      sum.exposure += exposed;
      sum.held += exposed * hand;
      sum.still += exposed * both;
      sum.good += weight * both * normalBetween(mean, sds.after, good.lo, good.hi);
    }
  }
  return sum;
}

const WIDE = { usable: { lo: -2, hi: 4 }, good: { lo: -1, hi: 2 } };
const NARROW = { usable: { lo: -0.7, hi: 0.7 }, good: { lo: -0.3, hi: 0.3 } };
const CASES: readonly Case[] = [WIDE, NARROW].flatMap((windows) =>
  [-5, -2.2, -1, 0.4, 2].flatMap((ambient) =>
    [-1, 0, 1.5].flatMap((flash) =>
      [
        { light: 0.5, after: 0.35, flash: 0.9 },
        { light: 1.2, after: 0.2, flash: 0.2 },
        { light: 0, after: 0.3, flash: 0.6 }
      ].map((sds) => ({ ambient, flash, sds, ...windows }))
    )
  )
);

const NAMES = ['exposure', 'held', 'still', 'good'] as const;
/** Where it is farthest from the fine sum, and by how much. */
function worstOf(cases: readonly Case[], ruled: Stillness, other: Stillness) {
  let worst = { by: 0, of: '' };
  for (const one of cases) {
    const { ambient, flash, sds, usable, good } = one;
    const quick = handFlashChances({ ambient, flash }, sds, { usable, good }, { ruled, other });
    const exact = fine(one, ruled, other);
    for (const name of NAMES) {
      const by = Math.abs(quick[name] - exact[name]);
      if (!(by <= worst.by)) worst = { by, of: `${name} of ${JSON.stringify(one)}` };
    }
  }
  return worst;
}
const unsure = CASES.filter(({ sds }) => sds.light > 0);

describe('flash and light, set by hand', () => {
  test('as in the fine sum, wherever the flash begins to rule', () => {
    const worst = worstOf(unsure, RULED, OTHER);
    expect(worst.by, worst.of).toBeLessThan(6e-4);
  });
  test('a hand that holds alike in both, a subject that does not; and the other way round', () => {
    const alike = worstOf(unsure, { hand: 0.8, both: 0.8 }, { hand: 0.8, both: 0.2 });
    expect(alike.by, alike.of).toBeLessThan(1.5e-3);
    const hands = worstOf(unsure, { hand: 0.9, both: 0.3 }, { hand: 0.4, both: 0.3 });
    expect(hands.by, hands.of).toBeLessThan(1.5e-3);
    const same = worstOf(unsure, RULED, RULED);
    expect(same.by, same.of).toBeLessThan(1.5e-3);
  });
  // seven points of what comes after are few where the light there is at an edge of a narrow window, and nothing blurs that edge
  test('light that is known exactly: within a point and a quarter', () => {
    const exact = CASES.filter(({ sds }) => sds.light === 0);
    const worst = worstOf(exact, RULED, OTHER);
    expect(worst.by, worst.of).toBeLessThan(0.0125);
  });
  test('no frame that is far too dark or far too light is called anything but nothing', () => {
    const sds = { light: 0.5, after: 0.3, flash: 0.6 };
    for (const [ambient, flash] of [
      [-12, -9],
      [-9, -12],
      [12, -3],
      [-3, 12]
    ] as const)
      expect(
        handFlashChances({ ambient, flash }, sds, WIDE, { ruled: RULED, other: OTHER }).exposure
      ).toBeLessThan(1e-6);
  });
});
