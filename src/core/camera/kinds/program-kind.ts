// What every kind of program can be asked: what it sets by itself, between which limits, and how it is told on a sheet.
import type { FilmKind } from '../../film/film.ts';
import type { CameraFault } from '../faults.ts';
import type { Setting } from '../setting.ts';
import type { Control } from './controls.ts';
import type { Eye } from './eye.ts';
import type { Figure } from './figure.ts';
import type { Sheet, SheetAsk } from './sheet-texts.ts';

/** An aperture and a time. */
export interface ProgramPoint {
  readonly fNumber: number;
  readonly seconds: number;
}

/** The exposure values a setting can give. Manual settings give one: min = max. */
export interface EvRange {
  readonly min: number;
  readonly max: number;
}

/** A kind of program. Methods, not function fields: a kind is found by the `kind` of the program that it is then given. */
export interface ProgramKind<P extends { readonly kind: string }> {
  /** What it sets by itself; what it does not is wanted of the photographer's controls. */
  readonly sets: { readonly aperture: boolean; readonly time: boolean };
  /** The cell that it reads; null where nothing is read. */
  eye(program: P): Eye | null;
  /** Exposure values from its widest and longest to its smallest and shortest. */
  range(program: P, setting: Setting): EvRange;
  /** What it gives at an exposure value within its range. */
  at(program: P, setting: Setting, ev: number): ProgramPoint;
  /** The exposure value at which it gives a time; null when it never does, or gives nothing else. */
  evAtSeconds(program: P, setting: Setting, seconds: number): number | null;
  /** Exposure values within the range at which the share of aperture and time changes. */
  bends(program: P): readonly number[];
  /** The longest time that its shutter serves before it stays locked in less light, seconds; null where it opens whatever the light. */
  locksBeyond(program: P): number | null;
  /** The smallest f-number it sets; null where it sets none. */
  widest(program: P): number | null;
  /** The largest f-number it sets; null where it sets none. */
  smallest(program: P): number | null;
  faults(program: P): readonly CameraFault[];
  /** For the type alone: the programs of this kind. */
  readonly of?: P;
}

/** A kind of program on the sheet. */
export interface ProgramSheet<P> {
  /** The cameras it comes in, as their owner sees them. */
  readonly entries: readonly SheetEntry[];
  /** The fields of the sheet that only it has. */
  readonly fields: readonly string[];
  read(ask: SheetAsk): P;
  write(program: P): Sheet;
  /** Which of its entries has room for a camera. */
  entryOf(program: P, controls: readonly Control[]): string;
}

/** A camera as its owner sees it: what the sheet starts from and asks for first. */
export interface SheetEntry {
  readonly name: string;
  /** Starting answers, beside those that all cameras have. Common practice, no source; each is there to be changed. */
  readonly typical: Sheet;
  /** The texts asked for first, beside name, size and focal length. */
  readonly first: readonly string[];
  /** What is usually in it: kind of film, speed, frames. */
  readonly film: readonly [kind: FilmKind, iso: string, frames: string];
  /** What it looks like, 160 by 96. */
  readonly figure: Figure;
}
