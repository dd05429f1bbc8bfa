// What nobody touched on a sheet stays as it was, to the last digit: a sheet has fewer words than a camera has parts. The sheet as
// it was is read too; what reads the same before and after is taken from the camera itself.
import type { Camera } from '#core/camera/camera.ts';
import { formOfControl } from '#core/camera/kinds/control-forms.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import type { ControlActs } from '#core/camera/position.ts';

const isPlain = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two values are the same, part for part; infinite and missing numbers included. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((value, i) => same(value, b[i]));
  if (!isPlain(a) || !isPlain(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => same(a[key], b[key]));
}

/**
 * A value with what was touched, and the rest as it was.
 * @param was as it is @param asRead what its sheet reads as @param now what the sheet reads as that somebody changed
 */
function merged<T>(was: T, asRead: T, now: T): T {
  if (same(asRead, now)) return was;
  if (!isPlain(was) || !isPlain(asRead) || !isPlain(now)) return now;
  // another kind altogether has nothing of the old one
  if (was['kind'] !== now['kind'] || asRead['kind'] !== now['kind']) return now;
  const parts = Object.keys(now).map((key) => [key, merged(was[key], asRead[key], now[key])] as const);
  return Object.fromEntries(parts) as T;
}

function mergedControl(was: Control, asRead: Control, now: Control): Control {
  if (same(asRead, now)) return was;
  const kept = { ...now, id: was.id, label: was.label };
  const { sheet } = formOfControl(kept);
  const alike = was.kind === kept.kind && asRead.kind === kept.kind;
  return (alike && sheet.merge?.(was, asRead, kept)) || kept;
}

/** What no sheet has room for: found on a bench, or written elsewhere. @param read what sheets read as, before and after */
export function offSheet<T extends object>(was: T, ...read: readonly T[]): Partial<T> {
  const others = Object.entries(was).filter(([name]) => read.every((r) => !(name in r)));
  return Object.fromEntries(others) as Partial<T>;
}

/** The camera of a changed sheet, with everything that nobody touched as it was. */
export function withUntouched(was: Camera, asRead: Camera, now: Camera): Camera {
  const of = (camera: Camera, acts: ControlActs): Control | undefined =>
    camera.controls.find((c) => c.acts === acts);
  const controls = now.controls.map((control) => {
    const [before, read] = [of(was, control.acts), of(asRead, control.acts)];
    return before && read ? mergedControl(before, read, control) : control;
  });
  const order = (c: Control): number => was.controls.findIndex((w) => w.acts === c.acts);
  const known = controls.every((c) => order(c) !== -1);
  const sorted = known ? [...controls].sort((a, b) => order(a) - order(b)) : controls;
  const names = (Object.keys(now) as (keyof Camera)[]).filter((name) => name !== 'controls');
  const parts = names.map((name) => [name, merged<unknown>(was[name], asRead[name], now[name])] as const);
  return {
    ...now,
    ...offSheet(was, asRead, now),
    ...Object.fromEntries(parts),
    controls: sorted
  };
}
