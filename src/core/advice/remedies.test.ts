import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import type { Film } from '../film/film.ts';
import {
  BOX_B,
  CINE,
  colour,
  FOLDING,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  ITS_FLASH,
  METERLESS,
  mono,
  REUSABLE,
  RIGID,
  slide,
  TOY,
  TWIN
} from '../error/panel.test.fixtures.ts';
import { BOX, cameraWith, filmWith, fixed, INSTANT, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { pairVerdicts } from './pairs.ts';
import { remediesFor, WORTH_GAIN } from './remedies.ts';
import { applied } from './remedy.ts';
import { atHandFrom, type AtHand } from './at-hand.ts';
import { PLAIN } from '../error/circumstances.ts';
import { bestSetting } from './rank.ts';
import type { Situation } from '../error/situation.ts';

const slow = filmWith({ id: 'slow', iso: 25, kind: 'reversal', belowStops: 3, aboveStops: 2.5 });
const GREY = [1, 2, 3].map((stops) => ({ name: '', stops }));
const AT_HAND: AtHand = { films: [slow], filters: GREY, flashes: [], course: [] };
/** In the sun, on something: nothing shakes. */
const sunny = (more: Partial<Situation> = {}): Situation => ({
  camera: BOX,
  film: SLIDE,
  light: { lv: 14.64, sdStops: 0.35 },
  contrast: 'normal',
  support: 'standing',
  ...more
});
const kinds = (s: Situation, atHand = AT_HAND) =>
  remediesFor(s, {}, atHand).map((r) => r.steps.map((x) => x.kind).join('+'));

describe('remedies', () => {
  // Common practice, no source: f/16 at 1/25 with ISO 100 in sun is two stops over for a slide: two stops of grey, or slower film.
  test('a slide too light: a grey filter of two stops, or the slow film', () => {
    const found = remediesFor(sunny(), {}, AT_HAND);
    const filter = found.find((r) => r.steps[0]?.kind === 'filter');
    expect(filter?.steps[0]).toMatchObject({ filter: { stops: 2, place: 'lens' } });
    expect(found.map((r) => r.steps[0]?.kind)).toContain('film');
    found.forEach((r) => expect(r.gain).toBeGreaterThanOrEqual(WORTH_GAIN));
  });
  test('nothing is offered where nothing is needed', () =>
    expect(
      kinds(sunny({ film: filmWith({ iso: 25 }), support: 'standing' }), {
        films: [],
        ...{ filters: GREY, flashes: [], course: [] }
      })
    ).toEqual([]));
  test('slides are not pushed; a negative in the dark is', () => {
    const dark = { lv: 10.8, sdStops: 0.3 };
    expect(kinds(sunny({ light: dark }))).not.toContain('development');
    expect(kinds(sunny({ film: filmWith({ iso: 125 }), light: dark }))).toContain('development');
  });
  test('support cures a time too long for the hand', () => {
    const camera = cameraWith([fixed('aperture', 'f/8', 8), fixed('time', '½', 0.5)]);
    const dim = sunny({ camera, film: filmWith(), light: { lv: 7, sdStops: 0.3 }, support: 'hand' });
    const support = remediesFor(dim, {}, AT_HAND).find((r) => r.steps[0]?.kind === 'support');
    expect(support?.verdict.failures).toEqual([]);
  });
  test('a pair of remedies is offered only where it beats each of its parts by a tenth', () => {
    const s = sunny({ film: INSTANT, light: { lv: 16, sdStops: 0.2 } });
    const found = remediesFor(s, {}, { films: [slow], filters: GREY, flashes: [], course: [] });
    for (const pair of found.filter((r) => r.steps.length === 2)) {
      for (const step of pair.steps) {
        const alone = bestSetting(applied(s, step), {});
        expect(pair.verdict.pUsable - (alone?.pUsable ?? 1)).toBeGreaterThanOrEqual(WORTH_GAIN - 1e-9);
      }
    }
    expect(found.some((r) => r.steps.length === 2)).toBe(true);
  });
  test('on cameras that set themselves a filter on the pack cures a film too fast for the dial', () => {
    const camera = cameraWith([fixed('aperture', 'f/8', 8)], {
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1 / 180, longestSeconds: 14, inLowLight: 'closes' },
        eye: { place: 'outside', believesIso: 160, angleDegrees: null }
      }
    });
    const s = sunny({ camera, film: { ...INSTANT, iso: 640 }, light: { lv: 11, sdStops: 0.5 } });
    const [first] = remediesFor(s, {}, { films: [], filters: GREY, flashes: [], course: [] });
    expect(first?.steps[0]).toMatchObject({ kind: 'filter', filter: { stops: 2 } });
    expect(['lens', 'pack']).toContain(first?.steps[0]?.kind === 'filter' ? first.steps[0].filter.place : '');
  });
});

describe('pairs', () => {
  test('only films that fit, likely ones first', () => {
    const wrong = filmWith({ id: 'w', formats: ['cine-8'] });
    const pairs = pairVerdicts(
      [BOX, SCALES],
      [SLIDE, filmWith(), wrong],
      { lv: 14.64, sdStops: 0.35 },
      'normal'
    );
    expect(pairs).toHaveLength(4);
    expect(pairs.at(-1)?.camera).toBe(BOX);
    expect(pairs.at(-1)?.film).toBe(SLIDE);
    const chances = pairs.map((p) => p.verdict.pUsable);
    chances.slice(1).forEach((c, i) => expect(c).toBeLessThanOrEqual((chances[i] ?? 0) + 0.01));
  });
});

describe('waiting', () => {
  const course = [14.6, 13.6, 12.6, 11.6].map((lv, i) => ({ ms: i * 3_600_000, lv, sdStops: 0.4 }));
  test('a slide two stops over waits until the light has fallen enough, and no longer', () => {
    const found = remediesFor(sunny(), {}, { films: [], filters: [], flashes: [], course });
    const wait = found.find((r) => r.steps[0]?.kind === 'wait');
    expect(wait?.steps[0]).toMatchObject({ until: { ms: 2 * 3_600_000 } });
    expect(wait?.verdict.chance).toBe('likely');
  });
  test('what comes out now need not wait, and a light that never comes is not waited for', () => {
    const atHand = { films: [], filters: [], flashes: [], course };
    expect(kinds(sunny({ film: filmWith({ iso: 25 }) }), atHand)).not.toContain('wait');
    const bright = { ...atHand, course: course.map((p) => ({ ...p, lv: 15 })) };
    expect(kinds(sunny(), bright)).not.toContain('wait');
  });
});

describe('flash, several exposures and the kit', () => {
  const unit = { name: 'small', guideNumber: 16, powers: [0, 1, 2, 3], seconds: 1 / 900, angleDegrees: null };
  const dark = { lv: 3, sdStops: 0.4 };
  const near = { focusing: { kind: 'fixed', atM: null, sharpFromM: 1 } } as const;
  test('a camera with a shoe gets the flash at the power that suits the distance', () => {
    const camera = { ...BOX, ...near, flash: { kind: 'shoe', syncSeconds: null } } as const;
    const s = sunny({
      camera,
      film: filmWith({ iso: 400 }),
      light: dark,
      circumstances: { ...PLAIN, subjectM: 2 }
    });
    const flash = remediesFor(s, {}, { ...AT_HAND, flashes: [unit] }).find(
      (r) => r.steps[0]?.kind === 'flash'
    );
    expect(flash?.verdict.flash).not.toBeNull();
    expect(flash?.gain).toBeGreaterThan(0.3);
    expect(kinds({ ...s, camera: BOX }, { ...AT_HAND, flashes: [unit] })).not.toContain('flash');
  });
  test('a camera that repeats may be given more exposures, on a support', () => {
    const camera = { ...BOX, repeats: true };
    const s = sunny({
      camera,
      film: filmWith({ iso: 100 }),
      light: { lv: 9.7, sdStops: 0.3 },
      support: 'standing'
    });
    expect(kinds(s)).toContain('exposures');
    expect(kinds({ ...s, camera: BOX })).not.toContain('exposures');
  });
  test('the kit offers its own filters once each, and the common ones while it has none', () => {
    const filter = (id: string, stops: number) =>
      ({ id, name: id, data: { kind: 'filter', stops, givenAs: 'stops' } }) as const;
    expect(atHandFrom([], [filter('a', 2), filter('b', 2), filter('c', 4)]).filters).toEqual([
      { name: 'a', stops: 2 },
      { name: 'c', stops: 4 }
    ]);
    expect(atHandFrom([], []).filters.map((f) => f.stops)).toEqual([1, 2, 3, 6]);
  });
});

describe('of each kind the least that does', () => {
  const nothing: AtHand = { films: [], filters: [], flashes: [], course: [] };
  const dim = { lv: 7.7, sdStops: 0.3 };
  test('of films that do about as well the one nearest to right, whatever their order', () => {
    const s = sunny({ film: slide(25), light: dim, camera: { ...BOX, formats: ['roll-6x6'] } });
    const films = [100, 200, 400, 800, 1600, 3200, 6400].map((iso) =>
      filmWith({ id: String(iso), iso, formats: ['roll-6x6'] })
    );
    const verdicts = films.map((film) => bestSetting({ ...s, film }, {}));
    const most = Math.max(...verdicts.map((v) => v?.pUsable ?? 0));
    const near = films.filter((_, i) => (verdicts[i]?.pUsable ?? 0) >= most - 0.05);
    expect(near.length).toBeGreaterThan(1);
    const off = (film: Film): number => {
      const v = bestSetting({ ...s, film }, {});
      return Math.abs((v?.deltaStops ?? NaN) - (v?.aimStops ?? NaN));
    };
    const nearest = near.reduce((a, b) => (off(b) < off(a) ? b : a));
    for (const order of [films, [...films].reverse()]) {
      const step = remediesFor(s, {}, { ...nothing, films: order })
        .flatMap((r) => r.steps)
        .find((x) => x.kind === 'film');
      expect(step?.kind === 'film' ? step.film.id : null).toBe(nearest.id);
    }
  });
  test('two exposures where two do as well as four', () => {
    const s = (exposures: number, lv: number) =>
      bestSetting(
        sunny({
          ...{ camera: { ...BOX, repeats: true }, film: filmWith({ iso: 100 }), support: 'standing' },
          ...{ light: { lv, sdStops: 0.3 }, circumstances: { ...PLAIN, exposures } }
        }),
        {}
      )?.pUsable ?? 0;
    const lv = 11.1;
    expect(s(1, lv)).toBeLessThan(0.8);
    expect(s(2, lv)).toBeGreaterThan(s(4, lv) - 0.05);
    const few = remediesFor(
      sunny({
        camera: { ...BOX, repeats: true },
        film: filmWith({ iso: 100 }),
        light: { lv, sdStops: 0.3 },
        support: 'standing'
      }),
      {},
      nothing
    ).flatMap((r) => r.steps.flatMap((x) => (x.kind === 'exposures' ? [x.count] : [])));
    expect(few).toEqual([2]);
  });
  test('what is too dark is never answered by less light, not even behind a film that is too fast then', () => {
    // f/16 at 1/25 s wants LV 12.6 on ISO 100: at LV 8 a slide of ISO 25 is 6.6 stops under, a negative of ISO 102,400 5.4 over, and
    // eight times less light would put that right
    const s = sunny({
      film: slide(25),
      light: { lv: 8, sdStops: 0.3 },
      camera: { ...BOX, formats: ['roll-6x6', '135'] }
    });
    const fast = filmWith({ id: 'fast', iso: 102_400 });
    const found = remediesFor(s, {}, { ...nothing, films: [fast], filters: GREY });
    const through = { ...PLAIN, filters: [{ name: '', stops: 3, place: 'lens' } as const] };
    expect(bestSetting({ ...s, film: fast }, {})?.pUsable).toBeLessThan(0.5);
    expect(bestSetting({ ...s, film: fast, circumstances: through }, {})?.pUsable).toBeGreaterThan(0.75);
    expect(found.flatMap((r) => r.steps.map((x) => x.kind))).not.toContain('filter');
  });
  test('a reading or a test stands alone', () => {
    // four stops and more too light for an old box that nobody tested: a filter and a slower film together
    const found = [15, 16, 17].flatMap((lv) =>
      [0.2, 0.7].flatMap((sdStops) =>
        remediesFor(
          sunny({ film: INSTANT, light: { lv, sdStops }, camera: { ...BOX, condition: 'old' } }),
          {},
          { ...nothing, films: [slow], filters: GREY }
        )
      )
    );
    const pairs = found.map(({ steps }) => steps.map((x) => x.kind)).filter((all) => all.length > 1);
    expect(pairs.length).toBeGreaterThan(0);
    for (const all of pairs) expect(all.filter((kind) => kind === 'reading' || kind === 'test')).toEqual([]);
  });
});

/** So many random situations. Each has its time, as they are thousands in the bench. */
const SITUATIONS = Number(process.env['JUST_ENOUGH_SITUATIONS'] ?? 300);

describe('whatever the situation', () => {
  const asked = fc.record({
    pair: fc.constantFrom<readonly [Camera, Film]>(
      [REUSABLE, colour(400)],
      [BOX_B, mono(125)],
      [TOY, colour(160, ['roll-6x6'])],
      [FOLDING(), INSTANT_800],
      [RIGID(ITS_FLASH), INSTANT_640],
      [TWIN, INSTANT_800],
      [METERLESS, slide(100)],
      [CINE, slide(50)]
    ),
    lv: fc.double({ min: -2, max: 16, noNaN: true }),
    sdStops: fc.double({ min: 0.2, max: 1.2, noNaN: true }),
    subjectM: fc.option(fc.double({ min: 0.6, max: 20, noNaN: true })),
    support: fc.constantFrom('hand', 'leaning', 'standing')
  });
  test(
    'every remedy shown is true when it is applied, gains what it says and breaks nothing',
    () =>
      fc.assert(
        fc.property(asked, ({ pair: [camera, film], lv, sdStops, subjectM, support }) => {
          const s: Situation = {
            ...{ camera, film, light: { lv, sdStops }, contrast: 'normal', support },
            circumstances: { ...PLAIN, subjectM }
          };
          const before = bestSetting(s, {});
          const films = [colour(400), mono(400), slide(25), INSTANT_160];
          for (const { steps, verdict, gain } of remediesFor(s, {}, { ...AT_HAND, films })) {
            if (steps[0]?.kind === 'not-today') {
              expect(before?.pUsable).toBeLessThan(0.25);
              continue;
            }
            const after = bestSetting(steps.reduce(applied, s), {});
            expect(after?.pUsable).toBeCloseTo(verdict.pUsable, 9);
            expect(verdict.pUsable - (before?.pUsable ?? 1)).toBeCloseTo(gain, 9);
            expect(gain).toBeGreaterThanOrEqual(WORTH_GAIN);
            for (const { kind, chance } of verdict.factors) {
              const was = before?.factors.find((f) => f.kind === kind)?.chance ?? 1;
              expect(chance >= 0.75 || was < 0.75, kind).toBe(true);
            }
          }
        }),
        { seed: 20261127, numRuns: SITUATIONS }
      ),
    SITUATIONS * 400
  );
});
