// A camera as data: its controls with the marks printed on them and the values these give. No code per camera.
// The mark and the value are two things: a lever shows a cloud and means f/8, a dial says 8 and means 1/8 s.
import type { FrameFormat } from '../film/film.ts';

/** Drawings that stand on levers and rings; a mark may have one. */
export type MarkSymbol = 'sun' | 'cloud' | 'person' | 'people' | 'group' | 'mountain';

/** One place where a control can stand. `value` is exact: an f-number, seconds or metres (Infinity = ∞) by the control's `acts`. */
export interface Position {
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  readonly value: number;
}

/** What a control's values mean: f-number, seconds, or metres to the subject. */
export type ControlActs = 'aperture' | 'time' | 'focus';

/** How a control looks under the finger. */
export type ControlShape = 'lever' | 'ring' | 'wheel';

/** A control of the camera. `fixed`: nothing to choose, the camera gives one value. `marked`: the photographer chooses a position. */
export type Control =
  | {
      readonly kind: 'fixed';
      readonly id: string;
      readonly label: string;
      readonly acts: ControlActs;
      readonly position: Position;
    }
  | {
      readonly kind: 'marked';
      readonly id: string;
      readonly label: string;
      readonly acts: ControlActs;
      readonly shape: ControlShape;
      /** In printed order, at least one. */
      readonly positions: readonly Position[];
    };

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
export interface Camera {
  readonly id: string;
  readonly name: string;
  readonly formats: readonly FrameFormat[];
  /** Focal length in mm, > 0. */
  readonly focalMm: number;
  readonly condition: CameraCondition;
  /** Longest time in seconds that this camera is held by hand; null = one over the focal length as on 35 mm film. */
  readonly handHeldSeconds: number | null;
  /** Controls in the order in which they are set; exactly one for the aperture and one for the time. */
  readonly controls: readonly Control[];
}

/** Positions of a control; a fixed one has the one. */
export function positionsOf(control: Control): readonly Position[] {
  return control.kind === 'fixed' ? [control.position] : control.positions;
}

/** A camera's definition that cannot work, as data. */
export type CameraFault =
  | { readonly fault: 'missing-control'; readonly acts: 'aperture' | 'time' }
  | { readonly fault: 'doubled-control'; readonly acts: ControlActs }
  | { readonly fault: 'no-positions'; readonly control: string }
  | { readonly fault: 'bad-value'; readonly control: string; readonly mark: string }
  | { readonly fault: 'too-many'; readonly count: number }
  | { readonly fault: 'no-focal-length' };

/** More combinations than this are refused. */
export const MAX_SETTINGS = 2000;

/** Looks a definition over (a focus mark nearer than the focal length is a bad value); an empty list means it can be used. */
export function cameraFaults(camera: Camera): readonly CameraFault[] {
  const faults: CameraFault[] = [];
  if (!(camera.focalMm > 0 && Number.isFinite(camera.focalMm))) faults.push({ fault: 'no-focal-length' });
  for (const acts of ['aperture', 'time', 'focus'] as const) {
    const count = camera.controls.filter((c) => c.acts === acts).length;
    if (count > 1) faults.push({ fault: 'doubled-control', acts });
    if (count === 0 && acts !== 'focus') faults.push({ fault: 'missing-control', acts });
  }
  for (const control of camera.controls) {
    const positions = positionsOf(control);
    if (positions.length === 0) faults.push({ fault: 'no-positions', control: control.label });
    for (const p of positions) {
      const good =
        control.acts === 'focus' ? p.value * 1000 > camera.focalMm : p.value > 0 && Number.isFinite(p.value);
      if (!good) faults.push({ fault: 'bad-value', control: control.label, mark: p.mark });
    }
  }
  const count = camera.controls.reduce((n, c) => n * (c.acts === 'focus' ? 1 : positionsOf(c).length), 1);
  if (count > MAX_SETTINGS) faults.push({ fault: 'too-many', count });
  return faults;
}
