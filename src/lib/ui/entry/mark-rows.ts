// The marks of a control as rows: what stands on the camera, what it means, and what was measured. The sheet holds them as one
// text; nobody has to know how it is written.
import { readMarks, splitMarks } from '#core/camera/marks.ts';
import type { ControlActs } from '#core/camera/position.ts';

/** One mark. */
export interface MarkRow {
  /** As it stands on the camera; B and T of a shutter as they are. */
  readonly mark: string;
  /** As it was measured; '' = not, the mark is believed. */
  readonly measured: string;
}

/** Marks of one colour, or of one place of a lever: "white: 250 125". */
export interface MarkGroup {
  readonly name: string;
  readonly marks: string;
}

/** The rows of a text. */
export function rowsOf(text: string): readonly MarkRow[] {
  return splitMarks(text).map((token) => {
    const [mark = '', measured = ''] = token.split('=');
    return { mark, measured };
  });
}

/** The text of rows. */
export function textOf(rows: readonly MarkRow[]): string {
  return rows
    .filter((row) => row.mark !== '')
    .map(({ mark, measured }) => {
      const value = measured
        .trim()
        .replace(/^between\s+(\S+)\s+and\s+(\S+)$/i, '$1–$2')
        .replace(/\s+/g, '');
      return value === '' ? mark : `${mark}=${value}`;
    })
    .join(' ');
}

/** Rows after their marks were typed anew: what was measured stays with its mark. */
export function withMarks(rows: readonly MarkRow[], typed: string): readonly MarkRow[] {
  const known = new Map(rows.map((row) => [row.mark, row.measured]));
  return rowsOf(typed).map(({ mark, measured }) => ({
    mark,
    measured: measured === '' ? (known.get(mark) ?? '') : measured
  }));
}

/** Whether a mark says by itself what it means: a number does, a sun does not. */
export function meansSomething(acts: ControlActs, mark: string): boolean {
  return (acts === 'time' && /^[bt]$/i.test(mark)) || readMarks(acts, mark).ok;
}

/** The groups of a text such as "white: 250 125 | red: 8 4"; null where it has none. */
export function groupsOf(text: string): readonly MarkGroup[] | null {
  if (!/[|:]/.test(text)) return null;
  return text.split('|').map((part) => {
    const at = part.indexOf(':');
    return { name: part.slice(0, Math.max(0, at)).trim(), marks: part.slice(at + 1).trim() };
  });
}

/** The text of groups. Signs that part groups are no part of a name or a mark. */
export function groupsText(groups: readonly MarkGroup[]): string {
  const plain = (text: string): string => text.replace(/[|:]/g, ' ').trim();
  return groups.map(({ name, marks }) => `${plain(name)}: ${plain(marks)}`).join(' | ');
}

/** The marks that another reading of a text writes differently: "15s 8s 4s", without the signs that part groups. */
export function changedIn(text: string, instead: string): string {
  const marksOf = (of: string): readonly string[] =>
    (groupsOf(of) ?? [{ name: '', marks: of }]).flatMap(({ marks }) => splitMarks(marks));
  const before = new Set(marksOf(text));
  return marksOf(instead)
    .filter((mark) => !before.has(mark))
    .join(' ');
}
