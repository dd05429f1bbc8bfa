// Marks that could mean two things: told beside the field, with the other reading one press away.
import { splitMarks } from '#core/camera/marks.ts';
import { MARKED_SPEEDS } from '#core/units/film-speed.ts';
import type { Sheet } from '#core/camera/kinds/sheet-texts.ts';

/** A doubt about a text. */
export interface Doubt {
  readonly field: string;
  readonly words: string;
  /** What the field would say for the other reading; null = there is nothing to swap, it is to be measured. */
  readonly instead: string | null;
}

/** Bare numbers from here on are only ever fractions: nobody's shutter holds whole minutes. */
const SURELY_FRACTION = 60;
/** Largest number that film speeds in degrees reach. */
const MOST_DEGREES = 42;

/** What could be meant differently. */
export function doubtsOf(sheet: Sheet): readonly Doubt[] {
  return [...timeDoubts(sheet['time'] ?? ''), ...dialDoubts(sheet['dial'] ?? '')];
}

/** A set of marks with no fast time among them: 8 4 2 may be fractions or whole seconds. */
function timeDoubts(text: string): readonly Doubt[] {
  const parts = text.split('|');
  const doubtful = parts.map((part) => {
    const marks = splitMarks(part.slice(part.indexOf(':') + 1));
    const bare = marks.filter((m) => /^\d+$/.test(m) && Number(m) >= 2);
    return bare.length > 0 &&
      bare.every((m) => Number(m) < SURELY_FRACTION) &&
      !marks.some((m) => /^1\/\d{2,}/.test(m))
      ? bare
      : [];
  });
  const bare = doubtful.flat();
  if (bare.length === 0) return [];
  const instead = parts
    .map((part, i) => (doubtful[i]?.length ? part.replace(/(?<![\d./:])(\d+)(?![\d./s:])/g, '$1s') : part))
    .join('|');
  const list = bare.join(', ');
  return [
    {
      field: 'time',
      words: `${list} ${bare.length > 1 ? 'are' : 'is'} taken as fractions of a second (1/${bare[0] ?? ''} s), as on most dials. Do they stand for whole seconds? Open the shutter and listen.`,
      instead
    }
  ];
}

/** A dial that may count in degrees or in units that are no longer used. */
function dialDoubts(text: string): readonly Doubt[] {
  const marks = splitMarks(text).filter((m) => /^\d+([.,]\d+)?$/.test(m));
  if (marks.length === 0) return [];
  const numbers = marks.map((m) => Number(m.replace(',', '.')));
  if (numbers.length > 1 && numbers.every((n) => n >= 9 && n <= MOST_DEGREES)) {
    return [
      {
        field: 'dial',
        words: 'These may be degrees, not ISO numbers: 21° is ISO 100.',
        instead: marks.map((m) => `${m}°`).join(' ')
      }
    ];
  }
  const odd = marks.filter((_, i) => !MARKED_SPEEDS.some((s) => s === numbers[i]));
  if (odd.length === 0) return [];
  return [
    {
      field: 'dial',
      words: `${odd.join(', ')} ${odd.length > 1 ? 'are' : 'is'} no mark of today’s ISO scale. It is taken as printed; old dials in other units can be off by a stop. Three frames in a row at darken, middle and lighten tell.`,
      instead: null
    }
  ];
}
