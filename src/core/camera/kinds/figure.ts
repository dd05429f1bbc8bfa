// Line drawings as data: what a camera or a control looks like, for whoever draws it.

/** How a stroke is drawn: in ink, thick, in the accent's colour, filled, as a window of the eye, or as a knob to move. */
export type Tone = 'line' | 'thick' | 'red' | 'ink' | 'eye' | 'knob';

/** A path in the notation of SVG, or a circle (x, y, radius), in units of the drawing. */
export type Stroke =
  | { readonly path: string; readonly tone?: Tone }
  | { readonly circle: readonly [x: number, y: number, radius: number]; readonly tone?: Tone };

/** The strokes of a drawing 160 wide and 96 high, from back to front. */
export type Figure = readonly Stroke[];

/** Where a mark stands in a control's own drawing. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** How a control lies under the finger. */
export type ControlDrawing =
  /** Its marks in a row, drawn as what it is. */
  | { readonly drawn: 'row'; readonly as: 'lever' | 'ring' | 'wheel' }
  /** A drawing of its own with its marks at places on it, one for each that is not counted by hand and one for B. */
  | {
      readonly drawn: 'figure';
      readonly width: number;
      readonly height: number;
      readonly strokes: Figure;
      readonly places: readonly Place[];
    };
