// A camera as data: its controls with the marks printed on them and the values these give. No code per camera.
// The mark and the value are two things: a lever shows a cloud and means f/8, a dial says 8 and means 1/8 s.
import type { FrameFormat } from '../film/film.ts';
import type { CameraTraits } from './traits.ts';

/** Drawings that stand on levers and rings; a mark may have one. */
export type MarkSymbol = (typeof MARK_SYMBOLS)[number];
/** @see MarkSymbol */
export const MARK_SYMBOLS = ['sun', 'cloud', 'person', 'people', 'group', 'mountain'] as const;

/**
 * One place where a control can stand. `value` is exact, by the control's `acts`: an f-number, seconds, metres (Infinity = ∞),
 * stops of lighten–darken (+ = lighten), or the film speed a dial tells the camera.
 */
export interface Position {
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  readonly value: number;
  /** A time that the photographer counts on B or T. Left out on everything that the camera times. */
  readonly byHand?: true;
}

/** What a control's values mean; see {@link Position}. */
export type ControlActs = 'aperture' | 'time' | 'focus' | 'compensation' | 'dial';

/** A position whose value depends on where another control stands; null where the camera has no such cell. */
export interface LinkedPosition {
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  /** One for each position of the control it depends on. */
  readonly values: readonly (number | null)[];
}

/** One gear of a two-gear wheel: its own set of marks. */
export interface Gear {
  readonly label: string;
  readonly positions: readonly Position[];
}

/** How a control looks under the finger. */
export type ControlShape = 'lever' | 'ring' | 'wheel';

/**
 * A control of the camera. `fixed`: nothing to choose, the camera gives one value. `marked`: the photographer chooses a
 * position. `geared`: one wheel with sets of marks that look alike and mean different things. `linked`: a lever whose
 * positions mean something else for every place of another control.
 */
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
    }
  | {
      readonly kind: 'geared';
      readonly id: string;
      readonly label: string;
      readonly acts: 'time';
      readonly shape: ControlShape;
      readonly gears: readonly Gear[];
    }
  | {
      readonly kind: 'linked';
      readonly id: string;
      readonly label: string;
      readonly acts: 'aperture' | 'time';
      readonly shape: ControlShape;
      /** Id of the control it depends on. */
      readonly dependsOn: string;
      readonly positions: readonly LinkedPosition[];
    };

/** A point of a program line. */
export interface ProgramPoint {
  readonly fNumber: number;
  readonly seconds: number;
}

/**
 * Who sets the exposure. `manual`: the photographer's positions are all there is. `automatic-time`: the aperture is chosen,
 * fixed or picked by a lever, the camera times. `automatic-aperture`: the time is fixed, a needle sets the aperture.
 * `program`: the camera moves both along a line, from the widest and longest point to the smallest and shortest.
 */
export type Program =
  | { readonly kind: 'manual' }
  | {
      readonly kind: 'automatic-time';
      readonly shortestSeconds: number;
      readonly longestSeconds: number;
      /** In less light than the longest time serves: it closes anyway, or the shutter is locked. */
      readonly inLowLight: 'closes' | 'locks';
      readonly eye: Eye;
    }
  | {
      readonly kind: 'automatic-aperture';
      readonly widestFNumber: number;
      readonly smallestFNumber: number;
      readonly eye: Eye;
    }
  | { readonly kind: 'program'; readonly points: readonly ProgramPoint[]; readonly eye: Eye };

/** The cell that reads the light. */
export interface Eye {
  /** Behind the lens it sees filters and close focus too; outside it sees neither. */
  readonly place: 'outside' | 'behind-lens';
  /** The film speed the camera believes in when it has no dial. */
  readonly believesIso: number;
  /** How wide it looks, degrees across; null = not known. */
  readonly angleDegrees: number | null;
}

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

/** The gear a position of a two-gear wheel belongs to; null on every other control. */
export function gearOf(control: Control, index: number): string | null {
  if (control.kind !== 'geared') return null;
  let first = 0;
  for (const gear of control.gears) {
    first += gear.positions.length;
    if (index < first) return gear.label;
  }
  return null;
}

/** How many positions a control has; a fixed one has one. */
export function positionCount(control: Control): number {
  switch (control.kind) {
    case 'fixed':
      return 1;
    case 'geared':
      return control.gears.reduce((n, g) => n + g.positions.length, 0);
    case 'marked':
    case 'linked':
      return control.positions.length;
  }
}

/**
 * The positions of a control as they are now: a geared wheel's gears one after the other, a linked lever's values for where
 * the other control stands (0 for a cell that is not there).
 * @param standsAt where each control stands, by id
 */
export function positionsOf(
  control: Control,
  standsAt: Readonly<Record<string, number>> = {}
): readonly Position[] {
  switch (control.kind) {
    case 'fixed':
      return [control.position];
    case 'marked':
      return control.positions;
    case 'geared':
      return control.gears.flatMap((g) => g.positions);
    case 'linked': {
      const at = standsAt[control.dependsOn] ?? 0;
      return control.positions.map((p) => ({ mark: p.mark, symbol: p.symbol, value: p.values[at] ?? 0 }));
    }
  }
}
