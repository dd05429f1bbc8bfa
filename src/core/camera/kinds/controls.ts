// The kinds of controls there are: what they do. A further kind is its folder, one line here and one in control-forms.ts, which the
// compiler asks for. What is needed to store a control or to fill in its sheet stands apart: the page that shoots loads none of it.
import { blades } from './blades/control.ts';
import { clicked } from './clicked/control.ts';
import { fixed } from './fixed/control.ts';
import { geared } from './geared/control.ts';
import { heldOpen } from './held-open/control.ts';
import { lens } from './lens/control.ts';
import { linked } from './linked/control.ts';
import { marked } from './marked/control.ts';
import { override } from './override/control.ts';
import { plate } from './plate/control.ts';
import type { ControlKind } from './control-kind.ts';

/** Every kind by its name, in the order in which a sheet's texts are tried on them. */
export const CONTROL_KINDS = {
  linked,
  geared,
  fixed,
  marked,
  clicked,
  plate,
  blades,
  override,
  'held-open': heldOpen,
  lens
} as const;

/** The name of a kind of control. */
export type ControlKindName = keyof typeof CONTROL_KINDS;
/** A control of the camera. */
export type Control = NonNullable<(typeof CONTROL_KINDS)[ControlKindName]['of']>;

/**
 * Whether there is such a kind.
 * @param name from outside
 * @returns narrows the type
 */
export function isControlKindName(name: unknown): name is ControlKindName {
  return typeof name === 'string' && Object.hasOwn(CONTROL_KINDS, name);
}

/** The names of all kinds. */
export const CONTROL_KIND_NAMES: readonly ControlKindName[] =
  Object.keys(CONTROL_KINDS).filter(isControlKindName);

/**
 * What the kind of a control can do.
 * @returns what it can be asked, whatever it is called
 */
export function kindOfControl({ kind }: { readonly kind: ControlKindName }): ControlKind<Control> {
  return CONTROL_KINDS[kind];
}
