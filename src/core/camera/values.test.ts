// What a camera may have: values of controls, focal length, eyes, lines of a program, films that fit.
import { describe, expect, test } from 'vitest';
import { cameraWith, filmWith, fixed, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import type { Film } from '../film/film.ts';
import type { Camera } from './camera.ts';
import { cameraFaults } from './faults.ts';
import { isRefused, misfitsOf } from './fits.ts';
import { badValues, isGoodValue } from './good-value.ts';
import { eyeFaults, limitFaults } from './kinds/eye.ts';
import { line } from './kinds/program/program.ts';
import type { LineProgram } from './kinds/program/program.ts';
import { choiceOfMarks, notedMarks, type NotedMark } from './noted.ts';
import { playedBy } from './played-by.ts';
import { allSettings, settingOf } from './setting.ts';

const eye = (believesIso: number) => ({ place: 'outside', believesIso, angleDegrees: null }) as const;

describe('values that a control can have', () => {
  test.each([
    ['focus', 0.0751, true],
    ['focus', 0.075, false],
    ['focus', Infinity, true],
    ['compensation', 6, true],
    ['compensation', -6, true],
    ['compensation', 6.1, false],
    ['dial', 0.1, true],
    ['dial', 102_400, true],
    ['dial', 0.09, false],
    ['dial', 500_000, false],
    ['aperture', 0.95, true],
    ['aperture', 0, false],
    ['time', Infinity, false],
    ['time', -1, false],
    ['lens', 28, true],
    ['lens', 0, false]
  ] as const)('%s %d: %s', (acts, value, good) => expect(isGoodValue(SCALES, acts, value)).toBe(good));

  test('a mark that the camera sets by itself has none, and the others are told by name', () => {
    const positions = [
      { mark: 'A', symbol: null, value: 0, automatic: true as const },
      { mark: 'x', symbol: null, value: 0 }
    ];
    expect(badValues(SCALES, { acts: 'time', label: 'dial' }, positions)).toEqual([
      { fault: 'bad-value', control: 'dial', mark: 'x' }
    ]);
  });
  test.each([0, -50, NaN, Infinity])('a focal length of %d is none', (focalMm) =>
    expect(cameraFaults({ ...SCALES, focalMm }).map((f) => f.fault)).toContain('no-focal-length')
  );
});

describe('an eye', () => {
  test.each([
    [0.1, true],
    [102_400, true],
    [0.05, false],
    [200_000, false]
  ])('believes in %d: %s', (iso, good) => expect(eyeFaults(eye(iso))).toHaveLength(good ? 0 : 1));
  test.each([
    [1 / 500, 1, true],
    [1, 1, true],
    [0, 1, false],
    [-1, 1, false],
    [2, 1, false],
    [1, Infinity, false]
  ])('has limits %d to %d: %s', (from, to, good) => expect(limitFaults(from, to)).toHaveLength(good ? 0 : 1));
});

describe('a line of aperture and time', () => {
  const program = (points: LineProgram['points']): LineProgram => ({
    kind: 'program',
    points,
    eye: eye(100)
  });
  const at = (fNumber: number, seconds: number) => ({ fNumber, seconds });
  const faults = (...points: LineProgram['points']) => line.faults(program(points));
  const backwards = (point: number) => [{ fault: 'line-runs-backwards', point }];
  test('runs from wide and long to small and short', () => {
    expect(faults(at(4, 1 / 30), at(16, 1 / 500))).toEqual([]);
    expect(faults(at(4, 1 / 30), at(4, 1 / 60), at(16, 1 / 60))).toEqual([]);
  });
  test.each([
    ['one point alone', [at(4, 1)], 0],
    ['no opening', [at(0, 1), at(4, 1)], 0],
    ['no time', [at(4, 0), at(8, 1)], 0],
    ['an opening without end', [at(4, 1), at(Infinity, 1 / 2)], 1],
    ['a time without end', [at(4, Infinity), at(8, 1)], 0],
    ['it opens', [at(8, 1 / 30), at(4, 1 / 60)], 1],
    ['it lengthens', [at(8, 1 / 30), at(11, 1 / 15)], 1],
    ['it stands still', [at(4, 1), at(8, 1 / 2), at(8, 1 / 2)], 2]
  ])('not: %s', (_, points, bad) => expect(faults(...points)).toEqual(backwards(bad)));
  test('between its points both move by equal stops, beyond them it stands', () => {
    const p = program([at(4, 1 / 16), at(16, 1 / 64), at(16, 1 / 256)]);
    const setting = settingOf(cameraWith([], { program: p }), {});
    if (!setting) throw new Error('no setting');
    // EV 8, 14 and 16 at the points (ISO 2720:1974, EV = log2 N²/t)
    expect(line.range(p, setting)).toEqual({ min: 8, max: 14 + 2 });
    const points = [8, 11, 14, 15, 20, 2].map((ev) => line.at(p, setting, ev));
    const expected = [
      at(4, 1 / 16),
      at(8, 1 / 32),
      at(16, 1 / 64),
      at(16, 1 / 128),
      at(16, 1 / 256),
      at(4, 1 / 16)
    ];
    expected.forEach(({ fNumber, seconds }, i) => {
      expect(points[i]?.fNumber).toBeCloseTo(fNumber, 9);
      expect(points[i]?.seconds).toBeCloseTo(seconds, 9);
    });
    expect(line.evAtSeconds(p, setting, 1 / 32)).toBeCloseTo(11, 9);
    expect(line.evAtSeconds(p, setting, 1 / 128)).toBeCloseTo(15, 9);
    // at its ends and beyond it is not between two points
    for (const seconds of [1 / 16, 1 / 256, 1, 1 / 1000])
      expect(line.evAtSeconds(p, setting, seconds)).toBeNull();
    expect([line.widest(p), line.smallest(p)]).toEqual([4, 16]);
  });
});

describe('whether a film fits', () => {
  const camera = (more: Partial<Camera>): Camera => ({
    ...SCALES,
    formats: ['roll-6x6', 'roll-6x9'],
    ...more
  });
  const misfits = (c: Partial<Camera>, f: Partial<Film>) => misfitsOf(camera(c), filmWith(f));
  test('one size in common is enough', () => {
    expect(misfits({}, { formats: ['roll-6x9', '135'] })).toEqual([]);
    expect(misfits({}, { formats: ['135'] })).toEqual([{ misfit: 'format' }]);
  });
  test('the same stock for another frame can be made to fit', () => {
    expect(misfits({ formats: ['roll-6x6'] }, { formats: ['135', 'roll-6x9'] })).toEqual([
      { misfit: 'spool' }
    ]);
    expect(isRefused([{ misfit: 'spool' }])).toBe(false);
    expect(isRefused([{ misfit: 'spool' }, { misfit: 'format' }])).toBe(true);
    expect(isRefused([{ misfit: 'battery' }])).toBe(true);
    expect(isRefused([])).toBe(false);
  });
  test('perforation counts where both have one', () => {
    const perforation = 'super-8';
    expect(misfits({ perforations: [] }, { perforation })).toEqual([]);
    expect(misfits({ perforations: ['super-8'] }, { perforation })).toEqual([]);
    expect(misfits({ perforations: ['double-run-8'] }, { perforation: null })).toEqual([]);
    expect(misfits({ perforations: ['double-run-8'] }, { perforation })).toEqual([
      { misfit: 'perforation', perforation }
    ]);
  });
  test('a camera that runs on its pack needs one with a battery', () => {
    expect(misfits({ needsPackBattery: true }, { packBattery: false })).toEqual([{ misfit: 'battery' }]);
    expect(misfits({ needsPackBattery: true }, { packBattery: true })).toEqual([]);
    expect(misfits({ needsPackBattery: false }, { packBattery: false })).toEqual([]);
  });
});

describe('how the controls stand after a sheet was changed', () => {
  const twice = cameraWith([
    {
      ...{ kind: 'marked', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
      positions: [
        { mark: 'B', symbol: null, value: 1, byHand: true },
        { mark: '60', symbol: null, value: 1 / 60 },
        { mark: '60', symbol: null, value: 1 / 50 },
        { mark: '125', symbol: null, value: 1 / 125 }
      ]
    }
  ]);
  const noted = (mark: string, value: number): readonly NotedMark[] => [
    {
      ...{ control: 'time', label: 'wheel', acts: 'time', mark, symbol: null, value },
      ...{ gear: null, chosen: true, byHand: false }
    }
  ];
  test('a mark with its value, wherever it is', () => {
    expect(choiceOfMarks(twice, noted('60', 1 / 50))).toEqual({ time: 2 });
    expect(choiceOfMarks(twice, noted('125', 1 / 125))).toEqual({ time: 3 });
  });
  test('a mark whose value was corrected, if it stands there once', () => {
    expect(choiceOfMarks(twice, noted('125', 1 / 90))).toEqual({ time: 3 });
    expect(choiceOfMarks(twice, noted('60', 1 / 90))).toEqual({});
  });
  test('the same value under another mark is another place', () =>
    expect(choiceOfMarks(twice, noted('250', 1 / 125))).toEqual({}));
  test('what is counted is noted as counted', () => {
    expect(notedMarks(twice, { time: 0 })?.[0]).toMatchObject({ byHand: true, chosen: true, mark: 'B' });
    expect(notedMarks(twice, { time: 1 })?.[0]).toMatchObject({ byHand: false });
  });
  test('marks of another gear are other marks', () => {
    const gears = cameraWith([
      {
        ...{ kind: 'geared', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
        gears: ['white', 'red'].map((label, g) => ({
          label,
          positions: [30, 60].map((n) => ({ mark: `${n}`, symbol: null, value: 1 / (n * (1 + g)) }))
        }))
      }
    ]);
    const red = notedMarks(gears, { time: 3 }) ?? [];
    expect(red[0]).toMatchObject({ gear: 'red', mark: '60' });
    expect(choiceOfMarks(gears, red)).toEqual({ time: 3 });
    expect(
      choiceOfMarks(
        gears,
        red.map((n) => ({ ...n, value: 1 }))
      )
    ).toEqual({ time: 3 });
  });
});

describe('the camera as it works with a setting', () => {
  const lenses = cameraWith(
    [
      fixed('aperture', '8', 8),
      {
        ...{ kind: 'lens', id: 'lens', label: 'lens', acts: 'lens' },
        lenses: [
          { mark: '75 mm', focalMm: 75, opens: null },
          { mark: '150 mm', focalMm: 150, opens: null }
        ]
      }
    ],
    { condition: 'unsure', handHeldSeconds: 1 / 20 }
  );
  const played = (lens: number): Camera => {
    const setting = settingOf(lenses, { lens });
    if (!setting) throw new Error('no setting');
    return playedBy(lenses, setting);
  };
  test('with its own lens it is itself', () => expect(played(0)).toBe(lenses));
  test('twice as long shakes twice as much, and its cell is still unsure', () =>
    expect(played(1)).toEqual({ ...lenses, focalMm: 150, handHeldSeconds: 1 / 40 }));
  test('one that nobody timed stays so', () => {
    const setting = settingOf({ ...lenses, handHeldSeconds: null }, { lens: 1 });
    expect(setting && playedBy({ ...lenses, handHeldSeconds: null }, setting).handHeldSeconds).toBeNull();
  });
  test('focus is tried where it is asked for, and else stays where it is', () => {
    const camera = cameraWith([marked('aperture', [4, 8]), marked('focus', [1, 2, 5])]);
    const choices = (every: boolean) => allSettings(camera, { focus: 1 }, every).map((s) => s.choice);
    expect(choices(false)).toEqual([0, 1].map((aperture) => ({ aperture, focus: 1 })));
    expect(choices(true)).toHaveLength(6);
    // without knowing where it stands, at its first mark
    expect(allSettings(camera, {}).map((s) => s.choice['focus'])).toEqual([0, 0]);
  });
});
