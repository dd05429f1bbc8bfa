import { describe, expect, test } from 'vitest';
import { FOLDING_REFLEX, INSTANT_160, METERLESS, mono } from '../error/panel.test.fixtures.ts';
import { atHandFrom } from '../advice/at-hand.ts';
import { bestSetting } from '../advice/rank.ts';
import type { Camera } from '../camera/camera.ts';
import type { Film } from '../film/film.ts';
import { filmNeeds } from './film-needs.ts';
import type { OutingPair, StopWay } from './stop-ways.ts';

const pairOf = (key: string, camera: Camera, film: Film, framesLeft: number): OutingPair => ({
  ...{ key, framesLeft },
  pair: {
    situation: { camera, film, light: { lv: 12, sdStops: 0.3 }, contrast: 'normal' },
    ...{ present: {}, atHand: atHandFrom([], []), leastChance: 0.5 }
  }
});
const INSTANT = { ...INSTANT_160, id: 'instant', price: 16, frames: 8 };
const ROLL = { ...mono(400), id: 'roll', price: null, frames: 36 };
const PAIRS = [pairOf('reflex', FOLDING_REFLEX, INSTANT, 5), pairOf('rangefinder', METERLESS, ROLL, 36)];

function wayOf(key: string, other: Film | null = null): StopWay {
  const pair = PAIRS.find((p) => p.key === key) ?? PAIRS[0];
  const verdict = pair && bestSetting(pair.pair.situation, {});
  if (!verdict) throw new Error('no setting');
  const steps = other ? [{ kind: 'film', film: other } as const] : [];
  return { key, support: 'hand', verdict, steps, serves: true };
}
const needs = (stops: readonly (readonly [number, StopWay])[]) =>
  filmNeeds(
    stops.map(([presses, way]) => ({ presses, way })),
    PAIRS
  );

describe('film for an outing', () => {
  test('presses of one camera add up; what is left in it is taken first', () => {
    expect(
      needs([
        [4, wayOf('reflex')],
        [3, wayOf('rangefinder')],
        [10, wayOf('reflex')]
      ])
    ).toEqual([
      // nine beyond the five: two packs; every press costs 2
      { key: 'reflex', film: INSTANT, left: 5, presses: 14, packs: 2, cost: 28 },
      { key: 'rangefinder', film: ROLL, left: 36, presses: 3, packs: 0, cost: null }
    ]);
  });
  test('exactly what is left needs nothing more, one beyond it a pack', () => {
    expect(needs([[5, wayOf('reflex')]])[0]?.packs).toBe(0);
    expect(needs([[6, wayOf('reflex')]])[0]?.packs).toBe(1);
    expect(needs([[13, wayOf('reflex')]])[0]?.packs).toBe(1);
    expect(needs([[14, wayOf('reflex')]])[0]?.packs).toBe(2);
  });
  test('another film is counted by itself, and none of it is in the camera', () => {
    const fast = { ...INSTANT, id: 'fast', price: 24 };
    expect(
      needs([
        [2, wayOf('reflex')],
        [3, wayOf('reflex', fast)]
      ])
    ).toMatchObject([
      { film: { id: 'instant' }, left: 5, presses: 2, packs: 0, cost: 4 },
      { film: { id: 'fast' }, left: 0, presses: 3, packs: 1, cost: 9 }
    ]);
  });
  test('a way of a camera that is not there needs none', () => {
    expect(needs([[2, { ...wayOf('reflex'), key: 'gone' }]])).toEqual([]);
  });
});

test('a film of no frames has no price for each', () => {
  const reel = { ...INSTANT, id: 'reel', frames: 0 };
  expect(needs([[2, wayOf('reflex', reel)]])[0]?.cost).toBeNull();
});
