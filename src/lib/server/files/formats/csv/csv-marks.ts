// Marks in the cells of a CSV, looked up in the camera's own controls: each in its own, or refused by name. Nothing is guessed.
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseFNumber } from '#core/units/aperture.ts';
import { parseShutter } from '#core/units/shutter.ts';

/** Cells that tell how a camera was set. */
export interface MarkCells {
  /** All marks in the order of the controls, or each with its control's name: "8 · 60", "shutter 60". */
  readonly set: string;
  readonly aperture: string;
  readonly shutter: string;
}

/** Where a control stood, by its id; controls of which nothing was told are left out. */
export type ReadMarks = Readonly<Record<string, number>>;

const plain = (text: string): string => text.trim().toLowerCase().replaceAll('−', '-');

/** A mark as people write it of an aperture or a time, without what stands before its number. */
function bare(text: string, { acts }: Control): string {
  if (acts === 'aperture') return plain(text).replace(/^f\s?\/?\s?(?=\d)/, '');
  return acts === 'time'
    ? plain(text)
        .replace(/^1\s?\/\s?(?=\d)/, '')
        .replace(/(?<=\d)\s?(s|sec)$/, '')
    : plain(text);
}

/** What a text is as a value of a control; null = it is no number of its kind. */
function valueOf(text: string, { acts }: Control): number | null {
  if (acts === 'aperture') {
    const read = parseFNumber(text);
    return read.ok ? read.value : null;
  }
  if (acts !== 'time') return null;
  const read = parseShutter(text);
  return read.ok ? read.value.seconds : null;
}

/** Marks nearer than a sixth of a stop are the same. */
const isNear = (a: number, b: number, stopsFor2: number): boolean =>
  Math.abs(Math.log2(a / b)) * stopsFor2 < 1 / 6;

/** The place of a mark on a control; -1 = it has none such. */
function placeOf(text: string, control: Control): number {
  const positions = positionsOf(control);
  const byName = positions.findIndex((p) => plain(p.mark) === plain(text));
  if (byName !== -1) return byName;
  const byNumber = positions.findIndex((p) => bare(p.mark, control) === bare(text, control));
  if (byNumber !== -1 && bare(text, control) !== '') return byNumber;
  const value = valueOf(text, control);
  if (value === null) return -1;
  return positions.findIndex(
    (p) => p.value > 0 && isNear(p.value, value, control.acts === 'aperture' ? 2 : 1)
  );
}

const marksOn = (control: Control): string =>
  positionsOf(control)
    .map((p) => p.mark)
    .join(', ');

/** A control by the first words of a part: "shutter 60". @returns it and the rest; null = no control is named */
function named(part: string, controls: readonly Control[]): readonly [Control, string] | null {
  const words = plain(part);
  const control = controls.find(
    (c) => words.startsWith(`${plain(c.label)} `) || words.startsWith(`${plain(c.label)}:`)
  );
  return control ? [control, words.slice(control.label.length).replace(/^:?\s*/, '')] : null;
}

/**
 * Reads the cells of a row.
 * @returns places by control, or what is wrong, each naming the cell
 */
export function readMarks(camera: Camera, cells: MarkCells): Result<ReadMarks, readonly string[]> {
  const controls = camera.controls.filter((c) => positionsOf(c).length > 1);
  const read: Record<string, number> = {};
  const faults: string[] = [];
  const put = (cell: string, text: string, control: Control): void => {
    const place = placeOf(text, control);
    if (place === -1)
      faults.push(
        `${cell}: “${text}” is no mark of ${control.label} on ${camera.name}. It has ${marksOn(control)}.`
      );
    else read[control.id] = place;
  };
  const parts = cells.set
    .split(/[·;|]/)
    .map((p) => p.trim())
    .filter((p) => p !== '');
  const inOrder =
    parts.length === controls.length && controls.every((c, i) => placeOf(parts[i] ?? '', c) !== -1);
  parts.forEach((part, i) => {
    const own = inOrder ? controls[i] : undefined;
    const [control, rest] = own ? [own, part] : (named(part, controls) ?? [null, part]);
    if (control) {
      put('set', rest, control);
      return;
    }
    const fitting = controls.filter((c) => placeOf(part, c) !== -1);
    const [only] = fitting;
    if (only && fitting.length === 1) put('set', part, only);
    else if (only)
      faults.push(
        `set: “${part}” is a mark of ${fitting.map((c) => c.label).join(' and of ')}. Write “${only.label} ${part}”.`
      );
    else
      faults.push(
        `set: “${part}” is no mark of ${camera.name}. It has ${controls.map((c) => `${c.label} ${marksOn(c)}`).join('; ')}.`
      );
  });
  for (const [cell, acts] of [
    ['aperture', 'aperture'],
    ['shutter', 'time']
  ] as const) {
    const text = cells[cell].trim();
    const control = controls.find((c) => c.acts === acts);
    if (text !== '' && control) put(cell, text, control);
  }
  return faults.length > 0 ? err(faults) : ok(read);
}
