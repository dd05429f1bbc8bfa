// What was measured, stored with the camera: the marks stay as they are engraved, what they give is what was found.
import type { Camera } from '../camera/camera.ts';
import type { Control } from '../camera/kinds/controls.ts';
import type { ControlActs, Position } from '../camera/position.ts';

/**
 * The marks of a control whose values can be measured one by one, in order; none for what the camera sets by itself or counts.
 * @param acts what the control sets
 * @returns marks with the values they have now
 */
export function measurable(camera: Camera, acts: ControlActs): readonly Position[] {
  const control = camera.controls.find((c) => c.acts === acts);
  return control ? marksOf(control).filter((p) => p.byHand !== true) : [];
}

/** Marks of a control, gear after gear. */
function marksOf(control: Control): readonly Position[] {
  switch (control.kind) {
    case 'fixed':
      return [control.position];
    case 'marked':
      return control.positions;
    case 'clicked':
    case 'plate':
    case 'override':
      return control.marks;
    case 'geared':
      return control.gears.flatMap((g) => g.positions);
    case 'blades':
    case 'held-open':
    case 'lens':
    case 'linked':
      return [];
  }
}

/**
 * The camera with values that were measured.
 * @param values by place among {@link measurable}; what is left out stays
 */
export function withMeasured(camera: Camera, acts: ControlActs, values: ReadonlyMap<number, number>): Camera {
  let at = -1;
  const put = (p: Position): Position => {
    if (p.byHand === true) return p;
    at += 1;
    const value = values.get(at);
    return value === undefined ? p : { ...p, value };
  };
  const changed = (control: Control): Control => {
    switch (control.kind) {
      case 'fixed':
        return { ...control, position: put(control.position) };
      case 'marked':
        return { ...control, positions: control.positions.map(put) };
      case 'clicked':
      case 'plate':
      case 'override':
        return { ...control, marks: control.marks.map(put) };
      case 'geared':
        return { ...control, gears: control.gears.map((g) => ({ ...g, positions: g.positions.map(put) })) };
      case 'blades':
      case 'held-open':
      case 'lens':
      case 'linked':
        return control;
    }
  };
  // one control acts on a thing
  const first = camera.controls.findIndex((c) => c.acts === acts);
  return { ...camera, controls: camera.controls.map((c, i) => (i === first ? changed(c) : c)) };
}
