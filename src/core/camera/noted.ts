// What was set, by itself: for each control the mark that was chosen and the value it had then. Whatever becomes of the camera,
// this is what the border says.
import { positionsOf, setOf, type Camera } from './camera.ts';
import type { ControlActs, MarkSymbol } from './position.ts';
import { positionAt, type Choice } from './setting.ts';

/** Where one control stood. */
export interface NotedMark {
  /** The control's id and its name as they were. */
  readonly control: string;
  readonly label: string;
  readonly acts: ControlActs;
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  /** As {@link ControlActs} says: f-number, seconds, metres (Infinity = ∞), stops, film speed. */
  readonly value: number;
  /** The set of marks of a two-gear wheel; null on every other control. */
  readonly gear: string | null;
  /** Whether there was anything to choose: a control with one place is noted too, as its value counts. */
  readonly chosen: boolean;
  /** Whether a time was counted on B or T. */
  readonly byHand: boolean;
}

/**
 * What a choice means on a camera, control by control; null when the camera lacks one of its positions.
 * @param choice where the controls stand
 * @returns marks with their values, in the order of the controls
 */
export function notedMarks(camera: Camera, choice: Choice): readonly NotedMark[] | null {
  const noted: NotedMark[] = [];
  for (const control of camera.controls) {
    const position = positionAt(control, choice);
    if (!position) return null;
    noted.push({
      ...{ control: control.id, label: control.label, acts: control.acts },
      ...{ mark: position.mark, symbol: position.symbol, value: position.value },
      gear: setOf(control, choice[control.id] ?? 0),
      chosen: positionsOf(control).length > 1,
      byHand: position.byHand === true
    });
  }
  return noted;
}

/**
 * The places that carry the same marks on a camera as it is now: how the controls stand after its sheet was changed.
 * A mark that is not there any more, or stands there twice with other values, is left out.
 * @param noted from {@link notedMarks}, when the camera was as it was
 * @returns indices by control; those that are left out are not known
 */
export function choiceOfMarks(camera: Camera, noted: readonly NotedMark[]): Choice {
  const found: Record<string, number> = {};
  for (const control of camera.controls) {
    const was = noted.find((n) => n.control === control.id);
    if (!was) continue;
    const places = positionsOf(control, found).flatMap((p, i) =>
      p.mark === was.mark && setOf(control, i) === was.gear ? [{ i, value: p.value }] : []
    );
    const [first] = places;
    const exact = places.find((p) => p.value === was.value);
    const place = exact ?? (places.length === 1 ? first : undefined);
    if (place) found[control.id] = place.i;
  }
  return found;
}
