// Why a typed quantity was refused, as data. The words are chosen in src/lib/schema/words.ts.

/** What was being read. */
export type QuantityKind = 'aperture' | 'time' | 'film-speed' | 'light' | 'compensation' | 'distance';

/** A refusal with the text as typed, so that the page can quote it. */
export interface QuantityError {
  readonly quantity: QuantityKind;
  readonly problem: 'empty' | 'unreadable' | 'not-positive' | 'divided-by-zero' | 'out-of-range';
  readonly text: string;
}
