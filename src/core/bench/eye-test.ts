// Is the electric eye alive? Four lights are shown to it, of which the second is the first at twice the distance; what it did in each
// says whether it reads at all, whether it follows the light, and how far it is off.
import type { Camera } from '../camera/camera.ts';
import { evAtSeconds, rangeOf, respond } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { PLAIN } from '../error/circumstances.ts';
import { wantedEv } from '../error/delta.ts';
import type { LightValue } from '../light/lv.ts';
import { heardSd, type Heard } from '../camera/heard.ts';
import type { EyeFound } from '../camera/traits.ts';

/** The lights, in their order. */
export const EYE_LIGHTS = ['lamp', 'lamp-far', 'window', 'sky'] as const;
/** @see EYE_LIGHTS */
export type EyeLight = (typeof EYE_LIGHTS)[number];

/**
 * What an eye that looks there sees, where no meter was pointed the same way: a bright day through a window, and an open sky with the
 * sun behind. Common practice, no source.
 */
export const USUAL_LIGHT: Readonly<Record<'window' | 'sky', LightValue>> = {
  window: { lv: 12.5, sdStops: 1.3 },
  sky: { lv: 14.5, sdStops: 0.8 }
};

/** What the camera did. `short`: open and shut in one sound, or the smallest opening. `long`: to its longest time, or wide open. */
export type EyeSign =
  | { readonly kind: 'time'; readonly heard: Heard }
  | { readonly kind: 'aperture'; readonly fNumber: number }
  | { readonly kind: 'short' }
  | { readonly kind: 'long' }
  /** The needle did not move, or the shutter did not fire. */
  | { readonly kind: 'nothing' };

/** One light with what came of it. */
export interface EyeReading {
  readonly light: EyeLight;
  readonly sign: EyeSign;
  /** As a meter read it that looked there too; null = none did. */
  readonly metered: LightValue | null;
}

/** The light an eye read, LV; `bound`: it is at least (+) or at most (−) that. */
export interface EyeRead {
  readonly light: EyeLight;
  readonly lv: number;
  readonly sdStops: number;
  readonly bound: '' | '+' | '−';
}

/** What the test says. */
export interface EyeVerdict {
  readonly found: EyeFound;
  /** By how much it takes things to be brighter (+) than they are, stops; null = nothing to hold it against. */
  readonly offStops: number | null;
  readonly sdStops: number | null;
  /** Stops it answered where two were taken away; null = not tried, or out of its range. */
  readonly answeredStops: number | null;
  readonly reads: readonly EyeRead[];
}

/** Two clicks nearer than this are one to an ear, seconds. Common practice, no source. */
const ONE_SOUND = 1 / 45;
/** An aperture is read off a scale within this, stops. */
const SCALE_SD = 0.25;
/** Distances are put by eye within a tenth: 0.2 stop each. */
const TWICE_SD = 0.3;

/**
 * What the eye read, from what the camera did; null where it did nothing.
 * @param setting the camera was released at
 * @returns LV with its spread, or a bound where the camera stood at an end
 */
export function eyeRead(camera: Camera, setting: Setting, { light, sign }: EyeReading): EyeRead | null {
  const { min, max } = rangeOf(camera, setting);
  const atZero = wantedEv(camera, setting, 0, PLAIN);
  const read = (ev: number, sdStops: number, bound: EyeRead['bound'] = ''): EyeRead => ({
    light,
    lv: ev - atZero,
    ...{ sdStops, bound }
  });
  switch (sign.kind) {
    case 'time': {
      const ev = evAtSeconds(camera, setting, sign.heard.seconds);
      if (ev !== null && ev > min && ev < max) return read(ev, heardSd(sign.heard));
      const isLong = sign.heard.seconds > respond(camera, setting, (min + max) / 2).seconds;
      return isLong ? read(min, 0.3, '−') : read(max, 0.3, '+');
    }
    case 'aperture': {
      // along a program the exposure value rises as the opening closes: halved until it is found
      let [dark, bright] = [min, max];
      for (let i = 0; i < 40; i++) {
        const ev = (dark + bright) / 2;
        if (respond(camera, setting, ev).fNumber < sign.fNumber) dark = ev;
        else bright = ev;
      }
      const ev = (dark + bright) / 2;
      const bound = ev - min < 0.05 ? '−' : max - ev < 0.05 ? '+' : '';
      return read(ev, SCALE_SD, bound);
    }
    case 'short': {
      const ev = evAtSeconds(camera, setting, ONE_SOUND);
      return read(ev === null ? max : Math.min(max, Math.max(min, ev)), 0.5, '+');
    }
    case 'long':
      return read(min, 0.3, '−');
    case 'nothing':
      return null;
  }
}

/** What the camera should do in a light: aperture and time of its program. @param lv as its eye should read it */
export function shouldDo(camera: Camera, setting: Setting, lv: number): ReturnType<typeof respond> {
  return respond(camera, setting, wantedEv(camera, setting, lv, PLAIN));
}

/** A light as it is known: metered, or as such a light usually is; null = a lamp that nobody read. */
function knownLight({ light, metered }: EyeReading): LightValue | null {
  if (metered) return metered;
  return light === 'window' || light === 'sky' ? USUAL_LIGHT[light] : null;
}

/** How far the eye is off, from every light that is known; a bound counts only where it is broken. */
function offOf(
  readings: readonly EyeReading[],
  reads: readonly EyeRead[]
): { readonly offStops: number; readonly sdStops: number } | null {
  const each = readings.flatMap((reading) => {
    const [read, known] = [reads.find((r) => r.light === reading.light), knownLight(reading)];
    if (!read || !known) return [];
    const off = read.lv - known.lv;
    if ((read.bound === '+' && off <= 0) || (read.bound === '−' && off >= 0)) return [];
    return [{ off, weight: 1 / (read.sdStops ** 2 + known.sdStops ** 2) }];
  });
  const weight = each.reduce((sum, e) => sum + e.weight, 0);
  if (weight === 0) return null;
  return { offStops: each.reduce((sum, e) => sum + e.off * e.weight, 0) / weight, sdStops: weight ** -0.5 };
}

/** Stops answered where two were taken away; a bound at the far end is at least that much. */
function answered(reads: readonly EyeRead[]): number | null {
  const near = reads.find((r) => r.light === 'lamp');
  const far = reads.find((r) => r.light === 'lamp-far');
  if (!near || !far || near.bound === '+' || (near.bound === '−' && far.bound === '−')) return null;
  const stops = near.lv - far.lv;
  return far.bound === '−' && stops < 2 ? null : stops;
}

/** A bright and a dim light that an eye tells apart at all lie further apart than this, stops. */
const APART_AT_ALL = 0.5;

/**
 * Judges an eye.
 * @param readings of different lights, in any order
 * @returns null while there is too little to say anything: fewer than two lights
 */
export function judgeEye(
  camera: Camera,
  setting: Setting,
  readings: readonly EyeReading[]
): EyeVerdict | null {
  if (readings.length < 2) return null;
  const reads = readings.flatMap((r) => eyeRead(camera, setting, r) ?? []);
  const off = offOf(readings, reads);
  const answeredStops = answered(reads);
  const lvs = reads.map((r) => r.lv);
  const isStill = Math.max(...lvs) - Math.min(...lvs) < APART_AT_ALL;
  const isAtOneEnd = new Set(reads.map((r) => r.bound)).size === 1 && reads[0]?.bound !== '';
  // a lamp and a sky lie far apart: an eye that reads them alike, in the middle of its range, reads nothing
  const isDead =
    reads.length === 0 || (isStill && reads.length >= 2 && (!isAtOneEnd || reads[0]?.bound === '−'));
  const isSlow = answeredStops !== null && Math.abs(answeredStops - 2) > 2 * TWICE_SD + 0.3;
  const isOff = off !== null && Math.abs(off.offStops) > Math.max(1 / 3, 1.5 * off.sdStops);
  const found: EyeFound = isDead ? 'dead' : isSlow ? 'slow' : isOff ? 'off' : 'alive';
  return {
    ...{ found, answeredStops, reads },
    offStops: isDead ? null : (off?.offStops ?? null),
    sdStops: isDead ? null : (off?.sdStops ?? null)
  };
}

/**
 * The camera with what was found: an eye that is off is counted with from now on.
 * @returns a new camera, its bias to a hundredth of a stop
 */
export function withEyeFound(camera: Camera, { found, offStops }: EyeVerdict): Camera {
  // an eye that takes things to be brighter gives them less
  const biasStops = found === 'off' && offStops !== null ? camera.biasStops - offStops : camera.biasStops;
  return { ...camera, biasStops: Math.round(biasStops * 100) / 100, eyeFound: found };
}
