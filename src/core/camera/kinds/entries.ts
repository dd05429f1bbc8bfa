// The cameras that a sheet can be begun with, each belonging to the program that it has.
import type { Camera } from '../camera.ts';
import { cineEntry, cineProgram } from './cine/entries.ts';
import type { SheetEntry } from './program-kind.ts';
import { PROGRAM_FORMS, sheetOfProgram } from './program-forms.ts';
import { PROGRAM_KIND_NAMES, type ProgramKindName } from './programs.ts';
import type { SheetAsk } from './sheet-texts.ts';

/** Every one, in the order in which they are offered. */
export const SHEET_ENTRIES: readonly SheetEntry[] = [
  ...PROGRAM_KIND_NAMES.flatMap((name) => PROGRAM_FORMS[name].sheet.entries),
  cineEntry
];

/**
 * The program of a sheet; a name that no entry has counts as set by hand.
 * @param has the entry that was chosen @param ask reads a field of the sheet
 * @returns a name of the registry
 */
export function programKindOf(has: string, ask: Pick<SheetAsk, 'text'>): ProgramKindName {
  if (has === cineEntry.name) return cineProgram(ask);
  const own = PROGRAM_KIND_NAMES.find((name) =>
    PROGRAM_FORMS[name].sheet.entries.some((e) => e.name === has)
  );
  return own ?? 'manual';
}

/**
 * The entry that has room for a camera.
 * @returns the name of the entry on the sheet
 */
export function entryOf({ transport, program, controls }: Camera): string {
  if (transport.kind === 'cine') return cineEntry.name;
  return sheetOfProgram(program).entryOf(program, controls);
}
