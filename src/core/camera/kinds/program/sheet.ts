// How a camera of this kind is told on a sheet.
import { parseFNumber } from '../../../units/aperture.ts';
import { formatDecimal } from '../../../units/decimal.ts';
import { eyeTexts, readEye } from '../eye.ts';
import type { ProgramPoint } from '../program-kind.ts';
import { parseSeconds, secondsText, type SheetAsk } from '../sheet-texts.ts';
import { lineEntries } from './entries.ts';
import type { ProgramSheet } from '../program-kind.ts';
import type { LineProgram } from './program.ts';

/** @see LineProgram */
export const lineSheet: ProgramSheet<LineProgram> = {
  entries: lineEntries,
  fields: ['line'],
  read: (ask) => ({ kind: 'program', points: readLine(ask), eye: readEye(ask) }),
  write: ({ eye, points }) => ({
    ...eyeTexts(eye),
    line: points.map((p) => `${formatDecimal(p.fNumber, 3)} at ${secondsText(p.seconds)}`).join(', ')
  }),
  entryOf: () => 'line'
};

/** Points such as "2.8 at 1s, 2.8 at 1/40, 16 at 1/400", in the order of more light. */
function readLine(ask: SheetAsk): readonly ProgramPoint[] {
  return ask
    .text('line')
    .split(/,\s+|;/)
    .map((text) => {
      const [aperture = '', time = ''] = text.split(/\bat\b|\s@\s?/);
      const [fNumber, seconds] = [parseFNumber(aperture), parseSeconds(time)];
      if (fNumber.ok && seconds.ok) return { fNumber: fNumber.value, seconds: seconds.value };
      ask.fault(
        'line',
        `“${text.trim()}” is no point of a program. Write points as 2.8 at 1s, 2.8 at 1/40, 16 at 1/400.`
      );
      return { fNumber: NaN, seconds: NaN };
    });
}
