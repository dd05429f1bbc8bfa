import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import type { Control } from './kinds/controls.ts';
import type { Program } from './kinds/programs.ts';
import { cameraFaults } from './faults.ts';
import { allSettings, changesBetween, settingOf } from './setting.ts';

const f16 = fixed('aperture', 'f/16', 16);
const instant = fixed('time', 'I', 1 / 25);

describe('a definition that cannot work is named', () => {
  test.each([
    ['no time', [f16], [{ fault: 'missing-control', acts: 'time' }]],
    ['two apertures', [f16, { ...f16, id: 'b' }, instant], [{ fault: 'doubled-control', acts: 'aperture' }]],
    [
      'a lever without positions',
      [marked('aperture', []), instant],
      [
        { fault: 'no-positions', control: 'aperture' },
        { fault: 'too-many', count: 0 }
      ].slice(0, 1)
    ],
    [
      'f/0',
      [fixed('aperture', 'f/0', 0), instant],
      [{ fault: 'bad-value', control: 'aperture', mark: 'f/0' }]
    ],
    [
      'an endless time',
      [f16, fixed('time', 'T', Infinity)],
      [{ fault: 'bad-value', control: 'time', mark: 'T' }]
    ],
    [
      'focus nearer than the focal length',
      [f16, instant, marked('focus', [0.05])],
      [{ fault: 'bad-value', control: 'focus', mark: '0.05' }]
    ]
  ] as const)('%s', (_what, controls, faults) => expect(cameraFaults(cameraWith(controls))).toEqual(faults));
  test('2,000 settings are taken, more are refused with their count', () => {
    const apertures = marked(
      'aperture',
      Array.from({ length: 50 }, (_, i) => i + 1)
    );
    const times = (n: number) =>
      marked(
        'time',
        Array.from({ length: n }, (_, i) => i + 1)
      );
    expect(cameraFaults(cameraWith([apertures, times(40)]))).toEqual([]);
    expect(cameraFaults(cameraWith([apertures, times(41)]))).toEqual([{ fault: 'too-many', count: 2050 }]);
  });
  test('infinity is a focus mark like any other', () =>
    expect(cameraFaults(cameraWith([f16, instant, marked('focus', [1, Infinity])]))).toEqual([]));
});

describe('cameras that set themselves', () => {
  const eye = { place: 'outside', believesIso: 100, angleDegrees: null } as const;
  const auto: Program = {
    kind: 'automatic-time',
    shortestSeconds: 1 / 500,
    longestSeconds: 2,
    inLowLight: 'closes',
    eye
  };
  const dial = marked('dial', [75, 300]);
  const link = (values: readonly (readonly (number | null)[])[], dependsOn = 'dial'): Control => ({
    ...{ kind: 'linked', id: 'scene', label: 'scene', acts: 'aperture', shape: 'lever', dependsOn },
    positions: values.map((v, i) => ({ mark: String(i), symbol: null, values: v }))
  });
  test.each([
    ['min above max', [f16], { ...auto, shortestSeconds: 4 }, ['limits-reversed']],
    ['a time control on a camera that times itself', [f16, instant], auto, ['unwanted-control']],
    ['ISO 0 believed', [f16], { ...auto, eye: { ...eye, believesIso: 0 } }, ['bad-speed']],
    [
      'a whole lever',
      [
        dial,
        link([
          [8, 22],
          [4, 11]
        ])
      ],
      auto,
      []
    ],
    [
      'a cell left out',
      [
        dial,
        link([
          [8, 22],
          [4, null]
        ])
      ],
      auto,
      ['missing-cell']
    ],
    ['a column left out', [dial, link([[8, 22], [4]])], auto, ['missing-cell']],
    [
      'f/0 in a cell',
      [
        dial,
        link([
          [8, 0],
          [4, 11]
        ])
      ],
      auto,
      ['bad-value']
    ],
    ['a link to nowhere', [link([[8], [4]], 'nothing')], auto, ['unknown-link']],
    [
      'a line that runs backwards',
      [],
      {
        kind: 'program',
        eye,
        points: [
          { fNumber: 8, seconds: 0.1 },
          { fNumber: 4, seconds: 0.01 }
        ]
      },
      ['line-runs-backwards']
    ],
    [
      'a line of one point',
      [],
      { kind: 'program', eye, points: [{ fNumber: 8, seconds: 0.1 }] },
      ['line-runs-backwards']
    ]
  ] satisfies [string, readonly Control[], Program, string[]][])('%s', (_what, controls, program, faults) =>
    expect(cameraFaults(cameraWith(controls, { program })).map((f) => f.fault)).toEqual(faults)
  );
  test('a scene lever means what the speed dial makes it mean', () => {
    const camera = cameraWith(
      [
        dial,
        link([
          [8, 22],
          [4, 11]
        ])
      ],
      { program: auto }
    );
    expect(settingOf(camera, { dial: 1, scene: 0 })).toMatchObject({ fNumber: 22, dialIso: 300 });
    expect(settingOf(camera, { dial: 0, scene: 1 })).toMatchObject({ fNumber: 4, dialIso: 75 });
  });
  test('two gears are one wheel: 8 means an eighth on one and 250 a 250th on the other', () => {
    const at = (mark: string, value: number) => ({ mark, symbol: null, value });
    const wheel: Control = {
      ...{ kind: 'geared', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
      gears: [
        { label: 'black', positions: [at('250', 1 / 250), at('125', 1 / 125), at('60', 1 / 60)] },
        { label: 'red', positions: [at('8', 1 / 8), at('4', 1 / 4), at('2', 1 / 2)] }
      ]
    };
    const camera = cameraWith([f16, wheel]);
    expect(allSettings(camera, {}).map((s) => s.seconds)).toEqual([
      1 / 250,
      1 / 125,
      1 / 60,
      1 / 8,
      1 / 4,
      1 / 2
    ]);
  });
});

describe('settings', () => {
  test('every pair of positions, in printed order', () => {
    const all = allSettings(SCALES, {});
    expect(all).toHaveLength(25);
    expect(all[1]?.choice).toEqual({ aperture: 0, time: 1 });
  });
  test('focus does not multiply settings: it stays where it stands', () => {
    const camera = cameraWith([f16, instant, marked('focus', [1, 3, 10])]);
    expect(allSettings(camera, { focus: 2 }).map((s) => s.choice)).toEqual([
      { aperture: 0, time: 0, focus: 2 }
    ]);
  });
  test('a position that the control does not have is no setting', () =>
    expect(settingOf(SCALES, { aperture: 9 })).toBeNull());
  test('changes are counted in controls, not steps', () =>
    expect(changesBetween(SCALES, { aperture: 0, time: 0 }, { aperture: 4, time: 0 })).toBe(1));
});
