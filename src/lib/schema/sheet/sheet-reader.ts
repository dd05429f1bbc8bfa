// Reads the texts of a sheet and gathers what is wrong with them, so that every fault is told at once.
import type { NumberRule, SheetAsk } from '#core/camera/kinds/sheet-texts.ts';
import { readMarks, readMetres } from '#core/camera/marks.ts';
import type { ControlActs, Position } from '#core/camera/position.ts';
import type { Result } from '#core/numeric/result.ts';
import { parseDecimal, plainDigits } from '#core/units/decimal.ts';
import type { QuantityError } from '#core/units/quantity-error.ts';
import { parseStops } from '#core/units/stops.ts';
import type { FieldFault } from '../reading/parse.ts';
import { explainQuantity } from '../reading/words.ts';

/** Reads fields one by one; what cannot be read becomes NaN and a fault. */
export class SheetReader implements SheetAsk {
  readonly faults: FieldFault[] = [];
  readonly #texts: Readonly<Record<string, string>>;

  constructor(texts: Readonly<Record<string, string>>) {
    this.#texts = texts;
  }

  /** The text of a field without blanks around it; '' when it was left out. */
  text(field: string): string {
    return (this.#texts[field] ?? '').trim();
  }

  /** Notes a fault. */
  fault(field: string, message: string): void {
    this.faults.push({ field, message });
  }

  /** Reads a quantity of the trade. */
  quantity(field: string, parse: (text: string) => Result<number, QuantityError>): number {
    const read = parse(this.text(field));
    if (read.ok) return read.value;
    this.fault(field, explainQuantity(read.error));
    return NaN;
  }

  /** The value of a reading that belongs to a field; null with a fault when it was refused. */
  value(field: string, read: Result<number, QuantityError>): number | null {
    if (read.ok) return read.value;
    this.fault(field, explainQuantity(read.error));
    return null;
  }

  /** Marks of a control; unreadable ones are a fault and none. */
  marks(acts: ControlActs, field: string, text: string): readonly Position[] {
    const read = readMarks(acts, text);
    if (read.ok) return read.value;
    this.fault(field, explainQuantity(read.error));
    return [];
  }

  /** A distance in metres; Infinity for far away. */
  metres(field: string): number {
    return this.quantity(field, readMetres);
  }

  /** A bare number within limits. */
  number(field: string, rule: NumberRule): number {
    const text = this.text(field);
    const value = parseDecimal(text);
    if (value !== null && value >= rule.min && value <= rule.max) return value;
    this.fault(
      field,
      `“${text}” is no ${rule.noun}. Give a number from ${rule.min} to ${rule.max}: ${rule.example}.`
    );
    return NaN;
  }

  /** An amount of stops either way; nothing said is 0. */
  stops(field: string, most: number): number {
    const text = this.text(field);
    const value = text === '' ? 0 : parseStops(text);
    if (value !== null && Math.abs(value) <= most) return value;
    this.fault(field, `“${text}” is no amount of stops up to ${most}. Write it as ⅔, 0.7 or −1½.`);
    return NaN;
  }

  /** A number either way; nothing said is 0. */
  amount(field: string, most: number, unit: string): number {
    const text = this.text(field);
    const plain = plainDigits(text).replace(/^\+/, '');
    const value = plain === '' ? 0 : parseDecimal(plain);
    if (value !== null && Math.abs(value) <= most) return value;
    this.fault(field, `“${text}” is no number of ${unit}. Give one from −${most} to ${most}.`);
    return NaN;
  }
}
