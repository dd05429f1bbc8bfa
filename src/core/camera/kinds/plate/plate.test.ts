import { describe, expect, test } from 'vitest';
import { positionCount, positionsOf } from '../../camera.ts';
import { plateDrawing } from './drawing.ts';
import { plate, type PlateControl } from './control.ts';

const at = (mark: string, value: number) => ({ mark, symbol: null, value });
const PLATE: PlateControl = {
  ...{ kind: 'plate', id: 'aperture', label: 'plate', acts: 'aperture' },
  marks: [at('8', 8), at('11', Math.sqrt(128)), at('16', 16)]
};

describe('a sliding plate', () => {
  test('clicks at its marks and half the way in stops between them', () => {
    const positions = positionsOf(PLATE);
    expect(positions.map((p) => p.mark)).toEqual(['8', '8–11', '11', '11–16', '16']);
    const stops = positions.map((p) => 2 * Math.log2(p.value));
    expect(stops.map((s) => s - (stops[0] ?? 0)).map((s) => Number(s.toFixed(9)))).toEqual([
      0, 0.5, 1, 1.5, 2
    ]);
    expect(positionCount(PLATE)).toBe(5);
    expect(plate.values(PLATE)).toHaveLength(5);
  });

  test('is drawn with a place for every click and smaller holes for larger f-numbers', () => {
    const drawing = plateDrawing(PLATE.marks);
    if (drawing.drawn !== 'figure') throw new Error('no figure');
    expect(drawing.places).toHaveLength(5);
    const radii = drawing.strokes.flatMap((s) => ('circle' in s ? [s.circle[2]] : []));
    expect(radii).toEqual([...radii].sort((a, b) => b - a));
    expect(new Set(radii).size).toBe(3);
    // as wide as the hole is against the widest
    expect(radii).toEqual([13, (13 * 8) / Math.sqrt(128), 6.5]);
    const holes = drawing.strokes.flatMap((s) => ('circle' in s ? [s] : []));
    expect(holes.map((s) => s.circle[0])).toEqual([0, 2, 4].map((click) => drawing.places[click]?.x));
    // even steps, marks under the plate, all within the drawing and as far from both its edges
    const xs = drawing.places.map((p) => p.x);
    const [first = 0, second = 0] = xs;
    xs.forEach((x, i) => expect(x).toBe(first + i * (second - first)));
    expect(second - first).toBeGreaterThanOrEqual(44);
    expect(first).toBe(drawing.width - (xs.at(-1) ?? 0));
    expect(new Set(drawing.places.map((p) => p.y)).size).toBe(1);
    for (const { circle } of holes) {
      expect(circle[1] - circle[2]).toBeGreaterThan(0);
      expect(circle[1] + circle[2]).toBeLessThan(drawing.places[0]?.y ?? 0);
    }
    expect(drawing.height).toBeGreaterThan((drawing.places[0]?.y ?? 0) + 12);
    const paths = drawing.strokes.flatMap((s) => ('path' in s ? [s.path] : []));
    // the body first, then a notch at every click on its lower edge
    const [, right = 0, depth = 0] = /^M2 6H(\d+)v(\d+)H2z$/.exec(paths[0] ?? '')?.map(Number) ?? [];
    expect(right).toBe(drawing.width - 2);
    expect(paths.slice(1)).toEqual(xs.map((x) => `M${x} ${6 + depth}v-6`));
    expect(holes[0]?.circle[1]).toBe(6 + depth / 2);
  });

  test('a hole too small to be seen is drawn as a dot', () => {
    const drawing = plateDrawing([at('4', 4), at('90', 90)]);
    const radii =
      drawing.drawn === 'figure' ? drawing.strokes.flatMap((s) => ('circle' in s ? s.circle[2] : [])) : [];
    expect(radii).toEqual([13, 2]);
  });
});
