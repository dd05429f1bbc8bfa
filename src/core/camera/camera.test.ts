import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked, SCALES } from '../match/pairs.test.fixtures.ts';
import { cameraFaults } from './camera.ts';
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
