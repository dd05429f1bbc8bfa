// The light on what is touched in a picture: the reading there, less how light its surface is; or of the whole picture, where
// nothing is touched. What has run off the picture's scale is a bound: it was at least as light, or at most.
import { LV_RANGE, type LightValue } from '../light/lv.ts';
import type { PictureExposure } from './exposure.ts';
import type { Patch } from './luminance.ts';
import { lookStops, patchReading, patchSd, type PhoneMeter } from './phone.ts';
import { lighterStops, SURFACES, UNKNOWN_LIGHT_SD, type Surface } from './tones.ts';

/** Whether a light is what it was, or only the least or most that it can have been. */
export type Bound = 'exact' | 'at-least' | 'at-most';

/** A light out of a picture. */
export interface PictureLight extends LightValue {
  readonly bound: Bound;
}

/** A patch that is clipped or blocked by more than this share is a bound. */
const CLIPPED_SHARE = 0.05;
const BLOCKED_SHARE = 0.3;
/** Where the truth lay for such patches of simulated phones, stops from the picture's own exposure, and its sd. */
const RAN_OFF = { clipped: { stops: 3.3, sdStops: 1.2 }, blocked: { stops: -5.2, sdStops: 1.5 } } as const;

/**
 * How far the whole of a picture may lie from the light on its subject, one sd in stops: a scene averages to grey with so much spread
 * (Jones and Condit 1941; from memory); a phone meters so loosely; and the rest of the picture, sky above all, is in other light than the
 * subject (read off our own drawn scenes of fifteen kinds of light).
 */
const WHOLE_SD = { scene: 0.6, phone: 0.45, rest: 0.75 } as const;

const held = (lv: number): number => Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv));

/**
 * What a reflected meter would have read on a patch, with its spread and bound.
 * @param exposure of the picture @param patch that was touched @param phone how well it is known
 * @returns LV; a bound where the patch ran off an end
 */
export function readPatch(exposure: PictureExposure, patch: Patch, phone: PhoneMeter): PictureLight {
  const { ev100, doubtStops } = exposure;
  const at = ev100 + phone.offsetStops;
  if (patch.clipped > CLIPPED_SHARE) {
    const { stops, sdStops } = RAN_OFF.clipped;
    return { lv: at + stops, sdStops: Math.hypot(sdStops, doubtStops), bound: 'at-least' };
  }
  if (patch.blocked >= BLOCKED_SHARE) {
    const { stops, sdStops } = RAN_OFF.blocked;
    return { lv: at + stops, sdStops: Math.hypot(sdStops, doubtStops), bound: 'at-most' };
  }
  const sd = patchSd(lookStops(patch.luminance), phone);
  return {
    lv: patchReading(ev100, patch.luminance, phone),
    sdStops: Math.hypot(sd, doubtStops),
    bound: 'exact'
  };
}

/**
 * The light that falls on a surface that was touched.
 * @param surface what was touched @param phone how well it is known
 * @returns LV of the light that falls on it
 */
export function lightOnPatch(
  exposure: PictureExposure,
  patch: Patch,
  surface: Surface,
  phone: PhoneMeter
): PictureLight {
  const { lv, sdStops, bound } = readPatch(exposure, patch, phone);
  const { sdStops: tone } = SURFACES[surface];
  return {
    lv: held(lv - lighterStops(surface)),
    sdStops: Math.hypot(sdStops, tone, UNKNOWN_LIGHT_SD),
    bound
  };
}

/**
 * The light of the whole picture: the phone took it for grey.
 * @param exposure of the picture @param phone how well it is known
 * @returns LV, always exact
 */
export function lightOfWhole({ ev100, doubtStops }: PictureExposure, phone: PhoneMeter): PictureLight {
  const { scene, phone: loose, rest } = WHOLE_SD;
  const own = phone.known === 'not' ? loose : (phone.residualStops ?? 0);
  const sdStops = Math.hypot(scene, own, rest, doubtStops);
  return { lv: held(ev100 + phone.offsetStops), sdStops, bound: 'exact' };
}
