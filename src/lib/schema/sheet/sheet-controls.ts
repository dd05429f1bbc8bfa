// The controls of a sheet: each text is read by the kind of control that it describes.
import { positionCount, setsOf, type Camera } from '#core/camera/camera.ts';
import { formOfControl } from '#core/camera/kinds/control-forms.ts';
import type { ControlAsk } from '#core/camera/kinds/control-kind.ts';
import {
  CONTROL_KIND_NAMES,
  isControlKindName,
  kindOfControl,
  type Control,
  type ControlKindName
} from '#core/camera/kinds/controls.ts';
import type { Program } from '#core/camera/kinds/programs.ts';
import { FIELD_OF } from '#core/camera/kinds/sheet-texts.ts';
import type { ControlActs, Position } from '#core/camera/position.ts';
import type { SheetReader } from './sheet-reader.ts';

/** The field in which its owner says what kind of control acts on something; '' or left out = by its texts. */
export function kindFieldOf(acts: ControlActs): string {
  return `${FIELD_OF[acts]}By`;
}

/** The kinds that are said by name for what a control acts on. @param sets whether the camera sets it by itself */
export function namedKinds(acts: ControlActs, sets: boolean): readonly ControlKindName[] {
  return CONTROL_KIND_NAMES.filter((name) => {
    const kind = kindOfControl({ kind: name });
    const { byName } = formOfControl({ kind: name }).sheet;
    return byName && kind.acts.includes(acts) && (kind.overrides ?? false) === sets;
  });
}

/** The controls in the order in which they are set. */
export function readControls(
  r: SheetReader,
  has: string,
  program: Program,
  before: Camera | null
): readonly Control[] {
  const sets = setsOf({ program });
  const dial = r.text('dial') === '' ? null : controlOf(r, has, 'dial', null, before);
  const own = (acts: ControlActs): Control | null => controlOf(r, has, acts, dial, before);
  return [
    dial,
    sets.aperture && !takesOver(r, 'aperture') ? null : own('aperture'),
    sets.time && !takesOver(r, 'time') ? null : own('time'),
    r.text('lighten') === '' ? null : own('compensation'),
    r.text('focus') === '' ? null : own('focus'),
    r.text('lenses') === '' ? null : own('lens')
  ].flatMap((c) => c ?? []);
}

/** Whether a control is said that takes over what the camera sets. */
function takesOver(r: SheetReader, acts: ControlActs): boolean {
  const said = r.text(kindFieldOf(acts));
  return isControlKindName(said) && kindOfControl({ kind: said }).overrides === true;
}

function controlOf(
  r: SheetReader,
  has: string,
  acts: ControlActs,
  dial: Control | null,
  before: Camera | null
): Control | null {
  let positions: readonly Position[] | null = null;
  const field = FIELD_OF[acts];
  const ask: ControlAsk = {
    text: (name) => r.text(name),
    fault: (name, message) => r.fault(name, message),
    quantity: (name, parse) => r.quantity(name, parse),
    number: (name, rule) => r.number(name, rule),
    value: (name, read) => r.value(name, read),
    marks: (what, name, text) => r.marks(what, name, text),
    ...{ acts, has, before: before?.controls.find((c) => c.acts === acts) ?? null },
    dial: dial && { id: dial.id, count: positionCount(dial) },
    positions: () => (positions ??= r.marks(acts, field, r.text(field)))
  };
  const said = r.text(kindFieldOf(acts));
  const name =
    isControlKindName(said) && [...namedKinds(acts, false), ...namedKinds(acts, true)].includes(said)
      ? said
      : CONTROL_KIND_NAMES.find((kind) => {
          const { sheet } = formOfControl({ kind });
          const { acts: can } = kindOfControl({ kind });
          return !sheet.byName && can.includes(acts) && sheet.recognises(ask);
        });
  return name ? formOfControl({ kind: name }).sheet.read(ask) : null;
}
