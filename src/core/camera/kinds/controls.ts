// The kinds of controls there are. A further kind is its folder and one line here.
import type { InferType } from 'yup';
import { blades } from './blades/control.ts';
import { bladesFrom, bladesShape } from './blades/schema.ts';
import type { ControlKind } from './control-kind.ts';
import { fixed } from './fixed/control.ts';
import { fixedFrom, fixedShape } from './fixed/schema.ts';
import { geared } from './geared/control.ts';
import { gearedFrom, gearedShape } from './geared/schema.ts';
import { heldOpen } from './held-open/control.ts';
import { heldOpenFrom, heldOpenShape } from './held-open/schema.ts';
import { linked } from './linked/control.ts';
import { linkedFrom, linkedShape } from './linked/schema.ts';
import { marked } from './marked/control.ts';
import { markedFrom, markedShape } from './marked/schema.ts';
import { override } from './override/control.ts';
import { overrideFrom, overrideShape } from './override/schema.ts';
import { stored } from './parts.ts';
import { plate } from './plate/control.ts';
import { plateFrom, plateShape } from './plate/schema.ts';

/** Every kind by its name, in the order in which a sheet's texts are tried on them. */
export const CONTROL_KINDS = {
  linked: stored(linked, linkedShape, linkedFrom),
  geared: stored(geared, gearedShape, gearedFrom),
  fixed: stored(fixed, fixedShape, fixedFrom),
  marked: stored(marked, markedShape, markedFrom),
  plate: stored(plate, plateShape, plateFrom),
  blades: stored(blades, bladesShape, bladesFrom),
  override: stored(override, overrideShape, overrideFrom),
  'held-open': stored(heldOpen, heldOpenShape, heldOpenFrom)
} as const;

/** The name of a kind of control. */
export type ControlKindName = keyof typeof CONTROL_KINDS;
/** A control of the camera. */
export type Control = ReturnType<(typeof CONTROL_KINDS)[ControlKindName]['from']>;
/** A control as it is stored. */
export type ControlBody = InferType<(typeof CONTROL_KINDS)[ControlKindName]['schema']>;

/** What a kind can do, for any control of that kind. */
export type AnyControlKind = ControlKind<Control> & { from(body: ControlBody): Control };

/** The names of all kinds. */
export const CONTROL_KIND_NAMES: readonly ControlKindName[] = Object.keys(CONTROL_KINDS).flatMap((name) =>
  isControlKindName(name) ? [name] : []
);

/** Whether there is such a kind. */
export function isControlKindName(name: unknown): name is ControlKindName {
  return typeof name === 'string' && Object.hasOwn(CONTROL_KINDS, name);
}

/** What the kind of a control can do. */
export function kindOfControl({ kind }: { readonly kind: ControlKindName }): AnyControlKind {
  return CONTROL_KINDS[kind];
}
