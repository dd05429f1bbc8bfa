// Cameras for moving pictures: a spring motor, and either the hand or a needle on the opening.
import type { ProgramKindName } from '../programs.ts';
import type { SheetEntry } from '../program-kind.ts';
import type { SheetAsk } from '../sheet-texts.ts';

/** A cine camera. */
export const cineEntry: SheetEntry = {
  name: 'cine',
  typical: {
    ...{ name: 'My cine camera', formats: 'cine-8', focal: '12', aperture: '1.9 2.8 4 5.6 8 11 16' },
    ...{ time: '1/33', moves: 'cine', pictures: '16', widest: '1.9', smallest: '16', believes: '25' },
    condition: 'old'
  },
  first: ['needle', 'aperture', 'time', 'pictures'],
  film: ['reversal', '40', '30'],
  figure: [
    { path: 'M44 18h62v66H44zM106 30h20v34h-20' },
    { circle: [116, 47, 6] },
    { circle: [72, 50, 18] },
    { path: 'M72 50l14-10M72 50v18' },
    { circle: [88, 39, 5], tone: 'knob' },
    { path: 'M52 18v-8h20v8' }
  ]
};

/**
 * Who sets the opening of a cine camera, by its sheet.
 * @param ask reads a field of the sheet
 * @returns the eye, where the sheet says so; else the hand
 */
export function cineProgram(ask: Pick<SheetAsk, 'text'>): ProgramKindName {
  return ask.text('needle') === 'needle' ? 'automatic-aperture' : 'manual';
}
