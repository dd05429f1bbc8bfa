// Cameras of the twelve kinds for the panel of advice: numbers as owners of such cameras give them. Common practice, no source.
import type { Camera } from '../camera/camera.ts';
import type { Control } from '../camera/kinds/controls.ts';
import type { Position } from '../camera/position.ts';
import type { Program } from '../camera/kinds/programs.ts';
import type { CameraFlash, Focusing } from '../camera/traits.ts';
import { cameraWith, filmWith, fixed, marked } from './pairs.test.fixtures.ts';

const at = (mark: string, value: number): Position => ({ mark, symbol: null, value });
const counted = (seconds: number): Position => ({ ...at(`B ${seconds} s`, seconds), byHand: true });
/** Times counted on B. */
const COUNTED = [1, 2, 4, 6, 8, 15, 30, 60, 120, 240].map(counted);
const times = (marks: readonly Position[], b = true): Control => ({
  ...{ kind: 'marked', id: 'time', label: 'shutter', acts: 'time', shape: 'ring' },
  positions: [...marks, ...(b ? COUNTED : [])]
});
const timed = (iso: number, shortest: number, longest: number): Program => ({
  ...{ kind: 'automatic-time', shortestSeconds: shortest, longestSeconds: longest, inLowLight: 'closes' },
  eye: { place: 'outside', believesIso: iso, angleDegrees: null }
});
const unit = (guideNumber: number) => ({
  ...{ name: '', guideNumber, powers: [0], seconds: 1 / 1000, angleDegrees: null }
});
const symbols: Focusing = { kind: 'symbols' };
const half = (n: number): number => 2 ** (Math.round(2 * Math.log2(n)) / 2);

export const REUSABLE = cameraWith([fixed('aperture', 'f/9', 9), fixed('time', '1/120', 1 / 120)], {
  ...{ formats: ['135'], focalMm: 31, handHeldSeconds: null, singleElement: true },
  focusing: { kind: 'fixed', atM: null, sharpFromM: 1 },
  flash: { kind: 'switch', unit: unit(12), syncSeconds: null }
});
export const BOX_B = cameraWith([fixed('aperture', 'f/16', 16), times([at('I', 1 / 25)])], {
  ...{ formats: ['roll-6x9'], focalMm: 95, handHeldSeconds: null, singleElement: true, repeats: true },
  focusing: { kind: 'fixed', atM: 5, sharpFromM: 3 }
});
export const TOY = cameraWith(
  [
    marked('aperture', [11, 8]),
    times([at('N', 1 / 100)]),
    { ...marked('focus', [1, 2, 6, 15]), shape: 'ring' } as Control
  ],
  { focalMm: 60, handHeldSeconds: null, singleElement: true, focusing: symbols, repeats: true }
);
export const FOLDING = (more: Partial<Camera> = {}): Camera =>
  cameraWith(
    [
      { ...marked('dial', [75, 150, 300, 3000]), shape: 'wheel' } as Control,
      {
        ...{ kind: 'linked', id: 'scene', label: 'scene lever', acts: 'aperture', shape: 'lever' },
        dependsOn: 'dial',
        positions: [
          { mark: 'bright', symbol: 'sun', values: [8.8, 12.5, 17.5, 42] },
          { mark: 'dull', symbol: 'cloud', values: [8.8, 8.8, 8.8, 42] }
        ]
      },
      marked('compensation', [-1, -0.5, 0, 0.5, 1])
    ],
    {
      ...{ formats: ['instant-square'], focalMm: 114, condition: 'unsure', handHeldSeconds: null },
      program: timed(150, 1 / 1200, 10),
      focusing: { kind: 'rangefinder' },
      flash: { kind: 'shoe', syncSeconds: null },
      ...more
    }
  );
export const FOLDING_REFLEX = cameraWith(
  [fixed('aperture', 'f/8', 8), marked('compensation', [-1.5, -1, -0.5, 0, 0.5, 1, 1.5])],
  {
    ...{ formats: ['instant-square'], focalMm: 116, condition: 'automatic', handHeldSeconds: null },
    program: timed(160, 1 / 180, 20),
    focusing: { kind: 'rangefinder' },
    flash: { kind: 'shoe', syncSeconds: null }
  }
);
export const RIGID = (flash: CameraFlash = { kind: 'none' }): Camera =>
  cameraWith([fixed('aperture', 'f/14', 14), marked('compensation', [-2 / 3, 0, 2 / 3])], {
    ...{ formats: ['instant-square'], focalMm: 106, condition: 'automatic', handHeldSeconds: null },
    program: timed(640, 1 / 200, 1),
    focusing: { kind: 'fixed', atM: 2.2, sharpFromM: 0.9 },
    flash
  });
export const FLASH_UNIT = unit(12);
export const ITS_FLASH: CameraFlash = { kind: 'switch', unit: FLASH_UNIT, syncSeconds: null };
export const TWIN = cameraWith(
  [marked('aperture', [5.6, 8, 11, 16, 22].map(half)), marked('compensation', [-1, 0, 1])],
  {
    ...{ formats: ['instant-square'], focalMm: 75, condition: 'automatic', handHeldSeconds: null },
    program: timed(800, 1 / 512, 4),
    focusing: { kind: 'scale' }
  }
);
export const PACK = cameraWith(
  [
    marked('aperture', [4.7, 5.6, 8, 11, 16, 22, 32].map(half)),
    times([1, 2, 4, 8, 15, 30, 60, 125, 250, 500].map((n) => at(`1/${n}`, 2 ** -Math.round(Math.log2(n)))))
  ],
  { formats: ['pack'], focalMm: 114, handHeldSeconds: null, focusing: { kind: 'rangefinder' }, repeats: true }
);
export const SWING = cameraWith(
  [
    marked('aperture', [2.8, 4, 5.6, 8, 11, 16].map(half)),
    {
      ...{ kind: 'geared', id: 'time', label: 'speeds', acts: 'time', shape: 'wheel' },
      gears: [
        { label: 'fast', positions: [250, 125, 60].map((n) => at(String(n), 1 / n)) },
        { label: 'slow', positions: [8, 4, 2].map((n) => at(String(n), 1 / n)) }
      ]
    }
  ],
  {
    ...{ formats: ['135-panorama'], focalMm: 28, handHeldSeconds: null },
    focusing: { kind: 'fixed', atM: 10_000, sharpFromM: null },
    transport: { kind: 'swing', sweepSeconds: 1 / 4 }
  }
);
export const METERLESS = cameraWith(
  [
    marked('aperture', [1.8, 2.8, 4, 5.6, 8, 11, 16].map(half)),
    times(
      [1, 2, 4, 8, 15, 30, 60, 125, 250, 500, 1000].map((n) => at(`1/${n}`, 2 ** -Math.round(Math.log2(n))))
    )
  ],
  { formats: ['135'], focalMm: 45, handHeldSeconds: null, focusing: { kind: 'rangefinder' } }
);
export const CINE = cameraWith(
  [marked('aperture', [1.9, 2.8, 4, 5.6, 8, 11, 16, 22].map(half)), fixed('time', '1/30', 1 / 30)],
  {
    ...{ formats: ['cine-8'], focalMm: 13, handHeldSeconds: null },
    focusing: { kind: 'fixed', atM: null, sharpFromM: null },
    transport: { kind: 'cine', framesPerSecond: 16 }
  }
);

const instant = {
  kind: 'instant-colour',
  belowStops: 2.7,
  aboveStops: 2.6,
  formats: ['instant-square']
} as const;
export const INSTANT_800 = filmWith({ ...instant, id: 'i800', iso: 800 });
export const INSTANT_640 = filmWith({ ...instant, id: 'i640', iso: 640 });
export const INSTANT_160 = filmWith({ ...instant, id: 'i160', iso: 160 });
export const PACK_3000 = filmWith({
  ...{ id: 'p3000', kind: 'instant-bw', iso: 3000, belowStops: 2.6, aboveStops: 2.6, formats: ['pack'] }
});
export const colour = (iso: number, formats: Camera['formats'] = ['135']) =>
  filmWith({ id: `c${iso}`, kind: 'negative-colour', iso, belowStops: 3.2, aboveStops: 6.5, formats });
export const mono = (iso: number, formats: Camera['formats'] = ['roll-6x6', 'roll-6x9', '135']) =>
  filmWith({ id: `m${iso}`, iso, formats });
export const slide = (iso: number, formats: Camera['formats'] = ['135', 'cine-8', 'roll-6x9']) =>
  filmWith({ id: `s${iso}`, kind: 'reversal', iso, belowStops: 3, aboveStops: 2.5, formats });
