// The kinds of programs there are: who sets the exposure. A further kind is its folder, one line here and one in program-forms.ts,
// which the compiler asks for.
import { automaticAperture } from './automatic-aperture/program.ts';
import { automaticTime } from './automatic-time/program.ts';
import { manual } from './manual/program.ts';
import { line } from './program/program.ts';
import type { ProgramKind } from './program-kind.ts';

/** Every kind by its name, in the order in which they are offered. */
export const PROGRAM_KINDS = {
  manual,
  'automatic-time': automaticTime,
  program: line,
  'automatic-aperture': automaticAperture
} as const;

/** The name of a kind of program. */
export type ProgramKindName = keyof typeof PROGRAM_KINDS;
/** Who sets the exposure. */
export type Program = NonNullable<(typeof PROGRAM_KINDS)[ProgramKindName]['of']>;

/**
 * Whether there is such a kind.
 * @param name from outside
 * @returns narrows the type
 */
export function isProgramKindName(name: unknown): name is ProgramKindName {
  return typeof name === 'string' && Object.hasOwn(PROGRAM_KINDS, name);
}

/** The names of all kinds. */
export const PROGRAM_KIND_NAMES: readonly ProgramKindName[] =
  Object.keys(PROGRAM_KINDS).filter(isProgramKindName);

/**
 * What the kind of a program can do.
 * @returns what it can be asked, whatever it is called
 */
export function kindOfProgram({ kind }: { readonly kind: ProgramKindName }): ProgramKind<Program> {
  return PROGRAM_KINDS[kind];
}
