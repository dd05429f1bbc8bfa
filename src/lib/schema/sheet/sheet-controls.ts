// The controls of a sheet: lists of marks, gears of a speed wheel, and the table of a scene lever.
import { readMarks, splitMarks } from '#core/camera/marks.ts';
import {
  positionsOf,
  type Camera,
  type Control,
  type ControlActs,
  type ControlShape,
  type LinkedPosition,
  type Position
} from '#core/camera/camera.ts';
import { parseFNumber } from '#core/units/aperture.ts';
import type { SheetReader } from './sheet-reader.ts';
import type { SheetKind } from './sheet.ts';
import { explainQuantity } from '../reading/words.ts';

const LABELS: Readonly<Record<ControlActs, string>> = {
  aperture: 'aperture ring',
  time: 'speed wheel',
  focus: 'focus ring',
  compensation: 'lighten–darken',
  dial: 'speed dial'
};

/** The controls in the order in which they are set. */
export function readControls(r: SheetReader, has: SheetKind, before: Camera | null): readonly Control[] {
  const needle = has === 'needle' || (has === 'cine' && r.text('needle') === 'needle');
  const own = (acts: ControlActs): Control | null => controlOf(r, has, acts, before);
  const dial = r.text('dial') === '' ? null : own('dial');
  const aperture = needle || has === 'line' ? null : has === 'scene' ? sceneLever(r, dial) : own('aperture');
  const timed = has === 'timed' || has === 'scene' || has === 'line';
  const time = timed ? null : r.text('time').includes(':') ? gearsOf(r, before) : own('time');
  return [
    dial,
    aperture,
    time,
    r.text('lighten') === '' ? null : own('compensation'),
    r.text('focus') === '' ? null : own('focus')
  ].flatMap((c) => c ?? []);
}

const FIELD: Readonly<Record<ControlActs, string>> = {
  aperture: 'aperture',
  time: 'time',
  focus: 'focus',
  compensation: 'lighten',
  dial: 'dial'
};

function marksOf(r: SheetReader, acts: ControlActs, field: string, text: string): readonly Position[] {
  const read = readMarks(acts, text);
  if (read.ok) return read.value;
  r.fault(field, explainQuantity(read.error));
  return [];
}

function controlOf(r: SheetReader, has: SheetKind, acts: ControlActs, before: Camera | null): Control | null {
  const positions = marksOf(r, acts, FIELD[acts], r.text(FIELD[acts]));
  const old = before?.controls.find((c) => c.acts === acts);
  // what was not touched stays as it was, with marks that a list of words cannot hold
  if (old && sameValues(old, positions)) return old;
  const [only, second] = positions;
  if (!only) return null;
  const id = old?.id ?? acts;
  if (!second) {
    if (acts === 'compensation') return null;
    const label =
      old?.label ?? (acts === 'aperture' ? 'opening' : acts === 'time' ? 'shutter' : LABELS[acts]);
    return { kind: 'fixed', id, label, acts, position: only };
  }
  const shape = old && old.kind !== 'fixed' ? old.shape : shapeOf(has, acts, positions);
  const label =
    old?.label ?? (shape === 'lever' ? LABELS[acts].replace(/ring|wheel/, 'lever') : LABELS[acts]);
  return { kind: 'marked', id, label, acts, shape, positions };
}

function sameValues(old: Control, positions: readonly Position[]): boolean {
  if (old.kind === 'linked' || old.kind === 'geared') return false;
  const before = positionsOf(old);
  return (
    before.length === positions.length &&
    before.every((p, i) => {
      const value = positions[i]?.value ?? NaN;
      return p.value === value || Math.abs(p.value - value) < 1e-4 * Math.abs(p.value);
    })
  );
}

function shapeOf(has: SheetKind, acts: ControlActs, positions: readonly Position[]): ControlShape {
  if (acts === 'time') return has === 'nothing' || has === 'symbols' ? 'lever' : 'wheel';
  if (acts === 'dial') return 'wheel';
  if (acts === 'aperture' && (has === 'symbols' || positions.some((p) => p.symbol !== null))) return 'lever';
  return 'ring';
}

/** Parts such as "bright: 9 13 22 | dull: 9 9 9", named and listed. */
function partsOf(text: string): readonly { readonly name: string; readonly marks: string }[] {
  return text
    .split(/\||\n/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const at = part.indexOf(':');
      return { name: part.slice(0, Math.max(0, at)).trim(), marks: part.slice(at + 1).trim() };
    });
}

function gearsOf(r: SheetReader, before: Camera | null): Control {
  const old = before?.controls.find((c) => c.kind === 'geared');
  const gears = partsOf(r.text('time')).map(({ name, marks }, i) => ({
    label: (name === '' ? `gear ${i + 1}` : name).slice(0, 20),
    positions: marksOf(r, 'time', 'time', marks)
  }));
  return {
    ...{ kind: 'geared', id: old?.id ?? 'time', label: old?.label ?? 'speed wheel', acts: 'time' },
    ...{ shape: old?.shape ?? 'wheel', gears }
  };
}

/** A lever whose positions give another opening for each mark of the dial: one row each, one value for each dial mark. */
function sceneLever(r: SheetReader, dial: Control | null): Control | null {
  const marks = dial?.kind === 'marked' ? dial.positions : [];
  if (marks.length === 0) r.fault('dial', 'Give the speed dial at least two marks, such as 64 125 400.');
  const rows = partsOf(r.text('scene'));
  if (rows.length === 0)
    r.fault('scene', 'Give each place of the lever a row, such as bright: 9 13 22 | dull: 9 9 9.');
  const positions = rows.map(({ name, marks: text }): LinkedPosition => {
    // measured or looked up, never a scale: each is taken at its word
    const values = splitMarks(text).map((token) => {
      const read = parseFNumber(token);
      if (!read.ok) r.fault('scene', explainQuantity(read.error));
      return read.ok ? read.value : null;
    });
    if (values.length !== marks.length) {
      r.fault(
        'scene',
        `“${name}” has ${values.length} openings for ${marks.length} marks of the dial: give one for each, from left to right.`
      );
    }
    const symbol = /bright|sun/i.test(name) ? 'sun' : /dull|cloud|indoor/i.test(name) ? 'cloud' : null;
    return { mark: name === '' ? 'place' : name.slice(0, 20), symbol, values };
  });
  return {
    ...{ kind: 'linked', id: 'scene', label: 'scene lever', acts: 'aperture', shape: 'lever' },
    dependsOn: dial?.id ?? 'dial',
    positions
  };
}
