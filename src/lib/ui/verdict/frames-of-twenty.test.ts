import fc from 'fast-check';
import { expect, test } from 'vitest';
import { BOX, filmWith, INSTANT, SLIDE } from '#core/error/pairs.test.fixtures.ts';
import { PLAIN } from '#core/error/circumstances.ts';
import { bestSetting } from '#core/advice/rank.ts';
import { fateAt, fatesOf, FRAME_COUNT, sayFates } from './frames-of-twenty.ts';

const verdict = (film: ReturnType<typeof filmWith>, lv: number, sdStops: number) => {
  const v = bestSetting(
    { camera: BOX, film, light: { lv, sdStops }, contrast: 'normal', support: 'standing' },
    {}
  );
  if (!v) throw new Error('no setting');
  return v;
};

test('always twenty, and as many good ones as the chance says', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(filmWith(), INSTANT, SLIDE),
      fc.double({ min: -8, max: 18, noNaN: true }),
      fc.double({ min: 0, max: 2, noNaN: true }),
      (film, lv, sd) => {
        const v = verdict(film, lv, sd);
        const counts = fatesOf(v);
        const fates = Array.from({ length: FRAME_COUNT }, (_, i) => fateAt(counts, i));
        expect(fates.join()).toMatch(/^(dark,?)*(good,?)*(shaken,?)*(unsharp,?)*(light,?)*$/);
        expect(Object.values(counts).reduce((sum, n) => sum + n, 0)).toBe(20);
        expect(fates.filter((f) => f === 'good')).toHaveLength(Math.round(v.pUsable * 20));
      }
    ),
    { seed: 20261124 }
  ));

test('losses fall on the side the light is off', () => {
  expect(sayFates(fatesOf(verdict(INSTANT, 14.6, 0.3)))).toBe('Of 20 such frames, 0 come out, 20 too light');
  expect(sayFates(fatesOf(verdict(filmWith(), 4, 0.3)))).toBe('Of 20 such frames, 0 come out, 20 too dark');
  expect(sayFates(fatesOf(verdict(filmWith(), 13.5, 0.3)))).toBe('Of 20 such frames, 20 come out');
});

test('a frame that is shaken or out of focus is told apart from one that is too dark', () => {
  const slow = { ...BOX, handHeldSeconds: 1 / 250 };
  const asked = { film: filmWith(), light: { lv: 13.5, sdStops: 0.3 }, contrast: 'normal' } as const;
  const shaken = bestSetting({ ...asked, camera: slow }, {});
  expect(shaken && sayFates(fatesOf(shaken))).toMatch(/come out, \d+ shaken$/);
  const near = bestSetting(
    { ...asked, camera: BOX, support: 'standing', circumstances: { ...PLAIN, subjectM: 1 } },
    {}
  );
  expect(near && sayFates(fatesOf(near))).toMatch(/come out, \d+ out of focus$/);
});
