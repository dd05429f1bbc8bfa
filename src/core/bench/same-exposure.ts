// Keep this exposure: all settings of the camera that give the film as much, with what each does to depth and stillness.
import { allSettings, type Choice } from '../camera/setting.ts';
import { sharedFormat } from '../chance/conditions.ts';
import { judge, type Verdict } from '../chance/verdict.ts';
import type { Situation } from '../error/situation.ts';
import type { SharpRange } from '../focus/depth.ts';
import { sharpRangeOf } from '../focus/focused.ts';

/** A setting that gives as much. */
export interface Equivalent {
  readonly verdict: Verdict;
  /** Against the one that is kept, stops, + = lighter. */
  readonly offStops: number;
  readonly sharp: SharpRange;
}

/** Marks of half-stop rings and third-stop wheels meet within this, stops. */
const SAME_STOPS = 0.34;

/**
 * Settings that keep an exposure, widest aperture first; of each aperture the nearest, with lighten–darken where it is.
 * @param kept where the controls stand
 * @returns at least the one that is kept, unless the camera has no such place
 */
export function sameExposure(situation: Situation, kept: Choice): readonly Equivalent[] {
  const { camera, film } = situation;
  const all = allSettings(camera, kept);
  const own = all.find((s) => Object.entries(s.choice).every(([id, at]) => (kept[id] ?? 0) === at));
  if (!own) return [];
  const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
  const { deltaStops } = judge(situation, own);
  const found = new Map<number, Equivalent>();
  for (const setting of all) {
    if (setting.compensationStops !== own.compensationStops || setting.overridden !== own.overridden)
      continue;
    const verdict = judge(situation, setting);
    const offStops = verdict.deltaStops - deltaStops;
    const { fNumber } = verdict.exposure;
    const before = found.get(fNumber);
    const isNearer = setting === own || !before || Math.abs(offStops) < Math.abs(before.offStops);
    if (Math.abs(offStops) > SAME_STOPS || !isNearer || before?.verdict.setting === own) continue;
    found.set(fNumber, { verdict, offStops, sharp: sharpRangeOf(camera, format, setting.choice, fNumber) });
  }
  return [...found.values()].sort((a, b) => a.verdict.exposure.fNumber - b.verdict.exposure.fNumber);
}
