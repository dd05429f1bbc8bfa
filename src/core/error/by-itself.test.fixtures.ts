// Cameras that time themselves for the tests of chance and advice; numbers as the checks ask for.
import type { Program } from '../camera/kinds/programs.ts';
import { PLAIN, type Circumstances } from './circumstances.ts';
import type { FilterPlace } from './filters.ts';
import { cameraWith, fixed, marked } from './pairs.test.fixtures.ts';

export const eye = (believesIso: number, place: 'outside' | 'behind-lens' = 'outside') => ({
  place,
  believesIso,
  angleDegrees: null
});
export const timed = (shortestSeconds: number, longestSeconds: number, iso: number): Program => ({
  ...{ kind: 'automatic-time', shortestSeconds, longestSeconds, inLowLight: 'closes' },
  eye: eye(iso)
});
/** An instant camera: apertures by hand, 1/500 at the shortest, an eye outside the lens, made for ISO 800. */
export const TWIN = cameraWith(
  [
    marked(
      'aperture',
      [5.6, 8, 11, 16, 22].map((n) => 2 ** (Math.round(2 * Math.log2(n)) / 2))
    ),
    marked('compensation', [-1, 0, 1])
  ],
  {
    program: timed(1 / 512, 1, 800)
  }
);
/** A slow instant camera with one opening, made for ISO 160. */
export const SLOW = cameraWith([fixed('aperture', 'f/8', 8)], { program: timed(1 / 180, 14, 160) });

export const nd = (stops: number, place: FilterPlace): Circumstances => ({
  ...PLAIN,
  filters: [{ name: 'grey', stops, place }]
});
