// The kinds of programs there are: who sets the exposure. A further kind is its folder and one line here.
import type { InferType } from 'yup';
import { automaticAperture, type AutomaticApertureProgram } from './automatic-aperture/program.ts';
import { automaticApertureShape } from './automatic-aperture/schema.ts';
import { automaticTime, type AutomaticTimeProgram } from './automatic-time/program.ts';
import { automaticTimeShape } from './automatic-time/schema.ts';
import { manual, type ManualProgram } from './manual/program.ts';
import { manualShape } from './manual/schema.ts';
import { stored } from './parts.ts';
import { line, type LineProgram } from './program/program.ts';
import { lineShape } from './program/schema.ts';
import type { ProgramKind } from './program-kind.ts';

/** Every kind by its name, in the order in which they are offered. */
export const PROGRAM_KINDS = {
  manual: stored(manual, manualShape, (body): ManualProgram => body),
  'automatic-time': stored(automaticTime, automaticTimeShape, (body): AutomaticTimeProgram => body),
  program: stored(line, lineShape, (body): LineProgram => body),
  'automatic-aperture': stored(
    automaticAperture,
    automaticApertureShape,
    (body): AutomaticApertureProgram => body
  )
} as const;

/** The name of a kind of program. */
export type ProgramKindName = keyof typeof PROGRAM_KINDS;
/** Who sets the exposure. */
export type Program = ReturnType<(typeof PROGRAM_KINDS)[ProgramKindName]['from']>;
/** A program as it is stored. */
export type ProgramBody = InferType<(typeof PROGRAM_KINDS)[ProgramKindName]['schema']>;

/** The names of all kinds. */
export const PROGRAM_KIND_NAMES: readonly ProgramKindName[] = Object.keys(PROGRAM_KINDS).flatMap((name) =>
  isProgramKindName(name) ? [name] : []
);

/** Whether there is such a kind. */
export function isProgramKindName(name: unknown): name is ProgramKindName {
  return typeof name === 'string' && Object.hasOwn(PROGRAM_KINDS, name);
}

/** What the kind of a program can do. */
export function kindOfProgram({ kind }: { readonly kind: ProgramKindName }): ProgramKind<Program> {
  return PROGRAM_KINDS[kind];
}
