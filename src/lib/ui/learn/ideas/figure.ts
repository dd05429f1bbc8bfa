// What an idea is shown by: prints, stretches on a scale, or a table; worked out by the engine for the pair in hand.
import type { Film } from '#core/film/film.ts';
import type { PrintTone } from '#core/film/print.ts';
import type { Judged } from '../../current-judge.ts';

/** A stretch on a scale. */
export interface Bar {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  /** Written beside it. */
  readonly says: string;
}

/** A figure. */
export type Figure =
  | {
      readonly kind: 'prints';
      readonly prints: readonly {
        readonly film: Film;
        readonly tone: PrintTone;
        readonly deltaStops: number;
        readonly label: string;
      }[];
    }
  | {
      readonly kind: 'bars';
      /** What the scale counts: "stops", "LV". */
      readonly unit: string;
      readonly from: number;
      readonly to: number;
      readonly rows: readonly Bar[];
    }
  | {
      readonly kind: 'table';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
    };

/** What an idea is shown with. */
export interface Shown {
  readonly judged: Judged;
  /** Every film of the kit. */
  readonly films: readonly Film[];
}

/** An idea, on a page of its own. */
export interface Idea {
  /** In the address. */
  readonly id: string;
  readonly name: string;
  /** In a line, for the list. */
  readonly line: string;
  /** In paragraphs, plainly. */
  readonly says: readonly string[];
  readonly figure: (shown: Shown) => Figure;
  /** What the figure shows, with the camera and film in hand. */
  readonly caption: (shown: Shown) => string;
}
