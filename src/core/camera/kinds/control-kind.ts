// What every kind of control can be asked. Whoever needs something of a control asks its kind; nobody looks at what it is called.
import type { Camera } from '../camera.ts';
import type { CameraFault } from '../faults.ts';
import type { ControlActs, Position } from '../position.ts';
import type { TrickSteps } from './held-open/control.ts';
import type { ControlDrawing } from './figure.ts';
import type { Sheet, SheetAsk } from './sheet-texts.ts';
import type { Control } from './controls.ts';

/** What all controls have. */
export interface ControlBase {
  readonly kind: string;
  readonly id: string;
  readonly label: string;
  readonly acts: ControlActs;
}

/** Where the controls of a camera stand, by id. */
export type StandsAt = Readonly<Record<string, number>>;

/** A control's part of a sheet, as it is read. */
export interface ControlAsk extends SheetAsk {
  readonly acts: ControlActs;
  /** Which sheet it is. */
  readonly has: string;
  /** The control that acted on this before the sheet was changed. */
  readonly before: Control | null;
  /** The speed dial, if the sheet has one, and how many marks it has. */
  readonly dial: { readonly id: string; readonly count: number } | null;
  /** The marks in the field of what it acts on, read once. */
  positions(): readonly Position[];
}

/** A kind of control. Methods, not function fields: a kind is found by the `kind` of the control that it is then given. */
export interface ControlKind<C extends ControlBase> {
  /** What a control of this kind may act on. */
  readonly acts: readonly ControlActs[];
  /** The positions as they are now; a linked one's values depend on where another control stands (0 for a cell that is not there). */
  positions(control: C, standsAt: StandsAt): readonly Position[];
  /** How many positions it has. */
  count(control: C): number;
  /** Every value it can give. */
  values(control: C): readonly number[];
  /** The set of marks a position belongs to where several look alike, such as a gear; null elsewhere. */
  setOf(control: C, index: number): string | null;
  /** Whether what a mark means cannot be seen from it and is said beside it. */
  readonly meaningSaid: boolean;
  /** What is wrong with it, beside having no positions. @param countOf how many positions another control has */
  faults(control: C, camera: Camera, countOf: (other: Control) => number): readonly CameraFault[];
  /** Whether it takes over what the camera sets by itself; not, if left out. */
  readonly overrides?: boolean;
  /** The openings to which one of its positions keeps the aperture, f-numbers; null, or left out, where it keeps none. */
  opens?(control: C, index: number): { readonly widest: number; readonly smallest: number } | null;
  /** What has to be done around a frame with it; nothing, if left out. */
  steps?(control: C): TrickSteps;
  /** How it lies under the finger; null where there is nothing to move. */
  drawing(control: C): ControlDrawing | null;
  /** For the type alone: the controls of this kind. */
  readonly of?: C;
}

/** A kind of control on the sheet. */
export interface ControlSheet<C extends ControlBase> {
  /** Whether its owner says that the camera has one, from a list; else it is known by its texts. */
  readonly byName: boolean;
  /** Whether these texts describe one. Asked in the order of the registry; the first that says so reads them. */
  recognises(ask: ControlAsk): boolean;
  /** @returns null where the texts say that there is none, or are at fault */
  read(ask: ControlAsk): C | null;
  write(control: C): Sheet;
  /** What nobody touched stays as it was; left out where the whole control is one text. @param was as it is @param asRead as its sheet reads @param now as changed */
  merge?(was: C, asRead: C, now: C): C;
}
