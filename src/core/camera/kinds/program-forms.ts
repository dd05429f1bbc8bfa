// How each kind of program is stored, and told on a sheet.
import type { InferType } from 'yup';
import type { AutomaticApertureProgram } from './automatic-aperture/program.ts';
import { automaticApertureShape } from './automatic-aperture/schema.ts';
import { automaticApertureSheet } from './automatic-aperture/sheet.ts';
import type { AutomaticTimeProgram } from './automatic-time/program.ts';
import { automaticTimeShape } from './automatic-time/schema.ts';
import { automaticTimeSheet } from './automatic-time/sheet.ts';
import type { ManualProgram } from './manual/program.ts';
import { manualShape } from './manual/schema.ts';
import { manualSheet } from './manual/sheet.ts';
import type { LineProgram } from './program/program.ts';
import { lineShape } from './program/schema.ts';
import { lineSheet } from './program/sheet.ts';
import { form } from './parts.ts';
import type { ProgramSheet } from './program-kind.ts';
import type { Program, ProgramKindName } from './programs.ts';

/** Every kind's form by its name. */
export const PROGRAM_FORMS = {
  manual: form(manualSheet, manualShape, (body): ManualProgram => body),
  'automatic-time': form(automaticTimeSheet, automaticTimeShape, (body): AutomaticTimeProgram => body),
  program: form(lineSheet, lineShape, (body): LineProgram => body),
  'automatic-aperture': form(
    automaticApertureSheet,
    automaticApertureShape,
    (body): AutomaticApertureProgram => body
  )
} as const satisfies Readonly<Record<ProgramKindName, object>>;

/** A program as it is stored. */
export type ProgramBody = InferType<(typeof PROGRAM_FORMS)[ProgramKindName]['schema']>;

/**
 * The sheet of a kind.
 * @returns its fields, how they are read and written
 */
export function sheetOfProgram({ kind }: { readonly kind: ProgramKindName }): ProgramSheet<Program> {
  return PROGRAM_FORMS[kind].sheet;
}
