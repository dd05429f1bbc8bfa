// Each likely cause where the log shows it, and not beside it. Facts of the trade: common practice, no source.
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, fixed, filmWith, INSTANT, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import type { Program } from '../camera/kinds/programs.ts';
import type { Film } from '../film/film.ts';
import type { Frame } from '../log/frame.ts';
import { frameWith } from '../log/frames.test.fixtures.ts';
import { STARTING_LIGHT, type LightChoice } from '../ways/choice.ts';
import { likelyCauses, type Cause } from './causes.ts';

const program: Program = {
  ...{ kind: 'automatic-time', shortestSeconds: 1 / 500, longestSeconds: 1, inLowLight: 'closes' },
  eye: { place: 'outside', believesIso: 800, angleDegrees: null }
};
const EYE = cameraWith([marked('aperture', [5.6, 8, 16, 22]), marked('compensation', [-1, 0, 1])], {
  program
});
const MIDDLE = { aperture: 1, compensation: 1 };
const light = (more: Partial<LightChoice> = {}): LightChoice => ({
  ...STARTING_LIGHT,
  lv: 12,
  sdStops: 0.25,
  ...more
});

interface Case {
  readonly camera?: Camera;
  readonly film?: Film;
  readonly more?: Partial<Frame>;
  readonly before?: readonly Partial<Frame>[];
  readonly faults?: readonly string[];
}
/** Causes of a frame that came out so many stops light. */
function causes(
  stops: number,
  { camera = EYE, film = INSTANT, more = {}, before = [], faults = [] }: Case
): readonly Cause[] {
  const frame = (f: Partial<Frame>): Frame =>
    frameWith(camera, film, { light: light(), choice: MIDDLE, ...f });
  return likelyCauses({
    ...{ camera, film, frame: frame({ number: 9, ...more }) },
    before: before.map((f, i) => frame({ number: i + 1, ...f })),
    judgement: { outcome: { kind: 'tone', stops }, faults }
  });
}
const has = (cause: Cause['cause'], stops: number, at: Case): boolean =>
  causes(stops, at).some((c) => c.cause === cause);
const circumstances = (more: Partial<typeof PLAIN>) => ({
  conditions: { circumstances: { ...PLAIN, ...more } }
});
const grey = [{ name: 'grey', stops: 2, place: 'lens' as const }];

describe('lighten–darken left', () => {
  test('in the middle it is no cause', () => expect(has('compensation-left', 1, {})).toBe(false));
  test('darken makes it dark, not light', () => {
    const more = { choice: { aperture: 1, compensation: 0 } };
    expect(has('compensation-left', -1, { more })).toBe(true);
    expect(has('compensation-left', 1, { more })).toBe(false);
  });
  test('since when: not over the frame that had it in the middle, nor onto another film', () => {
    const light1 = { choice: { aperture: 1, compensation: 2 } };
    const since = (before: readonly Partial<Frame>[]) =>
      causes(1, { more: light1, before }).find((c) => c.cause === 'compensation-left');
    expect(since([light1, {}, light1])).toMatchObject({ sinceNumber: 3 });
    expect(since([light1, { ...light1, loadId: 'another' }, light1])).toMatchObject({ sinceNumber: 3 });
    expect(since([])).toMatchObject({ sinceNumber: 9 });
  });
});

describe('a limit of the camera', () => {
  const dim = { light: light({ lv: 2 }) };
  test('too dark at its longest, too light at its shortest, and not the other way', () => {
    expect(has('beyond-limit', -2, { more: dim })).toBe(true);
    expect(has('beyond-limit', 2, { more: dim })).toBe(false);
    expect(has('beyond-limit', -2, { more: { light: light({ lv: 10 }) } })).toBe(false);
  });
  test.each([
    [1, true],
    [0.75, true],
    [1.3, true],
    [0.6, false],
    [0.5, false],
    [4, false]
  ])('%d s heard at a longest time of 1 s: %s', (heardSeconds, met) =>
    expect(has('beyond-limit', -2, { more: { ...dim, heardSeconds } })).toBe(met)
  );
});

describe('the eye and the subject in other light', () => {
  test('an eye that sees less makes it light, one that sees more dark', () => {
    const shaded = circumstances({ eyeOffsetStops: -2 });
    const sunlit = circumstances({ eyeOffsetStops: 2 });
    expect(has('eye-in-shade', 2, { more: shaded })).toBe(true);
    expect(has('eye-in-shade', 2, { more: sunlit })).toBe(false);
    expect(has('eye-in-sun', -2, { more: sunlit })).toBe(true);
    expect(has('eye-in-sun', -2, { more: shaded })).toBe(false);
    expect(has('eye-in-sun', 2, { more: sunlit })).toBe(false);
    expect(has('eye-in-shade', -2, { more: shaded })).toBe(false);
  });
  test('in even light neither, and a camera set by hand has no eye', () => {
    expect(has('eye-in-shade', 2, {})).toBe(false);
    expect(has('eye-in-sun', -2, {})).toBe(false);
    const more = { conditions: { scene: 'uneven' as const }, choice: {} };
    expect(has('eye-in-shade', 2, { camera: SCALES, more })).toBe(false);
    expect(has('eye-in-sun', -2, { camera: SCALES, more })).toBe(false);
  });
});

describe('filters', () => {
  const filtered = circumstances({ filters: grey });
  test('missing on this frame, on the one before', () => {
    expect(has('filter-missing', 2, { before: [filtered] })).toBe(true);
    expect(has('filter-missing', -2, { before: [filtered] })).toBe(false);
    expect(has('filter-missing', 2, { before: [filtered], more: filtered })).toBe(false);
    expect(has('filter-missing', 2, { before: [{}] })).toBe(false);
    expect(has('filter-missing', 2, { before: [filtered, {}] })).toBe(false);
    expect(has('filter-missing', 2, {})).toBe(false);
  });
  test('on this frame, which is dark', () => {
    expect(causes(-2, { more: filtered })).toContainEqual({ cause: 'filter-on' });
    expect(has('filter-on', 2, { more: filtered })).toBe(false);
    expect(has('filter-on', -2, {})).toBe(false);
  });
});

describe('the speed dial', () => {
  const camera = cameraWith([fixed('aperture', 'f/8', 8), marked('dial', [200, 800])], { program });
  const at = (dial: number, film: Film, more: Partial<Frame> = {}): Case => ({
    camera,
    film,
    more: { choice: { dial }, ...more }
  });
  const film = (iso: number, developmentStops = 0) => ({ ...INSTANT, iso, developmentStops });
  test('a film faster than the dial comes out light, a slower one dark', () => {
    expect(has('dial-left', 2, at(0, film(800)))).toBe(true);
    expect(has('dial-left', -2, at(0, film(800)))).toBe(false);
    expect(has('dial-left', -2, at(1, film(200)))).toBe(true);
    expect(has('dial-left', 2, at(1, film(200)))).toBe(false);
  });
  test('a third of a stop is no slip, half a stop is', () => {
    expect(has('dial-left', 1, at(0, film(250)))).toBe(false);
    expect(has('dial-left', 1, at(0, film(285)))).toBe(true);
    expect(has('dial-left', -1, at(1, film(640)))).toBe(false);
  });
  test('how it was developed counts with its speed', () => {
    expect(has('dial-left', 2, at(0, film(200, 1)))).toBe(true);
    expect(has('dial-left', 2, at(0, film(400, -1)))).toBe(false);
  });
  test('a filter over lens and eye changes nothing, one over the lens takes it back', () => {
    const on = (place: 'lens' | 'lens-and-eye') =>
      at(0, film(800), circumstances({ filters: [{ name: '', stops: 2, place }] }));
    expect(has('dial-left', 2, on('lens-and-eye'))).toBe(true);
    expect(has('dial-left', 2, on('lens'))).toBe(false);
  });
});

describe('seconds that were counted', () => {
  const camera = cameraWith([
    fixed('aperture', 'f/8', 8),
    {
      ...{ kind: 'marked', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
      positions: [
        { mark: 'B 4 s', symbol: null, value: 4, byHand: true },
        { mark: '60', symbol: null, value: 1 / 60 }
      ]
    }
  ]);
  const held = (timedSeconds: number | null, time = 0): Case => ({
    camera,
    more: { choice: { time }, timedSeconds, light: light({ lv: 3 }) }
  });
  test.each([
    [6, 2, true],
    [6, -2, false],
    [3, -2, true],
    [3, 2, false],
    [4.2, 2, false],
    [3.8, -2, false],
    [null, 2, true],
    [null, -2, true]
  ])('held for %s s where 4 were meant, %d stops light: %s', (seconds, stops, told) =>
    expect(has('counted', stops, held(seconds))).toBe(told)
  );
  test('the length meant and the length held are told', () =>
    expect(causes(2, held(6))).toContainEqual({ cause: 'counted', meantSeconds: 4, heldSeconds: 6 }));
  test('a time that the camera makes is not counted', () =>
    expect(has('counted', 2, held(null, 1))).toBe(false));
});

describe('a light that was unsure', () => {
  const unsure = (sdStops: number): Partial<Frame> => ({ light: light({ sdStops }), choice: {} });
  test('counts on a camera set by hand, from 0.7 stop on', () => {
    expect(causes(2, { camera: SCALES, more: unsure(0.7) })).toContainEqual({
      cause: 'light-unsure',
      sdStops: 0.7
    });
    expect(has('light-unsure', 2, { camera: SCALES, more: unsure(0.69) })).toBe(false);
    expect(has('light-unsure', 2, { more: { light: light({ sdStops: 1 }) } })).toBe(false);
  });
});

describe('a smaller aperture that the camera made up for', () => {
  const at = (aperture: number): Partial<Frame> => ({ choice: { aperture, compensation: 1 } });
  test('not after a dark frame, nor on a camera set by hand, nor without a frame before', () => {
    expect(has('aperture-made-up', 1, { more: at(2), before: [at(1)] })).toBe(true);
    expect(has('aperture-made-up', -1, { more: at(2), before: [at(1)] })).toBe(false);
    expect(has('aperture-made-up', 1, { more: at(2) })).toBe(false);
    expect(has('aperture-made-up', 1, { more: at(1), before: [at(1)] })).toBe(false);
    const more = { choice: { aperture: 4, time: 0 } };
    expect(
      has('aperture-made-up', 1, { camera: SCALES, more, before: [{ choice: { aperture: 1, time: 0 } }] })
    ).toBe(false);
  });
});

describe('faults', () => {
  const fault = (faults: readonly string[], at: Case = {}) =>
    causes(0, { ...at, faults }).map((c) => c.cause);
  test('a colour cast comes of lamps, by lamps', () => {
    expect(fault(['colour-cast'], { more: circumstances({ lightKind: 'lamps' }) })).toEqual(['lamps']);
    expect(fault(['colour-cast'])).toEqual([]);
    expect(fault(['leak'], { more: circumstances({ lightKind: 'lamps' }) })).toEqual([]);
  });
  test('flare comes of light from behind, however that was told', () => {
    const way = (backlit: boolean) =>
      ({ kind: 'shadow', clue: 'sharp', snow: false, backlit }) as unknown as LightChoice['way'];
    const sky = (backlit: boolean) =>
      ({ ...way(backlit), kind: 'sky', clue: 'clear' }) as unknown as LightChoice['way'];
    const sun = (facing: string) => ({ kind: 'sun', facing }) as unknown as LightChoice['way'];
    for (const behind of [way(true), sky(true), sun('back')])
      expect(fault(['flare'], { more: { light: light({ way: behind }) } })).toEqual(['lit-from-behind']);
    for (const other of [way(false), sky(false), sun('front')])
      expect(fault(['flare'], { more: { light: light({ way: other }) } })).toEqual([]);
    expect(fault(['streaks'], { more: { light: light({ way: way(true) }) } })).toEqual(['rollers']);
  });
  test('smears are an old pack, on instant film alone', () => {
    expect(fault(['smears'])).toEqual(['old-pack']);
    expect(fault(['smears'], { film: filmWith() })).toEqual([]);
  });
  test('dark corners are a ring between its marks, where there is a ring', () => {
    expect(causes(0, { faults: ['dark-corners'] })).toEqual([{ cause: 'between-marks', label: 'aperture' }]);
    const camera = cameraWith([fixed('aperture', '16', 16), marked('time', [1 / 30, 1 / 60])]);
    expect(fault(['dark-corners'], { camera, more: { choice: {} } })).toEqual([]);
  });
  test('blur comes of the subject where it moved, too near of the focus', () => {
    const moving = {
      conditions: {
        motion: { metresPerSecond: 8, way: 'across' as const },
        circumstances: { ...PLAIN, subjectM: 3 }
      }
    };
    const dim = { light: light({ lv: 7 }) };
    expect(fault(['blur'], { more: { ...moving, ...dim } })).toContain('motion');
    expect(fault([], { more: { ...moving, ...dim } })).not.toContain('motion');
    const near = cameraWith([fixed('aperture', '8', 8), fixed('time', '1/100', 1 / 100)], {
      focusing: { kind: 'fixed', atM: null, sharpFromM: 2 }
    });
    const close = { camera: near, more: { choice: {}, ...circumstances({ subjectM: 0.6 }) } };
    expect(fault(['focus-too-near'], close)).toEqual(['too-near']);
    expect(fault(['blur'], close)).not.toContain('too-near');
  });
  test('what is not known to have been set so tells nothing of the exposure', () =>
    expect(causes(2, { more: { doubts: ['setting'], choice: { aperture: 1, compensation: 2 } } })).toEqual(
      []
    ));
});
