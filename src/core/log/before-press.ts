// What can go wrong with the next press, and only that: from where the controls stand, what the last frame left behind, and
// what this camera's owner wants to be reminded of.
import { type Camera, positionsOf, setsItself } from '../camera/camera.ts';
import { controlFor, type Choice } from '../camera/setting.ts';
import type { Conditions } from '../error/situation.ts';
import type { Filter } from '../error/filters.ts';
import { frameOfLens } from '../focus/finder-frames.ts';
import type { Verdict } from '../chance/verdict.ts';
import type { Pair } from './pair.ts';

/** A thing to look at before pressing. */
export type PressCheck =
  /** Lighten–darken stands where an earlier frame left it. */
  | { readonly check: 'compensation-left'; readonly mark: string; readonly wanted: string }
  /** A filter of the last frame is not on, or one is on that was not. */
  | { readonly check: 'filter-gone'; readonly name: string; readonly stops: number }
  | { readonly check: 'filter-on'; readonly name: string; readonly stops: number }
  /** The speed dial stands for another film. */
  | { readonly check: 'dial-left'; readonly mark: string; readonly wanted: string }
  | { readonly check: 'too-near'; readonly nearM: number }
  /** The focus is set for another distance. */
  | { readonly check: 'focus'; readonly mark: string }
  /** The eye sees other light than the subject has. */
  | { readonly check: 'eye-elsewhere'; readonly stops: number }
  | { readonly check: 'flash-ready' }
  /** A filter belongs on this pack and is not on it yet. */
  | { readonly check: 'pack-filter'; readonly name: string; readonly stops: number }
  /** What was noticed on the film before this one. */
  | { readonly check: 'remark'; readonly words: string }
  /** The frame of the finder that belongs to the lens that is on. */
  | { readonly check: 'finder-frame'; readonly mark: string; readonly frame: string }
  /** In the owner's own words. */
  | { readonly check: 'own'; readonly words: string };

/** Less than this between eye and subject is not worth a line, stops. */
const EYE_WORTH = 0.75;

/** The filters on the camera, each once. What lies on the pack is the pack's: it is asked about when that is loaded. */
function screwedOn(conditions: Conditions | null): readonly Filter[] {
  const filters = (conditions?.circumstances?.filters ?? []).filter((f) => f.place !== 'pack');
  return filters.filter((f, i) => filters.findIndex((g) => g.name === f.name && g.stops === f.stops) === i);
}

/** What of the film in the camera is worth a line. */
export type OfLoad = Pick<Pair, 'packFilter' | 'lastRemark'>;

/**
 * The checks: what the log tells first, then all of the owner’s own, in their order.
 * @param present where the controls stand @param last what was true of the camera's last frame; null = there is none
 * @param ofLoad what of the film in it is worth a line
 */
export function pressChecks(
  camera: Camera,
  verdict: Verdict,
  present: Choice,
  conditions: Conditions,
  last: Conditions | null,
  { packFilter, lastRemark }: OfLoad = { packFilter: null, lastRemark: '' }
): readonly PressCheck[] {
  const found: PressCheck[] = [];
  if (packFilter && !packFilter.on)
    found.push({ check: 'pack-filter', name: packFilter.name, stops: packFilter.stops });
  if (lastRemark !== '') found.push({ check: 'remark', words: lastRemark });
  const left = (acts: 'compensation' | 'dial'): { readonly mark: string; readonly wanted: string } | null => {
    const control = controlFor(camera, acts);
    const stands = control ? present[control.id] : undefined;
    const wanted = control ? (verdict.setting.choice[control.id] ?? 0) : 0;
    if (!control || stands === undefined || stands === wanted) return null;
    const positions = positionsOf(control);
    return { mark: positions[stands]?.mark ?? '', wanted: positions[wanted]?.mark ?? '' };
  };
  const compensation = left('compensation');
  if (compensation) found.push({ check: 'compensation-left', ...compensation });
  const dial = left('dial');
  if (dial) found.push({ check: 'dial-left', ...dial });
  const filters = screwedOn(conditions);
  const before = screwedOn(last);
  const same = (a: { readonly name: string; readonly stops: number }, b: typeof a): boolean =>
    a.name === b.name && a.stops === b.stops;
  for (const f of before) {
    if (!filters.some((g) => same(f, g))) found.push({ check: 'filter-on', name: f.name, stops: f.stops });
  }
  for (const f of filters) {
    if (!before.some((g) => same(f, g))) found.push({ check: 'filter-gone', name: f.name, stops: f.stops });
  }
  const off = verdict.failures.find((f) => f.condition === 'too-near' || f.condition === 'too-far');
  if (off && off.focusMark !== null) found.push({ check: 'focus', mark: off.focusMark });
  else if (off?.condition === 'too-near') found.push({ check: 'too-near', nearM: off.nearM });
  const offset = conditions.circumstances?.eyeOffsetStops ?? 0;
  if (setsItself(camera) && Math.abs(offset) >= EYE_WORTH) {
    found.push({ check: 'eye-elsewhere', stops: offset });
  }
  const frame = frameOfLens(camera, verdict.setting.choice);
  if (frame) found.push({ check: 'finder-frame', ...frame });
  if (conditions.circumstances?.flash.kind === 'fired') found.push({ check: 'flash-ready' });
  return [...found, ...camera.checks.map((words) => ({ check: 'own', words }) as const)];
}
