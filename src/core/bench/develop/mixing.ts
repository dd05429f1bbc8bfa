// Mixing a developer: how much of every stock for a volume of working solution, and what is weighed out for a volume of stock.
import type { DeveloperThing } from '../../kit/thing.ts';

/** What is poured together. */
export interface Poured {
  /** '' = water. */
  readonly name: string;
  readonly ml: number;
}

/** What is weighed for one stock, in the order of mixing. */
export interface Weighed {
  readonly name: string;
  readonly grams: number;
}

/** The most that is mixed at once: a deep tank of ten litres. */
export const MOST_ML = 20_000;

/**
 * What is poured together for a volume of working solution: parts of all stocks in their order, water last.
 * @param ml > 0, at most {@link MOST_ML}
 * @throws {RangeError} otherwise
 */
export function poured({ dilution, stocks }: DeveloperThing, ml: number): readonly Poured[] {
  requireVolume(ml);
  const all = dilution.reduce((sum, part) => sum + part, 0);
  return dilution.map((part, i) => ({
    name: i < dilution.length - 1 || dilution.length <= stocks.length ? (stocks[i]?.name ?? 'stock') : '',
    ml: (ml * part) / all
  }));
}

/**
 * What is weighed for a volume of stock. g = g/l · ml/1000
 * @param stock which of them, from 0
 * @throws {RangeError} for a volume that is none
 */
export function weighed({ stocks }: DeveloperThing, stock: number, ml: number): readonly Weighed[] {
  requireVolume(ml);
  return (stocks[stock]?.parts ?? []).map(({ name, gramsPerLitre }) => ({
    name,
    grams: (gramsPerLitre * ml) / 1000
  }));
}

function requireVolume(ml: number): void {
  if (!(ml > 0 && ml <= MOST_ML)) throw new RangeError(`a volume must be 1 to ${MOST_ML} ml, got ${ml}`);
}
