// What is sharp from where to where, for every aperture and every place of the focus; and the other way round, which of them hold a
// stretch of distances.
import { positionsOf, type Camera } from '../camera/camera.ts';
import { controlFor, type Choice } from '../camera/setting.ts';
import { kindOfControl } from '../camera/kinds/controls.ts';
import { kindOfProgram } from '../camera/kinds/programs.ts';
import type { FrameFormat } from '../film/formats.ts';
import type { SharpRange } from './depth.ts';
import { sharpRangeOf, widestFNumber } from './focused.ts';

/** What is sharp at one place of the focus with one aperture. */
export interface SharpCell extends SharpRange {
  readonly fNumber: number;
}

/** A place of the focus. */
export interface SharpRow {
  /** As it is engraved; '' where the lens is fixed. */
  readonly mark: string;
  readonly choice: Choice;
  /** From the widest opening on. */
  readonly cells: readonly SharpCell[];
}

/** Openings that a camera can be told apart by, widest first: all that it has, or whole stops between what it sets by itself. */
function openingsOf(camera: Camera): readonly number[] {
  const aperture = controlFor(camera, 'aperture');
  if (aperture) return [...new Set(kindOfControl(aperture).values(aperture))].sort((a, b) => a - b);
  const widest = widestFNumber(camera);
  const { program } = camera;
  const smallest = kindOfProgram(program).smallest(program) ?? widest;
  const stops = Math.max(0, Math.floor(2 * Math.log2(smallest / widest) + 1e-6));
  return Array.from({ length: stops + 1 }, (_, i) => widest * 2 ** (i / 2));
}

/**
 * The table; rows as the focus marks are engraved.
 * @returns metres; a row for each mark, or one without a mark for a lens that cannot be focused
 */
export function sharpTable(camera: Camera, format: FrameFormat): readonly SharpRow[] {
  const focus = controlFor(camera, 'focus');
  const places = focus
    ? positionsOf(focus).map((p, i) => ({ mark: p.mark, choice: { [focus.id]: i } }))
    : [{ mark: '', choice: {} }];
  return places.map(({ mark, choice }) => ({
    ...{ mark, choice },
    cells: openingsOf(camera).map((fNumber) => ({
      fNumber,
      ...sharpRangeOf(camera, format, choice, fNumber)
    }))
  }));
}

/**
 * The mark and opening that hold a stretch of distances: of all that do, the widest opening.
 * @param fromM > 0 @param toM ≥ fromM, may be Infinity @returns null when none does
 */
export function holding(
  table: readonly SharpRow[],
  fromM: number,
  toM: number
): { readonly mark: string; readonly choice: Choice; readonly fNumber: number } | null {
  const found = table.flatMap(({ mark, choice, cells }) =>
    cells
      .filter(({ nearM, farM }) => nearM <= fromM * 1.001 && farM >= toM * 0.999)
      .map(({ fNumber }) => ({ mark, choice, fNumber }))
  );
  return found.reduce<(typeof found)[number] | null>(
    (best, way) => (best === null || way.fNumber < best.fNumber ? way : best),
    null
  );
}
