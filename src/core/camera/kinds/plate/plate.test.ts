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
  });
});
