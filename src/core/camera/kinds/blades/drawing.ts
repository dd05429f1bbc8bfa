// A three-blade selector as it lies beside the lens: the blades turn about one pin, each mark stands at the tip of its own.
import type { ControlDrawing, Place, Stroke } from '../figure.ts';

const [WIDTH, HEIGHT] = [300, 150];
const PIN: Place = { x: 150, y: 128 };
const REACH = 92;
/** Where the blades point, degrees from upright. */
const ANGLES = [-62, 0, 62] as const;

function tip(degrees: number, reach: number): Place {
  const angle = (degrees * Math.PI) / 180;
  return { x: PIN.x + reach * Math.sin(angle), y: PIN.y - reach * Math.cos(angle) };
}

const bladeStrokes = ANGLES.map((degrees): Stroke => {
  const [left, right, end] = [tip(degrees - 14, 22), tip(degrees + 14, 22), tip(degrees, REACH - 26)];
  const at = ({ x, y }: Place): string => `${x.toFixed(1)} ${y.toFixed(1)}`;
  return { path: `M${at(left)}L${at(end)}L${at(right)}` };
});

/** @see ControlDrawing */
export const BLADES_DRAWING: ControlDrawing = {
  ...{ drawn: 'figure', width: WIDTH, height: HEIGHT },
  strokes: [...bladeStrokes, { circle: [PIN.x, PIN.y, 9], tone: 'ink' }],
  places: ANGLES.map((degrees) => tip(degrees, REACH))
};
