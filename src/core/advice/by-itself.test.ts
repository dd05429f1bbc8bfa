// The setting and the reach of cameras that time themselves.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { TWIN, SLOW, nd } from '../error/by-itself.test.fixtures.ts';
import { INSTANT } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { bestSetting, rankSettings } from './rank.ts';
import { reachOf } from './reach.ts';

test('where lighten–darken does nothing, it is left in the middle', () => {
  const bright: Situation = {
    camera: TWIN,
    film: INSTANT,
    light: { lv: 18, sdStops: 0.2 },
    contrast: 'normal'
  };
  expect(bestSetting(bright, {})?.setting.compensationStops).toBe(0);
});

describe('reach and properties', () => {
  test('the reach’s edges are where the best chance passes its threshold', () => {
    const s: Situation = { camera: TWIN, film: INSTANT, light: { lv: 12, sdStops: 0.5 }, contrast: 'normal' };
    const { possible, services } = reachOf(s, {});
    expect(possible).toHaveLength(1);
    for (const lv of [possible[0]?.from ?? NaN, possible[0]?.to ?? NaN]) {
      const most = rankSettings({ ...s, light: { lv, sdStops: 0.5 } }, {}).map((v) => v.pUsable);
      expect(Math.abs(Math.max(...most) - 0.5)).toBeLessThan(0.01);
    }
    services.slice(1).forEach((x, i) => expect(x.from).toBe(services[i]?.to));
  });
  test('every finite light, sd and filter gives finite numbers, and terms that add up to Δ', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(TWIN, SLOW),
        fc.double({ min: -8, max: 18, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.constantFrom('lens', 'lens-and-eye', 'pack', 'eye'),
        (camera, lv, sdStops, stops, place) => {
          const circumstances = nd(stops, place);
          const verdict = bestSetting(
            { camera, film: INSTANT, light: { lv, sdStops }, contrast: 'hard', circumstances },
            {}
          );
          if (!verdict) throw new Error('no setting');
          expect(
            [verdict.deltaStops, verdict.pUsable, verdict.pGood, verdict.exposure.seconds].every(
              Number.isFinite
            )
          ).toBe(true);
          // the same error from what the film got: light, speed and filters against what was given
          const taken = place === 'eye' ? 0 : stops;
          const direct = lv + Math.log2(INSTANT.iso / 100) - verdict.exposure.ev - taken;
          expect(verdict.deltaStops).toBeCloseTo(direct, 9);
          expect(verdict.pUsable).toBeLessThanOrEqual(1);
        }
      ),
      { seed: 20261124 }
    ));
});
