import { describe, expect, test } from 'vitest';
import { BOX_B, mono } from '../error/panel.test.fixtures.ts';
import { bestSetting } from '../advice/rank.ts';
import type { Mounts } from '../camera/traits.ts';
import type { Thing } from '../kit/thing.ts';
import { mountNotes } from './mounting.ts';
import type { StopWay } from './stop-ways.ts';

const verdict = bestSetting(
  { camera: BOX_B, film: mono(100), light: { lv: 2, sdStops: 0.5 }, contrast: 'normal', support: 'standing' },
  {}
);
if (!verdict) throw new Error('the box has settings');
const filter = { name: 'Night 6', stops: 6, place: 'lens' } as const;
const way = (more: Partial<StopWay>): StopWay => ({
  ...{ key: 'box', support: 'standing', steps: [], verdict, serves: true },
  ...more
});
const NIGHT: Thing = {
  ...{ id: 'n', name: 'Night 6' },
  data: { kind: 'filter', stops: 6, givenAs: 'stops', sizeMm: 49 }
};
const notes = (mounts: Mounts | undefined, more: Partial<StopWay>, things: readonly Thing[] = [NIGHT]) =>
  mountNotes(way(more), { mounts }, things).map((n) => n.kind);
const mounts = (more: Partial<Mounts>): Mounts => ({ filterMm: null, stand: null, release: null, ...more });

describe('what goes on a camera', () => {
  test('a filter of the same thread goes on, a larger one by a ring, a smaller one cuts the corners', () => {
    const steps = [{ kind: 'filter', filter }] as const;
    expect(notes(mounts({ filterMm: 49 }), { steps })).toEqual([]);
    expect(notes(mounts({ filterMm: 40.5 }), { steps })).toEqual(['ring']);
    expect(notes(mounts({ filterMm: 58 }), { steps })).toEqual(['too-small']);
  });
  test('a thread that nobody said is tried at home', () => {
    const steps = [{ kind: 'filter', filter }] as const;
    expect(notes(undefined, { steps })).toEqual(['try-filter']);
    expect(notes(mounts({ filterMm: 49 }), { steps }, [])).toEqual(['try-filter']);
  });
  test('adapters are packed for what stands and is held open, and only for that', () => {
    const box = mounts({ stand: 'adapter', release: 'adapter' });
    expect(verdict.setting.timedByHand).toBe(true);
    expect(notes(box, {})).toEqual(['stand-adapter', 'release-adapter']);
    expect(notes(box, { support: 'hand' })).toEqual([]);
    const instant = { ...verdict, setting: { ...verdict.setting, timedByHand: false } };
    expect(notes(box, { verdict: instant })).toEqual(['stand-adapter']);
    expect(notes(mounts({ stand: 'flat', release: 'socket' }), {})).toEqual(['lay-flat', 'release']);
    expect(notes(mounts({ stand: 'socket', release: 'none' }), {})).toEqual([]);
  });
});

test('of things of one name the filter of that strength counts', () => {
  const steps = [{ kind: 'filter', filter }] as const;
  const flash: Thing = {
    ...{ id: 'f', name: 'Night 6' },
    data: { kind: 'flash', guideNumber: 20, powers: [0], seconds: 1 / 1000, angleDegrees: null }
  };
  const weaker: Thing = {
    id: 'w',
    name: 'Night 6',
    data: { kind: 'filter', stops: 3, givenAs: 'stops', sizeMm: 58 }
  };
  const other: Thing = {
    id: 'o',
    name: 'Day 6',
    data: { kind: 'filter', stops: 6, givenAs: 'stops', sizeMm: 67 }
  };
  const at49 = mounts({ filterMm: 49 });
  for (const things of [
    [flash, NIGHT],
    [weaker, NIGHT],
    [other, NIGHT],
    [other, weaker, flash, NIGHT]
  ])
    expect(notes(at49, { steps }, things)).toEqual([]);
  for (const things of [[flash], [weaker], [other]])
    expect(notes(at49, { steps }, things)).toEqual(['try-filter']);
});
