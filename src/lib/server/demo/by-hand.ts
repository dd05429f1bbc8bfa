// Demonstration cameras that are set by hand or not at all. Names and numbers are invented.
import { PLAIN_TRAITS, type FlashUnit } from '#core/camera/traits.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import type { ControlShape, MarkSymbol, Position } from '#core/camera/position.ts';
import { formatFNumberDigits } from '#core/units/aperture.ts';
import { exactFNumber, exactSeconds } from '#core/units/series.ts';

/** A position with its mark. */
export const at = (mark: string, value: number, symbol: MarkSymbol | null = null): Position => ({
  mark,
  symbol,
  value
});

/** A control with one value. */
export const one = (acts: 'aperture' | 'time', label: string, mark: string, value: number): Control => ({
  ...{ kind: 'fixed', id: acts, label, acts },
  position: at(mark, value)
});

/** A control with positions to choose from. */
export const many = (
  acts: Exclude<Control['acts'], 'dial'> | 'dial',
  label: string,
  shape: ControlShape,
  positions: readonly Position[]
): Control => ({ kind: 'marked', id: acts, label, acts, shape, positions });

/** An aperture ring of full-stop marks. */
export const ring = (marks: readonly number[]): Control =>
  many(
    'aperture',
    'aperture ring',
    'ring',
    marks.map((m) => at(formatFNumberDigits(m), exactFNumber(m, 'full')))
  );

const times = (denominators: readonly number[]): readonly Position[] =>
  denominators.map((d) => at(String(d), exactSeconds(1 / d, 'full')));

const distances = (...metres: readonly number[]): Control =>
  many('focus', 'focus ring', 'ring', [...metres.map((m) => at(`${m} m`, m)), at('∞', Infinity)]);

const byHand = { ...PLAIN_TRAITS, program: { kind: 'manual' }, biasStops: 0 } as const;

/** A small flash built into a camera. */
export const builtIn = (guideNumber: number): FlashUnit => ({
  ...{ name: 'built-in flash', guideNumber, powers: [0], seconds: 1 / 900, angleDegrees: 55 }
});

const counted = (seconds: readonly number[]): readonly Position[] =>
  seconds.map((s) => ({ ...at(`B ${s} s`, s), byHand: true }));

/** Cameras without a cell of their own. */
export const CAMERAS_BY_HAND: readonly Camera[] = [
  {
    ...{
      id: 'demo-marigold',
      name: 'Marigold 6',
      formats: ['roll-6x6'],
      focalMm: 64,
      condition: 'mechanical'
    },
    ...{ handHeldSeconds: null, ...byHand },
    ...{ focusing: { kind: 'symbols' }, singleElement: true, repeats: true },
    mounts: { filterMm: null, stand: 'socket', release: 'adapter' },
    controls: [
      many('aperture', 'aperture lever', 'lever', [at('sun', 12.3, 'sun'), at('cloud', 7.4, 'cloud')]),
      many('time', 'shutter switch', 'lever', [at('N', 1 / 85), ...counted([1, 2, 4, 8, 15, 30])]),
      many('focus', 'focus ring', 'ring', [
        at('1.2 m', 1.2, 'person'),
        at('2.5 m', 2.5, 'people'),
        at('5 m', 5, 'group'),
        at('∞', Infinity, 'mountain')
      ])
    ]
  },
  {
    ...{ id: 'demo-pebble', name: 'Pebble box', formats: ['roll-6x9'], focalMm: 104, condition: 'old' },
    ...{ handHeldSeconds: 1 / 30, ...byHand },
    ...{ focusing: { kind: 'fixed', atM: null, sharpFromM: 3 }, singleElement: true, repeats: true },
    controls: [
      one('aperture', 'opening', 'one hole', 13.2),
      many('time', 'shutter tab', 'lever', [at('I', 1 / 38), ...counted([1, 2, 4, 8, 15])])
    ]
  },
  {
    ...{ id: 'demo-corvane', name: 'Corvane 35', formats: ['135'], focalMm: 43, condition: 'mechanical' },
    ...{ handHeldSeconds: null, ...byHand },
    ...{ focusing: { kind: 'scale' }, flash: { kind: 'shoe', syncSeconds: 1 / 60 } },
    controls: [
      ring([2.8, 4, 5.6, 8, 11, 16]),
      many('time', 'speed wheel', 'wheel', times([1, 2, 4, 8, 15, 30, 60, 125, 250, 500])),
      distances(1, 1.5, 2.5, 5)
    ]
  },
  {
    ...{
      id: 'demo-thimble',
      name: 'Thimble reusable',
      formats: ['135'],
      focalMm: 30,
      condition: 'mechanical'
    },
    ...{ handHeldSeconds: null, ...byHand },
    ...{ focusing: { kind: 'fixed', atM: null, sharpFromM: 1.1 }, singleElement: true },
    flash: { kind: 'switch', unit: builtIn(9), syncSeconds: null },
    controls: [one('aperture', 'lens', '', 10.5), one('time', 'shutter', '', 1 / 105)]
  },
  {
    ...{
      id: 'demo-arclight',
      name: 'Arclight swing',
      formats: ['135-panorama'],
      focalMm: 29,
      condition: 'mechanical'
    },
    ...{ handHeldSeconds: null, ...byHand },
    ...{
      focusing: { kind: 'fixed', atM: 10, sharpFromM: null },
      transport: { kind: 'swing', sweepSeconds: 0.4 }
    },
    controls: [
      ring([2.8, 4, 5.6, 8, 11]),
      {
        ...{ kind: 'geared', id: 'time', label: 'speed wheel', acts: 'time', shape: 'wheel' },
        gears: [
          { label: 'black', positions: times([240, 120, 60]) },
          { label: 'red', positions: times([15, 8, 4]) }
        ]
      }
    ]
  },
  {
    ...{ id: 'demo-farrier', name: 'Farrier pack', formats: ['pack'], focalMm: 118, condition: 'old' },
    ...{ handHeldSeconds: null, ...byHand },
    ...{ focusing: { kind: 'rangefinder' }, flash: { kind: 'shoe', syncSeconds: null } },
    finder: { rightMm: 28, upMm: 62, rightShare: 0, upShare: 0 },
    controls: [
      ring([5.6, 8, 11, 16, 22, 32]),
      many('time', 'shutter ring', 'ring', times([1, 2, 4, 8, 15, 30, 60, 125, 250])),
      distances(1.5, 2.5, 5)
    ]
  },
  {
    ...{ id: 'demo-ticker', name: 'Ticker 8', formats: ['cine-8'], focalMm: 12.5, condition: 'old' },
    ...{ handHeldSeconds: null, ...byHand },
    ...{ transport: { kind: 'cine', framesPerSecond: 16 }, perforations: ['double-run-8'] },
    focusing: { kind: 'fixed', atM: null, sharpFromM: 2 },
    controls: [ring([2, 2.8, 4, 5.6, 8, 11, 16]), one('time', 'motor', '16 pictures a second', 1 / 34)]
  },
  {
    ...{
      id: 'demo-lathe',
      name: 'Lathe portrait',
      formats: ['roll-6x6'],
      focalMm: 78,
      condition: 'mechanical'
    },
    ...{ handHeldSeconds: null, ...byHand },
    ...{ focusing: { kind: 'scale' }, flash: { kind: 'shoe', syncSeconds: null } },
    controls: [ring([5.6, 8, 11, 16]), one('time', 'shutter', 'M', 1 / 90), distances(1, 2, 4)]
  }
];
