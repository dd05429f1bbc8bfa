// How the lenses of a camera are told on a sheet: its own by its focal length, the others in a row.
import { parseDecimal, formatDecimal } from '../../../units/decimal.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { Lens, LensControl } from './control.ts';

/** "35 f/4–22": the focal length, and between which openings it can be set. */
const LENS =
  /^(\d+(?:[.,]\d+)?)\s*(?:mm)?(?:\s+[fƒ]?\s*\/?\s*(\d+(?:[.,]\d+)?)\s*[-–]\s*(\d+(?:[.,]\d+)?))?$/iu;

const markOf = (focalMm: number): string => `${formatDecimal(focalMm, 1)} mm`;
const numberOf = (text = ''): number => parseDecimal(text) ?? NaN;

/** A lens as it is written; null when it is none. */
function lensOf(text: string): Lens | null {
  const match = LENS.exec(text.trim());
  if (!match) return null;
  const focalMm = numberOf(match[1]);
  const opens = match[2] === undefined ? null : { widest: numberOf(match[2]), smallest: numberOf(match[3]) };
  if (!(focalMm >= 1 && focalMm <= 2000) || (opens && opens.widest > opens.smallest)) return null;
  return { mark: markOf(focalMm), focalMm, opens };
}

/** @see LensControl */
export const lensSheet: ControlSheet<LensControl> = {
  byName: false,
  recognises: (ask) => ask.acts === 'lens',
  read(ask) {
    const own = numberOf(ask.text('focal'));
    const others = ask
      .text('lenses')
      .split(/,\s+|,$|;/)
      .filter((t) => t.trim() !== '')
      .flatMap((text) => {
        const read = lensOf(text);
        if (!read)
          ask.fault('lenses', `“${text.trim()}” is no lens. Write it as 35 or 35 f/4–22, millimetres first.`);
        return read ?? [];
      });
    const marks = others.map((l) => l.mark);
    const twice = marks.find((mark, i) => mark === markOf(own) || marks.indexOf(mark) !== i);
    if (twice !== undefined) ask.fault('lenses', `There are two lenses of ${twice}. Write each once.`);
    if (others.length === 0 || !Number.isFinite(own)) return null;
    const { id = 'lens', label = 'lens' } = ask.before ?? {};
    return {
      ...{ kind: 'lens', id, label, acts: 'lens' },
      lenses: [{ mark: markOf(own), focalMm: own, opens: null }, ...others]
    };
  },
  write: ({ lenses }) => ({
    lenses: lenses
      .slice(1)
      .map(({ focalMm, opens }) => {
        const range = opens && ` f/${formatDecimal(opens.widest, 2)}–${formatDecimal(opens.smallest, 2)}`;
        return `${formatDecimal(focalMm, 1)}${range ?? ''}`;
      })
      .join(', ')
  })
};
