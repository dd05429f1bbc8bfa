// Whether a film can be used in a camera, and what stands in the way.
import type { Film } from '../film/film.ts';
import { FORMATS } from '../film/formats.ts';
import type { Perforation } from '../film/traits.ts';
import type { Camera } from './camera.ts';

/** What stands in the way of loading a film. */
export type Misfit =
  /** Another size altogether. */
  | { readonly misfit: 'format' }
  /** The same stock on another spool or for another frame: it can be made to fit. */
  | { readonly misfit: 'spool' }
  | { readonly misfit: 'perforation'; readonly perforation: Perforation }
  /** The camera runs on its pack's battery and this pack has none. */
  | { readonly misfit: 'battery' };

/**
 * Everything that stands in the way; an empty list means the film fits.
 * @returns size, spool, perforation and battery, as far as they are in the way
 */
export function misfitsOf(camera: Camera, film: Film): readonly Misfit[] {
  const found: Misfit[] = [];
  if (!camera.formats.some((f) => film.formats.includes(f))) {
    const stocks = new Set(camera.formats.map((f) => FORMATS[f].stock));
    found.push({ misfit: film.formats.some((f) => stocks.has(FORMATS[f].stock)) ? 'spool' : 'format' });
  }
  const { perforation } = film;
  if (perforation !== null && camera.perforations.length > 0 && !camera.perforations.includes(perforation)) {
    found.push({ misfit: 'perforation', perforation });
  }
  if (camera.needsPackBattery && !film.packBattery) found.push({ misfit: 'battery' });
  return found;
}

/**
 * Whether it cannot be done at all; other misfits a person can find a way around.
 * @param misfits from {@link misfitsOf}
 * @returns true where at least one cannot be got around
 */
export function isRefused(misfits: readonly Misfit[]): boolean {
  // a camera that has another source of power says on its sheet that it needs no battery in the pack
  return misfits.some((m) => m.misfit !== 'spool');
}
