// A setting: which position every control stands at, and the aperture and time that gives.
import { evFromSetting } from '../light/lv.ts';
import { positionsOf, type Camera, type Control, type ControlActs, type Position } from './camera.ts';

/** Position numbers by control id, from 0. Every control of the camera has its entry. */
export type Choice = Readonly<Record<string, number>>;

/** A choice with what it comes to. */
export interface Setting {
  readonly choice: Choice;
  /** Exact f-number. */
  readonly fNumber: number;
  /** Exact seconds. */
  readonly seconds: number;
  /** Exposure value log2(N²/t) of the setting. */
  readonly ev: number;
}

/** The position a control stands at; a number beyond its positions gives null. */
export function positionAt(control: Control, choice: Choice): Position | null {
  return positionsOf(control)[choice[control.id] ?? 0] ?? null;
}

/** The control that acts on the aperture, time or focus; null if the camera has none. */
export function controlFor(camera: Camera, acts: ControlActs): Control | null {
  return camera.controls.find((c) => c.acts === acts) ?? null;
}

/**
 * Works out a choice.
 * @returns the setting, or null when a control or position is not the camera's
 */
export function settingOf(camera: Camera, choice: Choice): Setting | null {
  const apertureControl = controlFor(camera, 'aperture');
  const timeControl = controlFor(camera, 'time');
  const aperture = apertureControl && positionAt(apertureControl, choice);
  const time = timeControl && positionAt(timeControl, choice);
  if (!aperture || !time || camera.controls.some((c) => !positionAt(c, choice))) return null;
  const full = Object.fromEntries(camera.controls.map((c) => [c.id, choice[c.id] ?? 0]));
  return {
    choice: full,
    fNumber: aperture.value,
    seconds: time.value,
    ev: evFromSetting(aperture.value, time.value)
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

/** How many controls would have to be moved; one whose place in `from` is not known does not count. */
export function changesBetween(camera: Camera, from: Choice, to: Choice): number {
  return camera.controls.filter((c) => from[c.id] !== undefined && from[c.id] !== (to[c.id] ?? 0)).length;
}
