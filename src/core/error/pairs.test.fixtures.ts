// Cameras and films for the tests of this folder; numbers as the checks ask for.
import type { Camera } from '../camera/camera.ts';
import type { Control } from '../camera/kinds/controls.ts';
import type { ControlActs, Position } from '../camera/position.ts';
import { PLAIN_TRAITS } from '../camera/traits.ts';
import type { Film } from '../film/film.ts';
import { PLAIN_FILM_TRAITS } from '../film/traits.ts';

const at = (mark: string, value: number): Position => ({ mark, symbol: null, value });

export function fixed(acts: 'aperture' | 'time', mark: string, value: number): Control {
  return { kind: 'fixed', id: acts, label: acts, acts, position: at(mark, value) };
}

export function marked(acts: ControlActs, values: readonly number[]): Control {
  const positions = values.map((v) => at(String(v), v));
  return { kind: 'marked', id: acts, label: acts, acts, shape: 'lever', positions };
}

export function cameraWith(controls: readonly Control[], more: Partial<Camera> = {}): Camera {
  return {
    id: 'c',
    name: 'test camera',
    formats: ['roll-6x6'],
    focalMm: 75,
    condition: 'mechanical',
    handHeldSeconds: 1 / 20,
    controls,
    program: { kind: 'manual' },
    biasStops: 0,
    ...PLAIN_TRAITS,
    ...more
  };
}

export const BOX = cameraWith([fixed('aperture', 'f/16', 16), fixed('time', 'I', 1 / 25)]);
export const SCALES = cameraWith([
  marked('aperture', [4, 2 ** 2.5, 8, 2 ** 3.5, 16]),
  marked('time', [1 / 512, 1 / 256, 1 / 128, 1 / 64, 1 / 32])
]);

export function filmWith(more: Partial<Film> = {}): Film {
  return {
    id: 'f',
    name: 'test film',
    kind: 'negative-bw',
    iso: 125,
    belowStops: 3.5,
    aboveStops: 6.5,
    reciprocity: { kind: 'none' },
    developmentStops: 0,
    ageStops: 0,
    sdStops: 0.2,
    formats: ['roll-6x6'],
    frames: 12,
    ...PLAIN_FILM_TRAITS,
    ...more
  };
}

export const INSTANT = filmWith({ kind: 'instant-colour', iso: 800, belowStops: 2.7, aboveStops: 2.6 });
export const SLIDE = filmWith({ kind: 'reversal', iso: 100, belowStops: 3, aboveStops: 2.5 });
