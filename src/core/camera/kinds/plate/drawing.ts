// A sliding plate as it lies before the lens: its holes from large to small, a notch at every click.
import type { Position } from '../../position.ts';
import type { ControlDrawing, Stroke } from '../figure.ts';

/** Pixels from click to click: as much as a finger needs. */
const STEP = 58;
/** From the middle of the first and last mark to the edge. */
const EDGE = 34;
const [TOP, HEIGHT, MARKS_AT] = [6, 34, 68];

/** @param marks the engraved openings, as f-numbers */
export function plateDrawing(marks: readonly Position[]): ControlDrawing {
  const count = Math.max(1, 2 * marks.length - 1);
  const width = (count - 1) * STEP + 2 * EDGE;
  const xOf = (click: number): number => EDGE + click * STEP;
  const widest = Math.min(...marks.map((p) => p.value));
  const holes = marks.map(({ value }, i): Stroke => {
    // as wide as the hole is against the widest
    const radius = Math.max(2, (13 * widest) / value);
    return { circle: [xOf(2 * i), TOP + HEIGHT / 2, radius], tone: 'ink' };
  });
  const notches = Array.from({ length: count }, (_, i): Stroke => ({
    path: `M${xOf(i)} ${TOP + HEIGHT}v-6`
  }));
  const body: Stroke = { path: `M2 ${TOP}H${width - 2}v${HEIGHT}H2z` };
  return {
    ...{ drawn: 'figure', width, height: MARKS_AT + 24 },
    strokes: [body, ...notches, ...holes],
    places: Array.from({ length: count }, (_, i) => ({ x: xOf(i), y: MARKS_AT }))
  };
}
