// How a camera of this kind is told on a sheet.
import { formatFNumberDigits, parseFNumber } from '../../../units/aperture.ts';
import { eyeTexts, readEye } from '../eye.ts';
import { automaticApertureEntries } from './entries.ts';
import type { ProgramSheet } from '../program-kind.ts';
import type { AutomaticApertureProgram } from './program.ts';

/** @see AutomaticApertureProgram */
export const automaticApertureSheet: ProgramSheet<AutomaticApertureProgram> = {
  entries: automaticApertureEntries,
  fields: ['widest', 'smallest'],
  read: (ask) => ({
    kind: 'automatic-aperture',
    widestFNumber: ask.quantity('widest', parseFNumber),
    smallestFNumber: ask.quantity('smallest', parseFNumber),
    eye: readEye(ask)
  }),
  write: ({ eye, widestFNumber, smallestFNumber }) => ({
    ...eyeTexts(eye),
    needle: 'needle',
    ...{ widest: formatFNumberDigits(widestFNumber), smallest: formatFNumberDigits(smallestFNumber) }
  }),
  entryOf: () => 'needle'
};
