import { describe, expect, test } from 'vitest';
import { KNOTS } from '#core/learn/expected.ts';
import { learnBias, type Observation } from '#core/learn/bias.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { judgementWith, NOON } from '#core/log/frames.test.fixtures.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { frameRepository } from '../log/frames.ts';
import { repositoriesOf } from '../repositories.ts';
import { judgingEye, keepLines, observationsOf } from './judged.ts';
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

describe('judged prints by the person’s eye', () => {
  test('are corrected while that is asked for, and as they were called again after', () => {
    const { db, judgements } = demo();
    const store = repositoriesOf(db);
    judgements.put(judgement('demo-load-pebble-1'));
    const seen = () =>
      observationsOf(store, 'demo-pebble').find((o) => o.frameId === 'demo-load-pebble-1')?.seen;
    const plain = seen();
    for (let i = 0; i < 30; i++)
      store.exercises.put({
        ...{ kind: 'drill', id: `p${i}`, at: NOON, drill: 'print', group: 'sharp', seed: i },
        ...{ errorStops: 1, right: false, seconds: 4 }
      });
    expect(seen()).toEqual(plain);
    store.settings.change({ correctJudgements: true });
    const eye = judgingEye(store);
    expect(eye?.biasStops).toBeGreaterThan(0.6);
    const by = eye?.biasStops ?? 0;
    const corrected = seen();
    if (plain?.kind === 'near' && corrected?.kind === 'near')
      expect(corrected.stops).toBeCloseTo(plain.stops - by, 9);
    else if (plain?.kind === 'between' && corrected?.kind === 'between')
      expect([corrected.lo, corrected.hi]).toEqual([plain.lo - by, plain.hi - by]);
    else throw new Error('two kinds of seeing');
    store.settings.change({ correctJudgements: false });
    expect(seen()).toEqual(plain);
  });
});

describe('what judged frames say is kept', () => {
  const home = () => {
    const db = openDatabase(':memory:');
    seedDemo(db);
    return { db, store: repositoriesOf(db) };
  };
  test('as it was worked out, every kind of it', () => {
    const { store } = home();
    const cameras = store.cameras.list().map((c) => c.value.id);
    const fresh = cameras.flatMap((id) => observationsOf(store, id));
    expect(fresh.length).toBeGreaterThan(8);
    const kept = store.observations.some(fresh.map((o) => o.frameId));
    const byFrame = new Map(kept.map((k) => [k.frameId, k.observation]));
    for (const o of fresh) expect(byFrame.get(o.frameId)).toEqual(o);
    const [one] = fresh;
    if (!one) throw new Error('nothing was judged');
    const others: readonly Observation[] = [
      { ...one, expected: { kind: 'knots', values: KNOTS.map((b) => Math.min(b, 1 / 3)) } },
      { ...one, seen: { kind: 'near', stops: -1 / 3, sd: 0.4 } },
      { ...one, seen: { kind: 'between', lo: -Infinity, hi: 2 / 3, edgeSd: 0.3 } }
    ];
    for (const observation of [...others, null]) {
      store.observations.put({ frameId: one.frameId, state: 'then', observation });
      expect(store.observations.some([one.frameId])).toEqual([
        { frameId: one.frameId, state: 'then', observation }
      ]);
    }
  });
  test('a line found in the table says the same as one worked out', () => {
    const { db, store } = home();
    const worked = learnBias(observationsOf(store, 'demo-pebble'), {
      camera: [{ weight: 1, sd: 0.5 }],
      batchSd: () => 0.2
    });
    keepLines(store, 'demo-pebble');
    const [first] = observationsOf(store, 'demo-pebble');
    expect(store.observations.line(first?.frameId ?? '')?.line.length).toBeGreaterThan(100);
    const started = repositoriesOf(db);
    const found = learnBias(observationsOf(started, 'demo-pebble'), {
      camera: [{ weight: 1, sd: 0.5 }],
      batchSd: () => 0.2
    });
    expect(found).toEqual(worked);
  });
  test('and is forgotten by another build of the program, and with its frame’s judgement', () => {
    const { store } = home();
    store.observations.begin('one');
    const ids = observationsOf(store, 'demo-pebble').map((o) => o.frameId);
    store.observations.begin('one');
    expect(store.observations.some(ids)).toHaveLength(ids.length);
    store.observations.begin('two');
    expect(store.observations.some(ids)).toEqual([]);
    store.judgements.drop(ids[0] ?? '');
    expect(observationsOf(store, 'demo-pebble').map((o) => o.frameId)).toEqual(ids.slice(1));
  });
});
