// What every kind of control can be asked: its places, their values and sets, what is wrong with it, how it is drawn.
import { describe, expect, test } from 'vitest';
import { cameraWith, fixed as fixedAt, marked as markedAt } from '../../error/pairs.test.fixtures.ts';
import { positionCount, positionsOf, setOf } from '../camera.ts';
import { COUNTED_SECONDS } from '../hand-timing.ts';
import type { Position } from '../position.ts';
import { isControlKindName, kindOfControl, type Control } from './controls.ts';
import type { GearedControl } from './geared/control.ts';
import type { HeldOpenControl } from './held-open/control.ts';
import type { LensControl } from './lens/control.ts';
import type { LinkedControl } from './linked/control.ts';
import type { OverrideControl } from './override/control.ts';
import type { BladesControl } from './blades/control.ts';

const at = (mark: string, value: number): Position => ({ mark, symbol: null, value });
const DIAL = markedAt('dial', [75, 3000]);
const GEARED: GearedControl = {
  ...{ kind: 'geared', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
  gears: [
    { label: 'slow', positions: [at('2', 1 / 2), at('8', 1 / 8)] },
    { label: 'fast', positions: [at('100', 1 / 100)] }
  ]
};
const LINKED: LinkedControl = {
  ...{ kind: 'linked', id: 'aperture', label: 'lever', acts: 'aperture', shape: 'lever', dependsOn: 'dial' },
  positions: [
    { mark: 'bright', symbol: 'sun', values: [16, 90] },
    { mark: 'dull', symbol: null, values: [9, 42] }
  ]
};
const LENSES: LensControl = {
  ...{ kind: 'lens', id: 'lens', label: 'lens', acts: 'lens' },
  lenses: [
    { mark: '50', focalMm: 50, opens: null },
    { mark: '90', focalMm: 90, opens: { widest: 4, smallest: 22 } }
  ]
};
const OVERRIDE: OverrideControl = {
  ...{ kind: 'override', id: 'aperture', label: 'dial', acts: 'aperture', shape: 'ring' },
  ...{ automaticMark: 'A', marks: [at('4', 4), at('8', 8)] }
};
const HELD: HeldOpenControl = {
  ...{ kind: 'held-open', id: 'time', label: 'trick', acts: 'time' },
  steps: { opens: 'cover the eye', closes: 'uncover it', after: '', caution: '' }
};
const BLADES: BladesControl = {
  ...{ kind: 'blades', id: 'time', label: 'selector', acts: 'time' },
  ...{ sunSeconds: 1 / 100, cloudSeconds: 1 / 25 }
};
const CAMERA = cameraWith([LINKED, DIAL, fixedAt('time', '', 1 / 100)]);

const values = (control: Control) => kindOfControl(control).values(control);
const marks = (control: Control, standsAt: Readonly<Record<string, number>> = {}) =>
  kindOfControl(control)
    .positions(control, standsAt)
    .map((p) => p.mark);
const faults = (control: Control, camera = CAMERA) =>
  kindOfControl(control).faults(control, camera, positionCount);

describe('places and values', () => {
  test('two gears are one wheel, each with its set of marks', () => {
    expect(marks(GEARED)).toEqual(['2', '8', '100']);
    expect(values(GEARED)).toEqual([1 / 2, 1 / 8, 1 / 100]);
    expect(positionCount(GEARED)).toBe(3);
    expect([0, 1, 2, 3].map((i) => setOf(GEARED, i))).toEqual(['slow', 'slow', 'fast', null]);
  });
  test('a linked lever means what the other control makes it mean; 0 where there is no such cell', () => {
    const of = (dial: number) => kindOfControl(LINKED).positions(LINKED, { dial });
    expect(of(0)).toEqual([
      { mark: 'bright', symbol: 'sun', value: 16 },
      { mark: 'dull', symbol: null, value: 9 }
    ]);
    expect(of(1).map((p) => p.value)).toEqual([90, 42]);
    expect(of(2).map((p) => p.value)).toEqual([0, 0]);
    expect(positionsOf(LINKED).map((p) => p.value)).toEqual([16, 9]);
    expect(values(LINKED)).toEqual([16, 90, 9, 42]);
    expect(positionCount(LINKED)).toBe(2);
  });
  test('lenses are known by their length, and open as they can', () => {
    expect(marks(LENSES)).toEqual(['50', '90']);
    expect(values(LENSES)).toEqual([50, 90]);
    expect(positionCount(LENSES)).toBe(2);
    const opens = (i: number) => kindOfControl(LENSES).opens?.(LENSES, i);
    expect([opens(0), opens(1), opens(2)]).toEqual([null, { widest: 4, smallest: 22 }, null]);
  });
  test('an override has its automatic place first, which has no value', () => {
    expect(marks(OVERRIDE)).toEqual(['A', '4', '8']);
    expect(values(OVERRIDE)).toEqual([4, 8]);
    expect(positionCount(OVERRIDE)).toBe(3);
    expect(positionsOf(OVERRIDE)[0]?.automatic).toBe(true);
    expect(kindOfControl(OVERRIDE).overrides).toBe(true);
  });
  test('a camera held open counts, after its own time', () => {
    const [first, ...counted] = positionsOf(HELD);
    expect(first).toMatchObject({ mark: 'by itself', automatic: true });
    expect(counted.map((p) => p.value)).toEqual([...COUNTED_SECONDS]);
    expect(counted.every((p) => p.byHand === true && p.mark.startsWith('open '))).toBe(true);
    expect(values(HELD)).toEqual([...COUNTED_SECONDS]);
    expect(positionCount(HELD)).toBe(COUNTED_SECONDS.length + 1);
    expect(kindOfControl(HELD).steps?.(HELD)).toBe(HELD.steps);
  });
  test('three blades: two times, and a moon that counts', () => {
    expect(values(BLADES)).toEqual([1 / 100, 1 / 25, ...COUNTED_SECONDS]);
    expect(positionCount(BLADES)).toBe(COUNTED_SECONDS.length + 2);
  });
});

describe('what is wrong', () => {
  test('a good one has no faults', () => {
    for (const control of [GEARED, LINKED, LENSES, OVERRIDE, HELD, BLADES, DIAL])
      expect(faults(control)).toEqual([]);
  });
  test('a mark without a value is told by its name', () => {
    const bad = (control: Control) => faults(control).map((f) => [f.fault, 'mark' in f ? f.mark : '']);
    expect(bad({ ...GEARED, gears: [{ label: 'slow', positions: [at('2', 0.5), at('x', 0)] }] })).toEqual([
      ['bad-value', 'x']
    ]);
    expect(bad({ ...OVERRIDE, marks: [at('4', 4), at('y', -1)] })).toEqual([['bad-value', 'y']]);
    expect(bad({ ...BLADES, cloudSeconds: 0 })).toEqual([['bad-value', 'cloud']]);
    const positions = [{ mark: 'dull', symbol: null, values: [9, -1] }];
    expect(bad({ ...LINKED, positions })).toEqual([['bad-value', 'dull']]);
  });
  test('a link to nothing, to itself or to another linked one, and a cell that is missing', () => {
    const unknown = [{ fault: 'unknown-link', control: 'lever' }];
    expect(faults({ ...LINKED, dependsOn: 'gone' })).toEqual(unknown);
    expect(faults({ ...LINKED, dependsOn: 'aperture' })).toEqual(unknown);
    const other: LinkedControl = { ...LINKED, id: 'other' };
    expect(faults({ ...LINKED, dependsOn: 'other' }, cameraWith([LINKED, other]))).toEqual(unknown);
    const cell = (values: readonly (number | null)[]) =>
      faults({ ...LINKED, positions: [{ mark: 'dull', symbol: null, values }] });
    const missing = [{ fault: 'missing-cell', control: 'lever', mark: 'dull' }];
    expect(cell([9])).toEqual(missing);
    expect(cell([9, null])).toEqual(missing);
    expect(cell([9, 42, 5])).toEqual(missing);
  });
  test('a lens without a length, or that opens the wrong way round', () => {
    const bad = (focalMm: number, opens: { readonly widest: number; readonly smallest: number } | null) =>
      faults({ ...LENSES, lenses: [{ mark: 'x', focalMm, opens }] }).length;
    expect([bad(0, null), bad(Infinity, null), bad(50, null)]).toEqual([1, 1, 0]);
    expect(bad(50, { widest: 8, smallest: 4 })).toBe(1);
    expect(bad(50, { widest: 8, smallest: 8 })).toBe(0);
    expect(bad(50, { widest: 0, smallest: 8 })).toBe(1);
    expect(bad(50, { widest: 8, smallest: Infinity })).toBe(1);
  });
});

test('each is drawn as what it is, and says its meaning where its mark does not', () => {
  const drawn = [GEARED, LINKED, LENSES, OVERRIDE, HELD, DIAL].map((control) =>
    kindOfControl(control).drawing(control)
  );
  expect(drawn.map((d) => d && d.drawn === 'row' && d.as)).toEqual([
    ...['wheel', 'lever', 'ring', 'ring', 'lever', 'lever']
  ]);
  const fixed = fixedAt('time', '', 1 / 100);
  expect(kindOfControl(fixed).drawing(fixed)).toBeNull();
  const said = [GEARED, LINKED, LENSES, OVERRIDE, HELD, BLADES, DIAL].map(
    (control) => kindOfControl(control).meaningSaid
  );
  expect(said).toEqual([true, true, false, false, false, true, false]);
  expect([LINKED, LENSES, OVERRIDE, HELD, BLADES, DIAL].map((control) => setOf(control, 0))).toEqual(
    Array.from({ length: 6 }, () => null)
  );
});

test('each acts on what it can', () => {
  const acts = [GEARED, LINKED, LENSES, OVERRIDE, HELD, BLADES].map((c) => kindOfControl(c).acts);
  expect(acts).toEqual([['time'], ['aperture', 'time'], ['lens'], ['aperture', 'time'], ['time'], ['time']]);
  for (const name of ['geared', 'linked', 'lens', 'fixed', 'marked'])
    expect(isControlKindName(name)).toBe(true);
  for (const other of ['', 'toString', 'Lens', 3, null]) expect(isControlKindName(other)).toBe(false);
});
