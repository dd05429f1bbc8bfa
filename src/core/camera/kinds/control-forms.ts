// How each kind of control is stored, and told on a sheet.
import type { InferType } from 'yup';
import { bladesFrom, bladesShape } from './blades/schema.ts';
import { bladesSheet } from './blades/sheet.ts';
import { clickedFrom, clickedShape } from './clicked/schema.ts';
import { clickedSheet } from './clicked/sheet.ts';
import { fixedFrom, fixedShape } from './fixed/schema.ts';
import { fixedSheet } from './fixed/sheet.ts';
import { gearedFrom, gearedShape } from './geared/schema.ts';
import { gearedSheet } from './geared/sheet.ts';
import { heldOpenFrom, heldOpenShape } from './held-open/schema.ts';
import { heldOpenSheet } from './held-open/sheet.ts';
import { lensFrom, lensShape } from './lens/schema.ts';
import { lensSheet } from './lens/sheet.ts';
import { linkedFrom, linkedShape } from './linked/schema.ts';
import { linkedSheet } from './linked/sheet.ts';
import { markedFrom, markedShape } from './marked/schema.ts';
import { markedSheet } from './marked/sheet.ts';
import { overrideFrom, overrideShape } from './override/schema.ts';
import { overrideSheet } from './override/sheet.ts';
import { plateFrom, plateShape } from './plate/schema.ts';
import { plateSheet } from './plate/sheet.ts';
import type { ControlSheet } from './control-kind.ts';
import type { Control, ControlKindName } from './controls.ts';
import { form } from './parts.ts';

/** Every kind's form by its name. */
export const CONTROL_FORMS = {
  linked: form(linkedSheet, linkedShape, linkedFrom),
  geared: form(gearedSheet, gearedShape, gearedFrom),
  fixed: form(fixedSheet, fixedShape, fixedFrom),
  marked: form(markedSheet, markedShape, markedFrom),
  clicked: form(clickedSheet, clickedShape, clickedFrom),
  plate: form(plateSheet, plateShape, plateFrom),
  blades: form(bladesSheet, bladesShape, bladesFrom),
  override: form(overrideSheet, overrideShape, overrideFrom),
  'held-open': form(heldOpenSheet, heldOpenShape, heldOpenFrom),
  lens: form(lensSheet, lensShape, lensFrom)
} as const satisfies Readonly<Record<ControlKindName, object>>;

/** A control as it is stored. */
export type ControlBody = InferType<(typeof CONTROL_FORMS)[ControlKindName]['schema']>;

/** What a form can do, for any control of its kind. */
export interface AnyControlForm {
  readonly sheet: ControlSheet<Control>;
  from(body: ControlBody): Control;
}

/**
 * The form of a kind.
 * @returns its sheet, its stored form and how a checked body becomes a control
 */
export function formOfControl({ kind }: { readonly kind: ControlKindName }): AnyControlForm {
  return CONTROL_FORMS[kind];
}
