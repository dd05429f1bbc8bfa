// How a kind of control or program is asked for and told on a camera's sheet, where everything is text.
import type { Result } from '../../numeric/result.ts';
import { ok } from '../../numeric/result.ts';
import { formatDecimal } from '../../units/decimal.ts';
import type { QuantityError } from '../../units/quantity-error.ts';
import { parseShutter } from '../../units/shutter.ts';
import type { ControlActs, Position } from '../position.ts';

/** The texts of a camera by field; what is left out was not said. */
export type Sheet = Readonly<Record<string, string>>;

/** What a bare number must be. */
export interface NumberRule {
  readonly min: number;
  readonly max: number;
  readonly noun: string;
  /** What would be accepted. */
  readonly example: string;
}

/** Reads texts of a sheet; what cannot be read becomes NaN and a fault that names its field. */
export interface SheetAsk {
  /** The text of a field without blanks around it; '' when it was left out. */
  text(field: string): string;
  fault(field: string, message: string): void;
  quantity(field: string, parse: (text: string) => Result<number, QuantityError>): number;
  number(field: string, rule: NumberRule): number;
  /** The value of a reading that belongs to a field; null with a fault when it was refused. */
  value(field: string, read: Result<number, QuantityError>): number | null;
  /** Marks as {@link readMarks} takes them; unreadable ones are a fault and none. */
  marks(acts: ControlActs, field: string, text: string): readonly Position[];
}

/** Fields that each function of a control is written in. */
export const FIELD_OF: Readonly<Record<ControlActs, string>> = {
  aperture: 'aperture',
  time: 'time',
  focus: 'focus',
  compensation: 'lighten',
  dial: 'dial',
  lens: 'lenses'
};

/**
 * Reads seconds from a text such as "1/60" or "2s".
 * @param text as typed
 * @returns seconds, > 0, or what is wrong with it
 */
export function parseSeconds(text: string): Result<number, QuantityError> {
  const read = parseShutter(text);
  return read.ok ? ok(read.value.seconds) : read;
}

/**
 * Writes seconds so that they read back as they are.
 * @param value seconds, > 0
 * @returns such as "1/60" or "2s"
 */
export function secondsText(value: number): string {
  return value < 0.3 ? `1/${formatDecimal(1 / value, 4)}` : `${formatDecimal(value, 4)}s`;
}
