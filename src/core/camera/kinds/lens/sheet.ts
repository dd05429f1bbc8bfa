// How the lenses of a camera are told on a sheet: its own by its focal length, the others in a row.
import { parseDecimal, formatDecimal } from '../../../units/decimal.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { Lens, LensControl } from './control.ts';

/** "35 f/4–22 (red frame)": the focal length, between which openings it can be set, and which frame of the finder is its own. */
const LENS =
  /^(\d+(?:[.,]\d+)?)\s*(?:mm)?(?:\s+[fƒ]?\s*\/?\s*(\d+(?:[.,]\d+)?)\s*[-–]\s*(\d+(?:[.,]\d+)?))?(?:\s*\(([^()]{1,40})\))?$/iu;

const markOf = (focalMm: number): string => `${formatDecimal(focalMm, 1)} mm`;
const numberOf = (text = ''): number => parseDecimal(text) ?? NaN;

/** A lens as it is written; null when it is none. */
function lensOf(text: string): Lens | null {
  const match = LENS.exec(text.trim());
  if (!match) return null;
  const focalMm = numberOf(match[1]);
  const opens = match[2] === undefined ? null : { widest: numberOf(match[2]), smallest: numberOf(match[3]) };
  if (!(focalMm >= 1 && focalMm <= 2000) || (opens && opens.widest > opens.smallest)) return null;
  const finderFrame = match[4]?.trim() ?? '';
  return { mark: markOf(focalMm), focalMm, opens, ...(finderFrame === '' ? {} : { finderFrame }) };
}

/** @see LensControl */
export const lensSheet: ControlSheet<LensControl> = {
  byName: false,
  recognises: (ask) => ask.acts === 'lens',
  read(ask) {
    const own = numberOf(ask.text('focal'));
    const written = ask
      .text('lenses')
      .split(/,\s+|,$|;/)
      .filter((t) => t.trim() !== '')
      .flatMap((text) => {
        const read = lensOf(text);
        if (!read)
          ask.fault(
            'lenses',
            `“${text.trim()}” is no lens. Write it as 35, 35 f/4–22 or 35 f/4–22 (red frame), millimetres first.`
          );
        return read ?? [];
      });
    const marks = written.map((l) => l.mark);
    const twice = marks.find((mark, i) => marks.indexOf(mark) !== i);
    if (twice !== undefined) ask.fault('lenses', `There are two lenses of ${twice}. Write each once.`);
    // its own may stand among them, with its openings or its frame
    const mine = written.find((l) => l.mark === markOf(own));
    const others = written.filter((l) => l !== mine);
    if (mine && others.length === 0)
      ask.fault(
        'lenses',
        `${markOf(own)} is its own lens. Write the others that fit it too, or leave it empty.`
      );
    if (others.length === 0 || !Number.isFinite(own)) return null;
    const { id = 'lens', label = 'lens' } = ask.before ?? {};
    return {
      ...{ kind: 'lens', id, label, acts: 'lens' },
      lenses: [mine ?? { mark: markOf(own), focalMm: own, opens: null }, ...others]
    };
  },
  write: ({ lenses }) => ({
    lenses: lenses
      .filter((l, i) => i > 0 || l.opens !== null || l.finderFrame !== undefined)
      .map(({ focalMm, opens, finderFrame }) => {
        const range = opens && ` f/${formatDecimal(opens.widest, 2)}–${formatDecimal(opens.smallest, 2)}`;
        const frame = finderFrame === undefined ? '' : ` (${finderFrame})`;
        return `${formatDecimal(focalMm, 1)}${range ?? ''}${frame}`;
      })
      .join(', ')
  })
};
