import { describe, expect, test } from 'vitest';
import {
  BOX_B,
  METERLESS,
  RIGID,
  INSTANT_640,
  REUSABLE,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_800,
  TWIN,
  mono,
  slide
} from '../error/panel.test.fixtures.ts';
import { atHandFrom } from '../advice/at-hand.ts';
import type { Camera } from '../camera/camera.ts';
import { PLAIN } from '../error/circumstances.ts';
import type { Film } from '../film/film.ts';
import { wallClock } from '../sky/wall-clock.ts';
import { crossingLengths, fieldWidthM } from './crossing.ts';
import { dayOfStop, momentOfStop } from './outing-time.ts';
import { pressesOf, type Outing, type Stop } from './outing.ts';
import { outingPlan, type OutingKit } from './outing-plan.ts';
import { pairAtStop, type OutingPair } from './stop-ways.ts';
import { pairDay } from './windows.ts';

const ZONE = 'Europe/Lisbon';
const LISBON = { name: 'Quay', latitude: 38.72, longitude: -9.14, zone: ZONE };
const stop = (more: Partial<Stop>): Stop => ({
  ...{
    id: 'a',
    subject: 'ferry',
    place: LISBON,
    time: '17:00',
    facing: 'front',
    ground: 'ground',
    lamps: ''
  },
  ...{ purpose: 'good-frame', mover: null, frames: 2, tries: 1, loadId: null },
  ...more
});
const outing = (stops: readonly Stop[], more: Partial<Outing> = {}): Outing => ({
  ...{ id: 'o', name: 'Ferries', date: '2026-09-12', sky: 'clear', budget: null },
  ...more,
  stops: stops.map((s, i) => ({ ...s, id: `stop-${i}` }))
});
const pairOf = (key: string, camera: Camera, film: Film, framesLeft = 8): OutingPair => ({
  ...{ key, framesLeft },
  pair: {
    situation: { camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal' },
    ...{ present: {}, atHand: { ...atHandFrom([], []), filters: [] }, leastChance: 0.5 }
  }
});
const REFLEX = pairOf('reflex', FOLDING_REFLEX, { ...INSTANT_160, price: 16, frames: 8 }, 5);
const KIT: OutingKit = {
  pairs: [REFLEX, pairOf('twin', TWIN, INSTANT_800), pairOf('box', REUSABLE, mono(100))],
  lampsOf: () => null
};
const kinds = (plan: ReturnType<typeof outingPlan>): readonly (readonly string[])[] =>
  plan.stops.map((s) => s.troubles.map((t) => t.kind));

describe('an outing', () => {
  test('is covered by the smallest kit: trails need the reflex on something, and it does the afternoon too', () => {
    const plan = outingPlan(
      outing(
        [
          stop({ time: '18:45', facing: 'open-shade' }),
          stop({ time: '20:08', purpose: 'light-trails', frames: 3, tries: 2 })
        ],
        {}
      ),
      {
        ...KIT,
        pairs: [REFLEX, pairOf('box', REUSABLE, mono(100))].map((p) => ({
          ...p,
          pair: { ...p.pair, leastChance: 0.4 }
        }))
      }
    );
    expect(kinds(plan)).toEqual([[], []]);
    expect(plan.items.filter((i) => i.kind === 'camera')).toEqual([{ kind: 'camera', key: 'reflex' }]);
    expect(plan.items.some((i) => i.kind === 'support')).toBe(true);
    // two and three times two presses against five left of a pack of eight at 16.00
    expect(plan.films).toMatchObject([{ key: 'reflex', presses: 8, left: 5, packs: 1, cost: 16 }]);
    expect(plan.cost).toBe(16);
  });

  test('a stop in the dark is told with when it would work, and after when nothing of the list does', () => {
    const plan = outingPlan(
      outing([stop({ time: '18:45', facing: 'open-shade' }), stop({ time: '22:30' })]),
      {
        ...KIT,
        pairs: [REFLEX].map((p) => ({ ...p, pair: { ...p.pair, leastChance: 0.4 } }))
      }
    );
    expect(kinds(plan)[0]).toEqual([]);
    const [trouble] = plan.stops[1]?.troubles ?? [];
    if (trouble?.kind !== 'nothing-works') throw new Error('the reflex does not work at half past ten');
    expect(trouble.best).toBeLessThan(0.4);
    expect(trouble.works?.toMs).toBeLessThan(plan.stops[1]?.ms ?? 0);
    expect(plan.lastMs).toBe(trouble.works?.toMs);
  });

  test('the light goes before all are pressed: how many fit is told', () => {
    const lone = { ...KIT, pairs: [{ ...REFLEX, pair: { ...REFLEX.pair, leastChance: 0.4 } }] };
    const plan = outingPlan(outing([stop({ time: '20:08', purpose: 'light-trails', frames: 40 })]), lone);
    const [trouble] = plan.stops[0]?.troubles ?? [];
    if (trouble?.kind !== 'runs-out') throw new Error('forty trails take longer than the dusk');
    expect(trouble.fit).toBeGreaterThan(3);
    expect(trouble.fit).toBeLessThan(trouble.presses);
  });

  test('without an hour a stop is where it first works after the one before', () => {
    const lone = { ...KIT, pairs: [{ ...REFLEX, pair: { ...REFLEX.pair, leastChance: 0.4 } }] };
    const plan = outingPlan(
      outing([stop({ time: '15:00' }), stop({ time: '', purpose: 'light-trails' }), stop({ time: '14:00' })]),
      lone
    );
    expect(wallClock(plan.stops[1]?.ms ?? 0, ZONE).time).toMatch(/^20:0\d$/);
    expect(kinds(plan)[2]).toContain('out-of-order');
  });

  test('an unsaid sky: under which it does not come out is told', () => {
    const plan = outingPlan(outing([stop({ time: '18:40' })], { sky: 'unsaid' }), {
      ...KIT,
      pairs: [pairOf('box', REUSABLE, mono(100))]
    });
    const told = plan.stops[0]?.troubles ?? [];
    expect(told.some((t) => t.kind === 'not-under' || t.kind === 'nothing-works')).toBe(true);
  });

  test('an hour that is none is told, and the other stops are answered', () => {
    const plan = outingPlan(outing([stop({ time: '25:00' }), stop({})]), KIT);
    expect(kinds(plan)).toEqual([['bad-time'], []]);
    expect(plan.stops[1]?.way).not.toBeNull();
  });

  test('kept for a camera, no other is taken', () => {
    const plan = outingPlan(outing([stop({ loadId: 'box', time: '12:30' })]), KIT);
    expect(plan.stops[0]?.way?.key).toBe('box');
  });

  test('sixty stops are answered, and no camera answers with nothing that works', () => {
    const many = Array.from({ length: 60 }, () => stop({}));
    expect(outingPlan(outing(many), KIT).stops).toHaveLength(60);
    const none = outingPlan(outing([stop({})]), { ...KIT, pairs: [] });
    expect(kinds(none)).toEqual([['nothing-works']]);
    expect(none).toMatchObject({ items: [], films: [], cost: 0, lastMs: null });
  });
});

describe('told to whoever waits', () => {
  test('how far it is: a share for each stop asked and worked out, rising to the whole', () => {
    const shares: number[] = [];
    outingPlan(outing([stop({ time: '12:00' }), stop({ time: '13:00' })]), KIT, (share) =>
      shares.push(share)
    );
    expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
  });
});

describe('what is packed', () => {
  const box = { ...REUSABLE, flash: { kind: 'none' } as const };
  const gun = { name: 'gun', guideNumber: 20, powers: [0], seconds: 1 / 1000, angleDegrees: null };
  const withFlash = (camera: Camera): OutingPair => {
    const pair = pairOf('box', camera, mono(400));
    const atHand = { ...pair.pair.atHand, flashes: camera.flash.kind === 'shoe' ? [gun] : [] };
    return {
      ...pair,
      pair: {
        ...pair.pair,
        atHand,
        situation: { ...pair.pair.situation, circumstances: { ...PLAIN, subjectM: 2 } }
      }
    };
  };
  const night = outing([stop({ time: '22:00' })]);
  test('a flash of the bag is packed, the camera’s own is on it', () => {
    const shoe = outingPlan(night, {
      ...KIT,
      pairs: [withFlash({ ...box, flash: { kind: 'shoe', syncSeconds: null } })]
    });
    expect(shoe.items.map((i) => i.kind)).toEqual(['camera', 'flash']);
    const own = outingPlan(night, { ...KIT, pairs: [withFlash(REUSABLE)] });
    expect(own.stops[0]?.way?.steps.map((s) => s.kind)).toEqual(['flash']);
    expect(own.items.map((i) => i.kind)).toEqual(['camera']);
  });
  test('in the hand where that comes out: nobody sets up for a little more', () => {
    const plan = outingPlan(outing([stop({ time: '13:00' }), stop({ time: '13:30' })]), {
      ...KIT,
      pairs: [pairOf('box', box, mono(400))]
    });
    expect(plan.stops.map((s) => s.way?.support)).toEqual(['hand', 'hand']);
    // the same camera twice is packed once
    expect(plan.items).toEqual([{ kind: 'camera', key: 'box' }]);
    expect(plan.films).toMatchObject([{ key: 'box', presses: 4 }]);
  });
  test('an hour that comes twice is told beside what works', () => {
    const twice = outing([stop({ time: '01:30', lamps: 'street' })], { date: '2026-10-24' });
    const plan = outingPlan(twice, KIT);
    expect(kinds(plan)[0]?.[0]).toBe('clock-change');
  });
  test('another camera than the one it is kept for is not asked', () => {
    const plan = outingPlan(outing([stop({ loadId: 'gone', time: '12:30' })]), KIT);
    expect(kinds(plan)).toEqual([['nothing-works']]);
    expect(plan.stops[0]?.troubles[0]).toMatchObject({ best: 0, works: null });
    expect(plan.lastMs).toBeNull();
  });
});

describe('the moment of a stop', () => {
  const at = (date: string, time: string, zone: string) => {
    const read = momentOfStop(date, { time, place: { ...LISBON, zone } });
    return read.ok ? read.value : null;
  };
  test('before four in the morning it is the night after', () => {
    expect(at('2026-09-12', '01:30', ZONE)?.ms).toBe(Date.parse('2026-09-13T00:30:00Z'));
    expect(at('2026-09-12', '04:00', ZONE)?.ms).toBe(Date.parse('2026-09-12T03:00:00Z'));
    expect(at('2026-12-31', '00:15', 'Pacific/Auckland')?.ms).toBe(Date.parse('2026-12-31T11:15:00Z'));
  });
  test('an hour that the clocks skip or show twice', () => {
    // the European Union's clock changes are on the last Sundays of March and October at 01:00 UTC (Directive 2000/84/EC)
    expect(at('2026-03-28', '01:30', ZONE)).toMatchObject({ clockChange: 'skipped' });
    expect(at('2026-10-24', '01:30', ZONE)).toEqual({
      ms: Date.parse('2026-10-25T00:30:00Z'),
      clockChange: 'doubled'
    });
  });
  test('none is when it works', () => {
    expect(at('2026-09-12', '', ZONE)).toBeNull();
    expect(pressesOf({ frames: 3, tries: 2 })).toBe(6);
  });
});

describe('a mover through the frame', () => {
  test('the field of a 50 mm lens on 36 mm at 10 m is 7.2 m wide', () => {
    // w·d/f, any textbook of optics
    expect(fieldWidthM('135', 50, 10)).toBeCloseTo(7.2, 9);
  });
  test('a train of 52.8 m at 72 km/h takes 3 s through it; longer holds it too', () => {
    const train = { metresPerSecond: 20, lengthM: 52.8, distanceM: 10 };
    expect(crossingLengths('135', 50, train)).toEqual({ from: 3, to: 6 });
  });
});

describe('what an outing tells of its hours', () => {
  const reflex: OutingPair = { ...REFLEX, pair: { ...REFLEX.pair, leastChance: 0.4 } };
  const lone: OutingKit = { ...KIT, pairs: [reflex] };
  const windowsAt = (pair: OutingPair, one: Stop, support: 'hand' | 'standing') =>
    pairDay(pairAtStop(pair, one), dayOfStop(outing([one]), one, null), support).windows;

  const afternoon = stop({ time: '18:45', facing: 'open-shade' });

  test('the day of a stop lasts from four in the morning to four', () => {
    const day = dayOfStop({ date: '2026-09-12', sky: 'clear' }, stop({}), null);
    expect([day.fromMs, day.toMs]).toEqual([
      Date.parse('2026-09-12T03:00:00Z'),
      Date.parse('2026-09-13T03:00:00Z')
    ]);
  });
  test('a stop with no hour that is one has no window, and ends nothing', () => {
    expect(outingPlan(outing([stop({ time: '25:00' })]), lone)).toMatchObject({ lastMs: null, items: [] });
    const [first] = outingPlan(outing([stop({ time: '25:00' })]), lone).stops;
    expect(first?.troubles).toHaveLength(1);
  });
  test('where nothing works and it is out of order both are told, with when it would work', () => {
    const plan = outingPlan(outing([stop({ time: '23:00' }), stop({ time: '22:30' })]), lone);
    expect(kinds(plan)).toEqual([['nothing-works'], ['out-of-order', 'nothing-works']]);
    for (const { troubles } of plan.stops) {
      const nothing = troubles.find((t) => t.kind === 'nothing-works');
      expect(nothing?.kind === 'nothing-works' && nothing.works).not.toBeNull();
      expect(nothing?.kind === 'nothing-works' ? nothing.best : 1).toBeLessThan(0.4);
    }
    // what would come out in nine of ten is told where more is asked for
    const strict = { ...reflex, pair: { ...reflex.pair, leastChance: 0.999 } };
    const [nothing] = outingPlan(outing([afternoon]), { ...KIT, pairs: [strict] }).stops[0]?.troubles ?? [];
    const way = outingPlan(outing([afternoon]), lone).stops[0]?.way;
    expect(nothing?.kind === 'nothing-works' ? nothing.best : 0).toBeGreaterThanOrEqual(
      way?.verdict.pUsable ?? 1
    );
  });
  test('the last moment is the end of the window one is in, and none where a window is open when the day is over', () => {
    const plan = outingPlan(outing([stop({ time: '18:45', facing: 'open-shade' })]), lone);
    const { window } = plan.stops[0] ?? {};
    expect(plan.lastMs).toBe(window?.to.likelyMs);
    expect(plan.lastMs).toBeGreaterThan(plan.stops[0]?.ms ?? Infinity);
    const lamps = { lv: 9, contrast: 'hard' } as const;
    const lit = outingPlan(outing([stop({ time: '15:00', lamps: 'quay' })]), {
      pairs: [pairOf('twin', TWIN, INSTANT_800)],
      lampsOf: () => lamps
    });
    expect(lit.lastMs).toBeNull();
    // far too much light for it by day, and just right by the lamps until the day is over
    const fast = outingPlan(outing([stop({ time: '13:00', lamps: 'quay' })]), {
      pairs: [pairOf('box', REUSABLE, { ...slide(6400), formats: ['135'] })],
      lampsOf: () => lamps
    });
    expect(kinds(fast)).toEqual([['nothing-works']]);
    expect(fast.lastMs).toBeNull();
  });
  test('without an hour the first of all cameras begins, whichever is named first', () => {
    const one = stop({ time: '' });
    const box = pairOf('box', REUSABLE, mono(100));
    const twin = pairOf('twin', TWIN, INSTANT_800);
    const starts = [box, twin].flatMap((pair) =>
      (['hand', 'standing'] as const).flatMap((support) =>
        windowsAt(pair, one, support).map((w) => w.from.likelyMs)
      )
    );
    for (const pairs of [
      [box, twin],
      [twin, box]
    ])
      expect(outingPlan(outing([one]), { ...KIT, pairs }).stops[0]?.ms).toBe(Math.min(...starts));
    expect(new Set(starts).size).toBeGreaterThan(1);
    const kept = outingPlan(outing([stop({ time: '', loadId: 'box' })]), { ...KIT, pairs: [twin, box] });
    const own = (['hand', 'standing'] as const).flatMap((support) =>
      windowsAt(box, one, support).map((w) => w.from.likelyMs)
    );
    expect(kept.stops[0]?.ms).toBe(Math.min(...own));
    expect(kept.stops[0]?.way?.key).toBe('box');
  });
  test('at the same minute as the stop before nothing is out of order', () => {
    const plan = outingPlan(outing([afternoon, afternoon]), lone);
    expect(kinds(plan)).toEqual([[], []]);
  });
  test('the later one comes, the fewer frames fit before the light goes', () => {
    const fit = (time: string): number => {
      const plan = outingPlan(outing([stop({ time, purpose: 'light-trails', frames: 60 })]), lone);
      const found = plan.stops[0]?.troubles.find((t) => t.kind === 'runs-out');
      return found?.kind === 'runs-out' ? found.fit : NaN;
    };
    expect(fit('20:08')).toBeGreaterThan(fit('20:09'));
    expect(fit('20:09')).toBeGreaterThan(0);
  });
  test('nobody stands a camera for less than five points, even where something to stand it on is carried', () => {
    const meterless = pairOf('m', METERLESS, mono(125));
    const supports = (time: string, leastChance: number) =>
      outingPlan(outing([stop({ time }), stop({ time: '20:12', purpose: 'light-trails' })]), {
        ...KIT,
        pairs: [{ ...meterless, pair: { ...meterless.pair, leastChance } }]
      }).stops.map((s) => s.way?.support);
    expect(supports('13:00', 0.3)).toEqual(['hand', 'standing']);
    // in the last light it gains more
    expect(supports('19:50', 0.2)).toEqual(['standing', 'standing']);
  });
});

describe('a stop that takes a filter', () => {
  const GREY = { name: 'grey', stops: 10 };
  const counting = pairOf('box', BOX_B, mono(125));
  const withFilters = (
    filters: readonly { readonly name: string; readonly stops: number }[],
    pair = counting
  ): OutingPair => ({
    ...pair,
    pair: { ...pair.pair, atHand: { ...pair.pair.atHand, filters } }
  });
  test('whole seconds at noon: the filter is packed, and its window is the one with it on', () => {
    const plan = outingPlan(outing([stop({ time: '13:00', purpose: 'whole-seconds' })]), {
      ...KIT,
      pairs: [withFilters([GREY])]
    });
    const [first] = plan.stops;
    expect(first?.way?.steps.map((s) => s.kind)).toEqual(['filter']);
    expect(plan.items.map((i) => i.kind).sort()).toEqual(['camera', 'filter', 'support']);
    const ms = first?.ms ?? NaN;
    expect(first?.window?.from.likelyMs ?? Infinity).toBeLessThan(ms);
    expect(first?.window?.to.likelyMs ?? -Infinity).toBeGreaterThan(ms);
  });
  test('a film too fast for the noon: the window is that of the pair through its filter', () => {
    const fast = pairOf('box', REUSABLE, { ...slide(1600), formats: ['135'] });
    const three = { name: 'grey', stops: 6 };
    const plan = outingPlan(outing([stop({ time: '13:00' })]), {
      ...KIT,
      pairs: [withFilters([three], fast)]
    });
    const [first] = plan.stops;
    expect(first?.way?.steps.map((s) => s.kind)).toEqual(['filter']);
    const ms = first?.ms ?? NaN;
    expect(first?.window?.from.likelyMs ?? Infinity).toBeLessThan(ms);
    expect(first?.window?.to.likelyMs ?? -Infinity).toBeGreaterThan(ms);
    expect(kinds(plan)).toEqual([[]]);
  });
});

test('a flash that fires by itself is on its camera; of two cameras the flash of the one that is used counts', () => {
  const unit = { name: '', guideNumber: 16, powers: [0], seconds: 1 / 1000, angleDegrees: null };
  const own = RIGID({ kind: 'automatic', unit, belowLv: 9, overridable: true, quenched: false });
  const subject = (pair: OutingPair): OutingPair => ({
    ...pair,
    pair: { ...pair.pair, situation: { ...pair.pair.situation, circumstances: { ...PLAIN, subjectM: 2 } } }
  });
  const night = outing([stop({ time: '22:00' })]);
  const lit = outingPlan(night, { ...KIT, pairs: [subject(pairOf('own', own, INSTANT_640))] });
  expect(lit.items.map((i) => i.kind)).toEqual(['camera']);
  const gun = { ...unit, name: 'gun' };
  const shoe = subject(
    pairOf('shoe', { ...REUSABLE, flash: { kind: 'shoe', syncSeconds: null } }, mono(400))
  );
  const armed = { ...shoe, pair: { ...shoe.pair, atHand: { ...shoe.pair.atHand, flashes: [gun] } } };
  const blind = subject(pairOf('blind', { ...REUSABLE, flash: { kind: 'none' } }, mono(400)));
  const two = outingPlan(night, {
    ...KIT,
    pairs: [subject(pairOf('switch', REUSABLE, slide(25))), blind, armed]
  });
  expect(two.stops[0]?.way?.key).toBe('shoe');
  expect(two.items.map((i) => i.kind)).toEqual(['camera', 'flash']);
});
