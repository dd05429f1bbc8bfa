// A setting: which position every control stands at, and what that leaves the camera to do.
import { eyeOf, positionsOf, setsOf, type Camera } from './camera.ts';
import { kindOfControl, type Control } from './kinds/controls.ts';
import type { TrickSteps } from './kinds/held-open/control.ts';
import { isLeftAlone, type ControlActs, type Position } from './position.ts';

/** Position numbers by control id, from 0. Every control of the camera has its entry. */
export type Choice = Readonly<Record<string, number>>;

/** A choice with what it comes to. */
export interface Setting {
  readonly choice: Choice;
  /** Exact f-number the photographer chose; null when the camera sets it. */
  readonly fNumber: number | null;
  /** Exact seconds the photographer chose; null when the camera sets them. */
  readonly seconds: number | null;
  /** Whether those seconds are counted on B or T. */
  readonly timedByHand: boolean;
  /** Whether the photographer set what the camera would have set by itself. */
  readonly overridden: boolean;
  /** Lighten–darken, stops, + = lighten. */
  readonly compensationStops: number;
  /** Focal length of the lens that is on, mm. */
  readonly focalMm: number;
  /** The film speed the camera believes in; null on cameras that set nothing by themselves. */
  readonly dialIso: number | null;
}

/**
 * The position a control stands at; a number beyond its positions gives null.
 * @param choice a control that it does not name stands at its first position
 */
export function positionAt(control: Control, choice: Choice): Position | null {
  return positionsOf(control, choice)[choice[control.id] ?? 0] ?? null;
}

/**
 * What holds a camera open that times itself, as its owner found; null = it has B or T, or cannot be held open.
 * @returns steps to open, to close and to take the picture out
 */
export function trickOf(camera: Camera): TrickSteps | null {
  const control = controlFor(camera, 'time');
  return (control && kindOfControl(control).steps?.(control)) ?? null;
}

/**
 * The control that acts on something; null if the camera has none.
 * @param acts what it sets
 * @returns the first of them
 */
export function controlFor(camera: Camera, acts: ControlActs): Control | null {
  return camera.controls.find((c) => c.acts === acts) ?? null;
}

/**
 * Works out a choice.
 * @returns the setting, or null when a control or position is not the camera's
 */
export function settingOf(camera: Camera, choice: Choice): Setting | null {
  if (camera.controls.some((c) => !positionAt(c, choice))) return null;
  const positionFor = (acts: ControlActs): Position | null => {
    const control = controlFor(camera, acts);
    return control && positionAt(control, choice);
  };
  const eye = eyeOf(camera);
  const valueFor = (acts: ControlActs): number | null => {
    const position = positionFor(acts);
    return position && position.automatic !== true ? position.value : null;
  };
  const sets = setsOf(camera);
  const [fNumber, seconds] = [withinLens(camera, choice, valueFor('aperture')), valueFor('time')];
  return {
    choice: Object.fromEntries(camera.controls.map((c) => [c.id, choice[c.id] ?? 0])),
    ...{ fNumber, seconds },
    timedByHand: positionFor('time')?.byHand === true,
    overridden: (sets.aperture && fNumber !== null) || (sets.time && seconds !== null),
    compensationStops: valueFor('compensation') ?? 0,
    focalMm: valueFor('lens') ?? camera.focalMm,
    dialIso: eye && (valueFor('dial') ?? eye.believesIso)
  };
}

/** An opening as the lens that is on allows it: its ring goes no further. */
function withinLens(camera: Camera, choice: Choice, fNumber: number | null): number | null {
  const control = controlFor(camera, 'lens');
  const opens = control && kindOfControl(control).opens?.(control, choice[control.id] ?? 0);
  return opens && fNumber !== null ? Math.min(opens.smallest, Math.max(opens.widest, fNumber)) : fNumber;
}

const known = new WeakMap<Camera, Map<string, readonly Setting[]>>();

/**
 * Every setting that differs in exposure, in printed order, focus and lens left where `present` has them. Remembered for each camera:
 * making the list takes longer than judging it.
 * @param present where the controls stand, as far as that is known @param everyFocus try every focus position too
 */
export function allSettings(camera: Camera, present: Choice, everyFocus = false): readonly Setting[] {
  const left = (c: Control): boolean => isLeftAlone(c.acts) && !(everyFocus && c.acts === 'focus');
  const key = camera.controls.map((c) => (left(c) ? (present[c.id] ?? 0) : '')).join();
  const lists = known.get(camera) ?? new Map<string, readonly Setting[]>();
  known.set(camera, lists);
  const before = lists.get(key);
  if (before) return before;
  let choices: readonly Choice[] = [{}];
  for (const control of camera.controls) {
    const places = left(control) ? [present[control.id] ?? 0] : positionsOf(control).map((_, i) => i);
    choices = choices.flatMap((c) => places.map((i) => ({ ...c, [control.id]: i })));
  }
  const settings = choices.flatMap((c) => settingOf(camera, c) ?? []);
  lists.set(key, settings);
  return settings;
}

/**
 * How many controls would have to be moved; one whose place in `from` is not known does not count.
 * @param from where the controls stand @param to where they shall
 * @returns a count ≥ 0
 */
export function changesBetween(camera: Camera, from: Choice, to: Choice): number {
  let count = 0;
  for (const { id } of camera.controls) {
    const before = from[id];
    if (before !== undefined && before !== (to[id] ?? 0)) count += 1;
  }
  return count;
}
