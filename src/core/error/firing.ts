// Whether a flash fires, and what it puts on the film.
import { type Camera, setsItself, setsOf } from '../camera/camera.ts';
import { respond, type Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { evFromSetting } from '../light/lv.ts';
import type { Film } from '../film/film.ts';
import { flashStops, type FlashUse } from '../flash/flash.ts';
import { speedStops } from '../units/film-speed.ts';
import type { Circumstances } from './circumstances.ts';
import { filmFilterStops } from './filters.ts';

/** How far away a flashed subject is taken to be when nobody said, metres. A guess of ours. */
export const USUAL_FLASH_M = 2;

/**
 * A flash that fires by itself: what it is, and the light (as the eye reads it) below which it does; null = none such.
 * @param circumstances whether it was switched off, or another one fired
 * @returns `belowLv` in LV as the eye reads it; null also where it is held off or the camera is set by hand
 */
export function automaticFlash(
  camera: Camera,
  circumstances: Circumstances
): { readonly use: FlashUse; readonly belowLv: number; readonly quenched: boolean } | null {
  const { flash } = camera;
  if (flash.kind !== 'automatic' || !setsItself(camera)) return null;
  if (circumstances.flash.kind === 'off' && flash.overridable) return null;
  if (circumstances.flash.kind === 'fired') return null;
  const { unit, belowLv, quenched } = flash;
  return { use: { unit, powerStops: 0, lossStops: 0 }, belowLv, quenched };
}

/**
 * The flash that lights a frame when the camera's eye reads `readLv`; null = none.
 * @param readLv what the eye reads, LV
 * @returns `quenched`: its own cell ends it; null where none fires
 */
export function flashFor(
  camera: Camera,
  circumstances: Circumstances,
  readLv: number
): { readonly use: FlashUse; readonly quenched: boolean } | null {
  if (circumstances.flash.kind === 'fired') return { use: circumstances.flash, quenched: false };
  const automatic = automaticFlash(camera, circumstances);
  return automatic !== null && readLv < automatic.belowLv ? automatic : null;
}

/**
 * Error by the flash alone, stops (+ = over); before several exposures are added up.
 * @param fNumber what the lens gives @param filmStops by which the film differs from its printed speed
 * @param magnification of the subject, ≥ 0
 */
export function flashErrorStops(
  fired: { readonly use: FlashUse; readonly quenched: boolean },
  on: {
    readonly camera: Camera;
    readonly film: Film;
    readonly setting: Setting;
    readonly circumstances: Circumstances;
  },
  fNumber: number,
  filmStops: number,
  magnification: number
): number {
  const { camera, film, setting, circumstances } = on;
  const full = flashStops(
    fired.use,
    speedStops(film.iso) + filmStops,
    fNumber * (1 + magnification),
    circumstances.subjectM ?? USUAL_FLASH_M,
    filmFilterStops(circumstances.filters)
  );
  if (!fired.quenched || setting.dialIso === null) return full;
  // its cell cuts it off where the camera believes the exposure to be right
  const enough =
    Math.log2(film.iso / setting.dialIso) + filmStops + setting.compensationStops + camera.biasStops;
  return Math.min(full, enough);
}

/** A camera that fires its own flash times no longer than this, seconds. Common practice, no source. */
export const FLASH_PROGRAM_SECONDS = 1 / 30;

/**
 * What a camera gives when its eye reads `readLv`: with its own flash it ends its time sooner; a separate flash leaves its
 * timing alone, unless the camera changes its program when one is fitted.
 * @param wantedEv what the camera asks for, log2(N²/t) @param readLv what its eye reads, LV
 * @returns aperture and time as given; `limit` says which end of the camera held it
 */
export function respondLit(
  camera: Camera,
  circumstances: Circumstances,
  setting: Setting,
  wantedEv: number,
  readLv: number
): Exposure {
  const exposure = respond(camera, setting, wantedEv);
  const { flash } = camera;
  const fitted = flash.kind === 'shoe' && setsItself(camera) ? flash.fitted : null;
  if (fitted && circumstances.flash.kind === 'fired') {
    const { seconds } = fitted;
    const fNumber = fitted.fNumber ?? exposure.fNumber;
    return { fNumber, seconds, ev: evFromSetting(fNumber, seconds), limit: 'none' };
  }
  const isTimed = setsOf(camera).time;
  const hasOwn = flash.kind === 'switch' || flash.kind === 'automatic';
  if (!isTimed || !hasOwn || exposure.seconds <= FLASH_PROGRAM_SECONDS) return exposure;
  if (!flashFor(camera, circumstances, readLv)) return exposure;
  const ev = evFromSetting(exposure.fNumber, FLASH_PROGRAM_SECONDS);
  return { fNumber: exposure.fNumber, seconds: FLASH_PROGRAM_SECONDS, ev, limit: 'dark' };
}
