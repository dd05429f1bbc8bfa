// What is not asked for its chance would not have been chosen: the quick way and the whole way agree.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { PLAIN } from '../error/circumstances.ts';
import { PURPOSES, SUPPORTS, type Situation } from '../error/situation.ts';
import type { Film } from '../film/film.ts';
import { prepare } from '../chance/prepared.ts';
import { bestOf, contendersAt, triedAt } from './contenders.ts';
import { orderedPeers } from './order.ts';
import {
  colour,
  FOLDING,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  ITS_FLASH,
  METERLESS,
  mono,
  PACK,
  PACK_3000,
  RIGID,
  slide,
  SWING,
  TOY,
  TWIN
} from '../error/panel.test.fixtures.ts';
import { bestAt, candidatesOf } from './rank.ts';

const UNIT = { name: '', guideNumber: 18, powers: [0], seconds: 0.001, angleDegrees: null };
const asked = fc.record({
  pair: fc.constantFrom<readonly [Camera, Film]>(
    [TOY, colour(160, ['roll-6x6'])],
    [FOLDING(), INSTANT_800],
    [FOLDING_REFLEX, INSTANT_160],
    [RIGID(ITS_FLASH), INSTANT_640],
    [TWIN, INSTANT_800],
    [PACK, PACK_3000],
    [SWING, mono(400, ['135-panorama'])],
    [METERLESS, slide(100)]
  ),
  lv: fc.double({ min: -8, max: 18, noNaN: true }),
  sdStops: fc.double({ min: 0, max: 3, noNaN: true }),
  subjectM: fc.option(fc.double({ min: 0.6, max: 20, noNaN: true })),
  support: fc.constantFrom(...SUPPORTS),
  purpose: fc.constantFrom(...PURPOSES),
  flashed: fc.boolean()
});

test('the best of those that are asked is the best of all, with the same greatest chance', () => {
  const more = [0, 0];
  fc.assert(
    fc.property(asked, ({ pair: [camera, film], lv, sdStops, subjectM, support, purpose, flashed }) => {
      const flash = { kind: 'fired', unit: UNIT, powerStops: 0, lossStops: 0 } as const;
      const situation: Situation = {
        ...{ camera, film, light: { lv, sdStops }, contrast: 'normal', support, purpose },
        circumstances: { ...PLAIN, subjectM, ...(flashed ? { flash } : {}) }
      };
      const prepared = prepare(situation);
      const candidates = candidatesOf(prepared, {});
      const place = { prepared, present: {}, lv };
      const all = triedAt(lv, candidates);
      const quick = bestAt(place, candidates);
      expect(quick?.candidate.setting).toEqual(orderedPeers(place, all)[0]?.candidate.setting);
      // below a hundredth it is no chance at all, and is not summed up
      if (bestOf(all) >= 0.01) expect(quick?.most).toBeCloseTo(bestOf(all), 12);
      else expect(quick?.most).toBeLessThan(0.01);
      more[0] = (more[0] ?? 0) + candidates.length;
      more[1] = (more[1] ?? 0) + contendersAt(place, candidates).length;
    }),
    { seed: 20261130, numRuns: Number(process.env['JUST_ENOUGH_SITUATIONS'] ?? 300) }
  );
  // and it asks few: otherwise nothing would be gained
  expect(more[1]).toBeLessThan(0.75 * (more[0] ?? 0));
});
