// What a camera does by itself: from the exposure value it wants to the aperture and time it gives, clipped at its limits.
// Along every program the exposure value given is the wanted one held between two limits; only its split differs.
import type { Camera } from './camera.ts';
import { playedBy } from './played-by.ts';
import type { EvRange } from './kinds/program-kind.ts';
import { kindOfProgram } from './kinds/programs.ts';
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

/**
 * What the camera gives when it wants an exposure value; a manual camera gives what was set, whatever is wanted.
 * @param wantedEv the exposure value asked for
 */
export function respond(camera: Camera, setting: Setting, wantedEv: number): Exposure {
  const { program } = playedBy(camera, setting);
  const kind = kindOfProgram(program);
  const { min, max } = rangeOf(camera, setting);
  const ev = Math.min(max, Math.max(min, wantedEv));
  const limit = wantedEv === ev || min === max ? 'none' : wantedEv > ev ? 'bright' : 'dark';
  const { fNumber, seconds } = kind.at(program, setting, ev);
  return { fNumber, seconds, ev, limit };
}

// asked for every setting in every light: remembered for each setting, which belongs to one camera
const ranges = new WeakMap<Setting, EvRange>();

/**
 * The least and greatest exposure value that a setting can give; worked out once for each setting, which belongs to one camera.
 * @param setting the object itself is what is remembered
 * @returns log2(N²/t), min ≤ max
 */
export function rangeOf(camera: Camera, setting: Setting): EvRange {
  const known = ranges.get(setting);
  if (known) return known;
  const { program } = playedBy(camera, setting);
  const range = kindOfProgram(program).range(program, setting);
  ranges.set(setting, range);
  return range;
}

/**
 * The exposure value at which the camera gives a time: where along its program that time is passed.
 * @param seconds > 0
 * @returns null when the program never gives that time, or gives nothing else
 */
export function evAtSeconds(camera: Camera, setting: Setting, seconds: number): number | null {
  const { program } = playedBy(camera, setting);
  return kindOfProgram(program).evAtSeconds(program, setting, seconds);
}
