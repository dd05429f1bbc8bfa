// A setting: which position every control stands at, and what that leaves the camera to do.
import { positionsOf, type Camera, type Control, type ControlActs, type Position } from './camera.ts';

/** Position numbers by control id, from 0. Every control of the camera has its entry. */
export type Choice = Readonly<Record<string, number>>;

/** A choice with what it comes to. */
export interface Setting {
  readonly choice: Choice;
  /** Exact f-number the photographer chose; null when the camera sets it. */
  readonly fNumber: number | null;
  /** Exact seconds the photographer chose; null when the camera sets them. */
  readonly seconds: number | null;
  /** Lighten–darken, stops, + = lighten. */
  readonly compensationStops: number;
  /** The film speed the camera believes in; null on cameras that set nothing by themselves. */
  readonly dialIso: number | null;
}

/** The position a control stands at; a number beyond its positions gives null. */
export function positionAt(control: Control, choice: Choice): Position | null {
  return positionsOf(control, choice)[choice[control.id] ?? 0] ?? null;
}

/** The control that acts on something; null if the camera has none. */
export function controlFor(camera: Camera, acts: ControlActs): Control | null {
  return camera.controls.find((c) => c.acts === acts) ?? null;
}

/**
 * Works out a choice.
 * @returns the setting, or null when a control or position is not the camera's
 */
export function settingOf(camera: Camera, choice: Choice): Setting | null {
  if (camera.controls.some((c) => !positionAt(c, choice))) return null;
  const valueFor = (acts: ControlActs): number | null => {
    const control = controlFor(camera, acts);
    return control ? (positionAt(control, choice)?.value ?? null) : null;
  };
  return {
    choice: Object.fromEntries(camera.controls.map((c) => [c.id, choice[c.id] ?? 0])),
    fNumber: valueFor('aperture'),
    seconds: valueFor('time'),
    compensationStops: valueFor('compensation') ?? 0,
    dialIso: camera.program.kind === 'manual' ? null : (valueFor('dial') ?? camera.program.eye.believesIso)
  };
}

/**
 * Every setting that differs in exposure, in printed order, focus left where `present` has it.
 * @param present where the controls stand, as far as that is known
 */
export function allSettings(camera: Camera, present: Choice): readonly Setting[] {
  let choices: readonly Choice[] = [{}];
  for (const control of camera.controls) {
    const places =
      control.acts === 'focus' ? [present[control.id] ?? 0] : positionsOf(control).map((_, i) => i);
    choices = choices.flatMap((c) => places.map((i) => ({ ...c, [control.id]: i })));
  }
  return choices.flatMap((c) => settingOf(camera, c) ?? []);
}

/** Where people usually focus when nothing is known yet, metres. */
const USUAL_DISTANCE_M = 3;

/** A choice with the focus at its position nearest to three metres, if the camera has one and the choice does not say. */
export function withUsualFocus(camera: Camera, choice: Choice): Choice {
  const focus = controlFor(camera, 'focus');
  if (!focus || choice[focus.id] !== undefined) return choice;
  const distances = positionsOf(focus).map((p) => p.value);
  // compared as 1/distance, as sharpness is; infinity is 0 then
  const off = (m: number): number => Math.abs(1 / m - 1 / USUAL_DISTANCE_M);
  const nearest = distances.reduce((best, m, i) => (off(m) < off(distances[best] ?? m) ? i : best), 0);
  return { ...choice, [focus.id]: nearest };
}

/** How many controls would have to be moved; one whose place in `from` is not known does not count. */
export function changesBetween(camera: Camera, from: Choice, to: Choice): number {
  return camera.controls.filter((c) => from[c.id] !== undefined && from[c.id] !== (to[c.id] ?? 0)).length;
}
