// What kinds whose positions are a list of marks share when a sheet is read.
import type { ControlActs, ControlShape, Position } from '../position.ts';

const LABELS: Readonly<Record<ControlActs, string>> = {
  aperture: 'aperture ring',
  time: 'speed wheel',
  focus: 'focus ring',
  compensation: 'lighten–darken',
  dial: 'speed dial',
  lens: 'lens'
};

/**
 * What a control is called until its owner says otherwise.
 * @param acts what it sets @param shape how it looks
 * @returns a word such as "aperture ring"
 */
export function keptLabel(acts: ControlActs, shape: ControlShape): string {
  return shape === 'lever' ? LABELS[acts].replace(/ring|wheel/, 'lever') : LABELS[acts];
}

/**
 * Whether positions have the values they had: what was not touched stays as it was, with marks that a list of words cannot hold.
 * @param before as stored @param now as read from the sheet
 * @returns true where marks and values agree, one by one
 */
export function untouched(before: readonly Position[], now: readonly Position[]): boolean {
  return (
    before.length === now.length &&
    before.every((p, i) => {
      const value = now[i]?.value ?? NaN;
      return p.value === value || Math.abs(p.value - value) < 1e-4 * Math.abs(p.value);
    })
  );
}

/**
 * Positions: one that reads as before is the old one; what is counted on B stays the list it was.
 * @param was as stored @param asRead the same, written and read again @param now from the sheet
 * @returns those of the sheet, with what it cannot say taken from before
 */
export function mergedPositions(
  was: readonly Position[],
  asRead: readonly Position[],
  now: readonly Position[]
): readonly Position[] {
  const byHand = was.filter((p) => p.byHand === true);
  const shown = (list: readonly Position[]): readonly Position[] => list.filter((p) => p.byHand !== true);
  const [old, read] = [shown(was), shown(asRead)];
  const alike = (a: Position, b: Position): boolean =>
    a.mark === b.mark && a.symbol === b.symbol && Object.is(a.value, b.value);
  const marks = shown(now).map((position) => {
    const at = old.length === read.length ? read.findIndex((p) => alike(p, position)) : -1;
    return old[at] ?? position;
  });
  const counted = now.filter((p) => p.byHand === true);
  return [...marks, ...(counted.length > 0 && byHand.length > 0 ? byHand : counted)];
}

/**
 * Parts such as "bright: 9 13 22 | dull: 9 9 9", named and listed.
 * @param text parted by "|", each a name, a colon and marks
 * @returns in order; empty for an empty text
 */
export function partsOf(text: string): readonly { readonly name: string; readonly marks: string }[] {
  return text
    .split(/\||\n/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const at = part.indexOf(':');
      return { name: part.slice(0, Math.max(0, at)).trim(), marks: part.slice(at + 1).trim() };
    });
}
