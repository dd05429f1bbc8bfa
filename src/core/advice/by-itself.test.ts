// The setting and the reach of cameras that time themselves.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Program } from '../camera/kinds/programs.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import type { FilterPlace } from '../error/filters.ts';
import { cameraWith, fixed, INSTANT, marked } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { bestSetting, rankSettings } from './rank.ts';
import { reachOf } from './reach.ts';

const eye = (believesIso: number, place: 'outside' | 'behind-lens' = 'outside') => ({
  place,
  believesIso,
  angleDegrees: null
});
const timed = (shortestSeconds: number, longestSeconds: number, iso: number): Program => ({
  ...{ kind: 'automatic-time', shortestSeconds, longestSeconds, inLowLight: 'closes' },
  eye: eye(iso)
});
/** An instant camera: apertures by hand, 1/500 at the shortest, an eye outside the lens, made for ISO 800. */
const TWIN = cameraWith(
  [
    marked(
      'aperture',
      [5.6, 8, 11, 16, 22].map((n) => 2 ** (Math.round(2 * Math.log2(n)) / 2))
    ),
    marked('compensation', [-1, 0, 1])
  ],
  {
    program: timed(1 / 512, 1, 800)
  }
);
/** A slow instant camera with one opening, made for ISO 160. */
const SLOW = cameraWith([fixed('aperture', 'f/8', 8)], { program: timed(1 / 180, 14, 160) });

const nd = (stops: number, place: FilterPlace): Circumstances => ({
  ...PLAIN,
  filters: [{ name: 'grey', stops, place }]
});

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
