import { describe, expect, test } from 'vitest';
import type { Judgement } from '#core/learn/judgement.ts';
import { judgementWith, NOON } from '#core/log/frames.test.fixtures.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { frameRepository } from '../log/frames.ts';
import { judgementRepository } from './judgements.ts';

function demo() {
  const db = openDatabase(':memory:');
  seedDemo(db);
  return {
    db,
    judgements: judgementRepository(db),
    frames: frameRepository(db),
    cameras: cameraRepository(db)
  };
}
const judgement = (frameId: string, more: Partial<Judgement> = {}): Judgement =>
  judgementWith({ frameId, outcome: { kind: 'tone', stops: 1 }, faults: ['blur'], ...more });

describe('judgements', () => {
  test('come back as they were, are replaced, and taken back', () => {
    const { judgements } = demo();
    judgements.put(judgement('demo-load-marigold-1'));
    expect(judgements.find('demo-load-marigold-1')).toEqual(judgement('demo-load-marigold-1'));
    const word = judgement('demo-load-marigold-1', {
      on: 'negative',
      outcome: { kind: 'word', word: 'thin' },
      faults: []
    });
    judgements.put(word);
    expect(judgements.find('demo-load-marigold-1')).toEqual({ ...word, revision: 2 });
    expect(judgements.drop('demo-load-marigold-1')).toBe(true);
    expect(judgements.drop('demo-load-marigold-1')).toBe(false);
  });
  test('of a frame in the trash they are not counted', () => {
    const { judgements, frames } = demo();
    const [first] = frames.listByLoad('demo-load-marigold');
    judgements.put(judgement(first?.id ?? ''));
    expect(judgements.statesOf('demo-marigold')).toHaveLength(1);
    const stored = frames.find(first?.id ?? '');
    if (stored) frames.change({ ...stored, deletedAt: NOON.at });
    expect(judgements.statesOf('demo-marigold')).toEqual([]);
  });
  test('the history of a bias is told latest first', () => {
    const { judgements } = demo();
    const change = { changedAt: NOON, fromStops: 0, fromSd: null, toStops: 0.5, toSd: 0.2, frames: 4 };
    judgements.note('demo-marigold', change);
    judgements.note('demo-marigold', { ...change, fromStops: 0.5, toStops: 0, frames: 0 });
    expect(judgements.history('demo-marigold').map((c) => c.toStops)).toEqual([0, 0.5]);
  });
});
