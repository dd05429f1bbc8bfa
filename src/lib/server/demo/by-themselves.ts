// Demonstration cameras that set themselves, wholly or in part. Names and numbers are invented.
import type { Camera } from '#core/camera/camera.ts';
import type { Position } from '#core/camera/position.ts';
import { PLAIN_TRAITS } from '#core/camera/traits.ts';
import { at, builtIn, many, one } from './by-hand.ts';

/** Lighten–darken in steps from darkest to lightest; 0 is the middle. */
const lightenDarken = (steps: readonly number[], marks: readonly string[]): readonly Position[] =>
  steps.map((s, i) => at(marks[i] ?? '', s));

/** Cameras with a cell. */
export const CAMERAS_BY_THEMSELVES: readonly Camera[] = [
  {
    ...{
      id: 'demo-heron',
      name: 'Heron folding',
      formats: ['instant-square'],
      focalMm: 112,
      condition: 'unsure'
    },
    ...{ ...PLAIN_TRAITS, handHeldSeconds: null, biasStops: -0.7 },
    flash: { kind: 'shoe', syncSeconds: null },
    checks: ['cap off', 'cock the shutter'],
    finder: { rightMm: 0, upMm: 45, rightShare: 0, upShare: -0.18 },
    controls: [
      many(
        'dial',
        'speed dial',
        'wheel',
        [64, 125, 250, 2000].map((iso) => at(String(iso), iso))
      ),
      {
        ...{
          kind: 'linked',
          id: 'scene',
          label: 'scene lever',
          acts: 'aperture',
          shape: 'lever',
          dependsOn: 'dial'
        },
        positions: [
          { mark: 'bright', symbol: 'sun', values: [9.2, 13, 19, 52] },
          { mark: 'dull', symbol: 'cloud', values: [9.2, 9.2, 9.2, 19] }
        ]
      },
      many(
        'compensation',
        'lighten–darken ring',
        'ring',
        lightenDarken([-1, -0.5, 0, 0.5, 1], ['dark', '−½', 'mid', '+½', 'light'])
      )
    ],
    program: {
      ...{ kind: 'automatic-time', shortestSeconds: 1 / 900, longestSeconds: 9, inLowLight: 'closes' },
      eye: { place: 'outside', believesIso: 125, angleDegrees: null }
    }
  },
  {
    ...{
      id: 'demo-pelican',
      name: 'Pelican fold-up',
      formats: ['instant-square'],
      focalMm: 114,
      condition: 'automatic'
    },
    ...{ ...PLAIN_TRAITS, handHeldSeconds: null, biasStops: 0 },
    ...{ focusing: { kind: 'scale' }, needsPackBattery: true },
    mounts: { filterMm: 46, stand: 'adapter', release: 'none' },
    controls: [
      one('aperture', 'lens', '', 7.7),
      many(
        'compensation',
        'lighten–darken wheel',
        'wheel',
        lightenDarken([-1.5, -1, -0.5, 0, 0.5, 1, 1.5], ['−1½', '−1', '−½', '0', '+½', '+1', '+1½'])
      ),
      many('focus', 'focus wheel', 'wheel', [
        at('0.5 m', 0.5),
        at('1 m', 1),
        at('2 m', 2),
        at('5 m', 5),
        at('∞', Infinity)
      ])
    ],
    program: {
      ...{ kind: 'automatic-time', shortestSeconds: 1 / 170, longestSeconds: 13, inLowLight: 'closes' },
      eye: { place: 'outside', believesIso: 150, angleDegrees: null }
    }
  },
  {
    ...{
      id: 'demo-brisk',
      name: 'Brisk one',
      formats: ['instant-square'],
      focalMm: 104,
      condition: 'automatic'
    },
    ...{ ...PLAIN_TRAITS, handHeldSeconds: 1 / 25, biasStops: 0 },
    ...{ focusing: { kind: 'fixed', atM: null, sharpFromM: 0.5 }, needsPackBattery: true },
    flash: { kind: 'automatic', unit: builtIn(11), belowLv: 9, overridable: true, quenched: true },
    controls: [
      many(
        'compensation',
        'print slider',
        'lever',
        lightenDarken([-2 / 3, 0, 2 / 3], ['darker', 'middle', 'lighter'])
      )
    ],
    program: {
      kind: 'program',
      points: [
        { fNumber: 11.5, seconds: 0.9 },
        { fNumber: 11.5, seconds: 1 / 40 },
        { fNumber: 42, seconds: 1 / 190 }
      ],
      eye: { place: 'outside', believesIso: 640, angleDegrees: null }
    }
  },
  {
    ...{
      id: 'demo-gemel',
      name: 'Gemel twin-lens',
      formats: ['instant-square'],
      focalMm: 101,
      condition: 'automatic'
    },
    ...{ ...PLAIN_TRAITS, handHeldSeconds: null, biasStops: 0 },
    ...{ focusing: { kind: 'fixed', atM: 2.5, sharpFromM: null }, repeats: true },
    controls: [
      many(
        'aperture',
        'aperture lever',
        'lever',
        [5, 7, 10, 14, 20].map((n) => at(String(n), n))
      ),
      many('compensation', 'compensation switch', 'lever', lightenDarken([-1, 0, 1], ['−1', '0', '+1']))
    ],
    program: {
      ...{ kind: 'automatic-time', shortestSeconds: 1 / 420, longestSeconds: 8, inLowLight: 'locks' },
      eye: { place: 'outside', believesIso: 640, angleDegrees: null }
    }
  }
];
