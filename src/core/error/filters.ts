// Filters and where they sit: what they take from the film and what they take from the camera's eye.
import { type Camera, eyeOf } from '../camera/camera.ts';

/** Where a filter sits. `pack`: between lens and film, as a sheet on the film pack. */
export type FilterPlace = 'lens' | 'lens-and-eye' | 'pack' | 'eye';

/** A filter as used. */
export interface Filter {
  readonly name: string;
  /** Stops it takes, ≥ 0. */
  readonly stops: number;
  readonly place: FilterPlace;
}

/**
 * Stops taken from the film.
 * @param filters those in use
 * @returns stops ≥ 0; one before the eye alone takes nothing
 */
export function filmFilterStops(filters: readonly Filter[]): number {
  return filters.reduce((sum, f) => sum + (f.place === 'eye' ? 0 : f.stops), 0);
}

/**
 * Stops taken from the camera's eye: one behind the lens also sees what is on the lens, but not the pack.
 * @param filters those in use
 * @returns stops ≥ 0; 0 for a camera without an eye
 */
export function eyeFilterStops(camera: Camera, filters: readonly Filter[]): number {
  const eye = eyeOf(camera);
  if (!eye) return 0;
  const sees = (place: FilterPlace): boolean =>
    place === 'eye' || place === 'lens-and-eye' || (place === 'lens' && eye.place === 'behind-lens');
  return filters.reduce((sum, f) => sum + (sees(f.place) ? f.stops : 0), 0);
}
