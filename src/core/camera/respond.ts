// What a camera does by itself: from the exposure value it wants to the aperture and time it gives, clipped at its limits.
// Along every program the exposure value given is the wanted one held between two limits; only its split differs.
import { evFromSetting } from '../light/lv.ts';
import type { Camera, ProgramPoint } from './camera.ts';
import type { Setting } from './setting.ts';

/** An aperture and time. */
export interface Exposure {
  readonly fNumber: number;
  readonly seconds: number;
  /** log2(N²/t). */
  readonly ev: number;
  /** Whether a limit was hit: too little light for the longest time, or too much for the shortest. */
  readonly limit: 'none' | 'dark' | 'bright';
}

/** The exposure values a setting can give. Manual settings give one: min = max. */
export interface EvRange {
  readonly min: number;
  readonly max: number;
}

/**
 * The least and greatest exposure value that a setting can give.
 * @throws {RangeError} for a setting that lacks what the program needs (see camera/faults.ts)
 */
export function evRange(camera: Camera, setting: Setting): EvRange {
  const { program } = camera;
  switch (program.kind) {
    case 'manual': {
      const ev = evFromSetting(setting.fNumber ?? NaN, setting.seconds ?? NaN);
      return { min: ev, max: ev };
    }
    case 'automatic-time': {
      const fNumber = setting.fNumber ?? NaN;
      return {
        min: evFromSetting(fNumber, program.longestSeconds),
        max: evFromSetting(fNumber, program.shortestSeconds)
      };
    }
    case 'automatic-aperture': {
      const seconds = setting.seconds ?? NaN;
      return {
        min: evFromSetting(program.widestFNumber, seconds),
        max: evFromSetting(program.smallestFNumber, seconds)
      };
    }
    case 'program': {
      const evs = program.points.map((p) => evFromSetting(p.fNumber, p.seconds));
      return { min: evs[0] ?? NaN, max: evs.at(-1) ?? NaN };
    }
  }
}

/**
 * What the camera gives when it wants an exposure value; a manual camera gives what was set, whatever is wanted.
 * @param wantedEv the exposure value asked for
 */
export function respond(camera: Camera, setting: Setting, wantedEv: number): Exposure {
  const { program } = camera;
  if (program.kind === 'manual') {
    const fNumber = setting.fNumber ?? NaN;
    const seconds = setting.seconds ?? NaN;
    return { fNumber, seconds, ev: evFromSetting(fNumber, seconds), limit: 'none' };
  }
  const { min, max } = rangeOf(camera, setting);
  const ev = Math.min(max, Math.max(min, wantedEv));
  const limit = wantedEv === ev ? 'none' : wantedEv > ev ? 'bright' : 'dark';
  if (program.kind === 'automatic-time') {
    const fNumber = setting.fNumber ?? NaN;
    return { fNumber, seconds: (fNumber * fNumber) / 2 ** ev, ev, limit };
  }
  if (program.kind === 'automatic-aperture') {
    const seconds = setting.seconds ?? NaN;
    return { fNumber: Math.sqrt(seconds * 2 ** ev), seconds, ev, limit };
  }
  const { fNumber, seconds } = alongLine(program.points, ev);
  return { fNumber, seconds, ev, limit };
}

// asked for every setting in every light: remembered for each setting, which belongs to one camera
const ranges = new WeakMap<Setting, EvRange>();

/** @see evRange; worked out once for each setting, which belongs to one camera. */
export function rangeOf(camera: Camera, setting: Setting): EvRange {
  const known = ranges.get(setting);
  if (known) return known;
  const range = evRange(camera, setting);
  ranges.set(setting, range);
  return range;
}

/** Between two points both aperture and time move by equal stops. */
function alongLine(points: readonly ProgramPoint[], ev: number): ProgramPoint {
  for (const [i, b] of points.entries()) {
    const a = points[i - 1];
    const evB = evFromSetting(b.fNumber, b.seconds);
    if (ev > evB || !a) {
      if (!a && ev <= evB) return b;
      continue;
    }
    const evA = evFromSetting(a.fNumber, a.seconds);
    const share = (ev - evA) / (evB - evA);
    return {
      fNumber: a.fNumber * (b.fNumber / a.fNumber) ** share,
      seconds: a.seconds * (b.seconds / a.seconds) ** share
    };
  }
  return points.at(-1) ?? { fNumber: NaN, seconds: NaN };
}

/**
 * The exposure value at which the camera gives a time: where along its program that time is passed.
 * @param seconds > 0
 * @returns null when the program never gives that time, or gives nothing else
 */
export function evAtSeconds(camera: Camera, setting: Setting, seconds: number): number | null {
  const { program } = camera;
  if (program.kind === 'automatic-time') {
    const within = seconds > program.shortestSeconds && seconds < program.longestSeconds;
    return within ? evFromSetting(setting.fNumber ?? NaN, seconds) : null;
  }
  if (program.kind !== 'program') return null;
  for (const [i, b] of program.points.entries()) {
    const a = program.points[i - 1];
    if (!a || !(seconds < a.seconds && seconds > b.seconds)) continue;
    const share = Math.log(seconds / a.seconds) / Math.log(b.seconds / a.seconds);
    return evFromSetting(a.fNumber * (b.fNumber / a.fNumber) ** share, seconds);
  }
  return null;
}
