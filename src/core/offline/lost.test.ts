import { expect, test } from 'vitest';
import { filmWith, SCALES } from '../error/pairs.test.fixtures.ts';
import { factsOf, type Frame } from '../log/frame.ts';
import { frameWith } from '../log/frames.test.fixtures.ts';
import { moment } from '../sky/moment.ts';
import type { Carried } from './carried.ts';
import { askedAboutLost, missing } from './lost.ts';
import { countsOf, insisted, leftOut, nextToSend, put, takenBack } from './queue.ts';

const NOW = moment('2026-09-01T12:00:00.000Z', 'UTC');
const frameOf = (id: string, note = ''): Frame =>
  frameWith(SCALES, filmWith(), { id, number: 1, note, series: 'b' });
const carrying = (...frames: readonly Frame[]): Carried => ({
  ...{ inUse: null, cameras: [], films: [], earlier: [], things: [], loads: [], outings: [] },
  ...{ exercises: [], guesses: [], frames }
});

test('what was carried and does not come any more is missing; what came otherwise is not', () => {
  const [a, b, c] = [frameOf('a'), frameOf('b'), frameOf('c')];
  expect(missing(carrying(a, b), carrying({ ...b, note: 'changed' }, c))).toEqual([a]);
  expect(missing(carrying(), carrying(a))).toEqual([]);
});

test('a lost frame waits for the person, is sent again just as it was, or left out and taken back', () => {
  const frame = frameOf('a', 'fog');
  const asked = askedAboutLost([], [frame], NOW);
  expect(countsOf(asked)).toEqual({ waiting: 0, asked: 1 });
  expect(nextToSend(asked, 9)).toEqual([]);
  const again = insisted(asked, 'lost a');
  expect(nextToSend(again, 9)).toEqual([
    {
      change: {
        ...{ key: 'lost a', madeAt: NOW },
        action: {
          kind: 'log',
          frame: {
            ...factsOf(frame),
            ...{ id: 'a', loadId: frame.loadId, series: 'b' },
            ...{ cameraRevision: frame.cameraRevision, filmRevision: frame.filmRevision }
          }
        }
      },
      settled: [{ reason: 'lost' }]
    }
  ]);
  const left = leftOut(asked, 'lost a');
  expect(left.map((q) => q.state)).toEqual(['left']);
  expect(takenBack(left, 'lost a').map((q) => q.state)).toEqual(['waiting']);
});

test('it is asked about once, however often it is found out, and not when it waits to be logged anyway', () => {
  const [a, b] = [frameOf('a'), frameOf('b')];
  const once = askedAboutLost([], [a], NOW);
  expect(askedAboutLost(once, [a, b], NOW).map((q) => q.change.key)).toEqual(['lost a', 'lost b']);
  const waits = put([], { key: 'k', madeAt: NOW, action: { kind: 'log', frame: a } });
  expect(askedAboutLost(waits, [a], NOW)).toEqual(waits);
  const deleted = put([], { key: 'k', madeAt: NOW, action: { kind: 'remove', frameId: 'a', from: {} } });
  expect(askedAboutLost(deleted, [a], NOW)).toHaveLength(2);
});
