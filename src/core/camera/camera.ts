// A camera as data: its controls with the marks printed on them and the values these give, and who sets the exposure. No code per
// camera; what a kind of control or program can do stands in its folder under kinds.
import type { FrameFormat } from '../film/formats.ts';
import { kindOfControl, type Control } from './kinds/controls.ts';
import type { Eye } from './kinds/eye.ts';
import { kindOfProgram, type Program } from './kinds/programs.ts';
import type { Position } from './position.ts';
import type { CameraTraits } from './traits.ts';

/** How well the camera keeps its values. */
export type CameraCondition = 'automatic' | 'mechanical' | 'old' | 'unsure';

/** Starting sd of a camera's exposure in stops. Common practice, no source. */
export const CONDITION_SD: Readonly<Record<CameraCondition, number>> = {
  automatic: 0.25,
  mechanical: 0.33,
  old: 0.5,
  unsure: 1
};

/** A camera as the engine sees it. */
export interface Camera extends CameraTraits {
  readonly id: string;
  readonly name: string;
  readonly formats: readonly FrameFormat[];
  /** Focal length in mm, > 0. */
  readonly focalMm: number;
  readonly condition: CameraCondition;
  /** Longest time in seconds that this camera is held by hand; null = one over the focal length as on 35 mm film. */
  readonly handHeldSeconds: number | null;
  /** Controls in the order in which they are set; what acts on aperture and time must fit the program. */
  readonly controls: readonly Control[];
  readonly program: Program;
  /** Stops by which this camera exposes more than it should (+), as far as is known. */
  readonly biasStops: number;
}

/**
 * The set of marks a position belongs to where several look alike, such as a gear of a wheel; null on every other control.
 * @param index of the position, from 0
 * @returns the name of the set
 */
export function setOf(control: Control, index: number): string | null {
  return kindOfControl(control).setOf(control, index);
}

/**
 * How many positions a control has; a fixed one has one.
 * @returns a whole number; 0 for one that is not finished
 */
export function positionCount(control: Control): number {
  return kindOfControl(control).count(control);
}

/**
 * The positions of a control as they are now.
 * @param standsAt where each control stands, by id: what a position means can hang on another one
 */
export function positionsOf(
  control: Control,
  standsAt: Readonly<Record<string, number>> = {}
): readonly Position[] {
  return kindOfControl(control).positions(control, standsAt);
}

/**
 * The cell that reads the light; null on a camera that sets nothing by itself.
 * @returns where it sits, what speed it believes and how wide it sees
 */
export function eyeOf({ program }: Pick<Camera, 'program'>): Eye | null {
  return kindOfProgram(program).eye(program);
}

/**
 * Whether the camera sets anything by itself.
 * @returns false for what is set by hand or fixed
 */
export function setsItself({ program }: Pick<Camera, 'program'>): boolean {
  const { aperture, time } = kindOfProgram(program).sets;
  return aperture || time;
}

/**
 * What the camera sets by itself.
 * @returns whether the aperture and whether the time
 */
export function setsOf({ program }: Pick<Camera, 'program'>): {
  readonly aperture: boolean;
  readonly time: boolean;
} {
  return kindOfProgram(program).sets;
}
