// How a camera of this kind is told on a sheet.
import { formOfControl } from '../control-forms.ts';
import { eyeTexts, readEye } from '../eye.ts';
import { parseSeconds, secondsText } from '../sheet-texts.ts';
import { automaticTimeEntries } from './entries.ts';
import type { ProgramSheet } from '../program-kind.ts';
import type { AutomaticTimeProgram } from './program.ts';

/** @see AutomaticTimeProgram */
export const automaticTimeSheet: ProgramSheet<AutomaticTimeProgram> = {
  entries: automaticTimeEntries,
  fields: ['shortest', 'longest', 'lowLight'],
  read: (ask) => ({
    kind: 'automatic-time',
    shortestSeconds: ask.quantity('shortest', parseSeconds),
    longestSeconds: ask.quantity('longest', parseSeconds),
    inLowLight: ask.text('lowLight') === 'locks' ? 'locks' : 'closes',
    eye: readEye(ask)
  }),
  write: ({ eye, shortestSeconds, longestSeconds, inLowLight }) => ({
    ...eyeTexts(eye),
    ...{
      shortest: secondsText(shortestSeconds),
      longest: secondsText(longestSeconds),
      lowLight: inLowLight
    }
  }),
  entryOf: (_, controls) =>
    controls.some((c) => 'scene' in formOfControl(c).sheet.write(c)) ? 'scene' : 'timed'
};
