import { describe, expect, test } from 'vitest';
import { knownScene } from '#core/light/scenes.ts';
import { choiceFromScene, choiceFromShadow, STARTING_LIGHT } from '#core/ways/choice.ts';
import type { Pair } from '#core/log/pair.ts';
import { cameraWith, filmWith, fixed, marked, SCALES } from '#core/match/pairs.test.fixtures.ts';
import { Hand } from './current.svelte.ts';

const TOY = cameraWith([
  marked('aperture', [12, 8]),
  fixed('time', 'N', 1 / 90),
  marked('focus', [1, 3, Infinity])
]);
const pairOf = (more: Partial<Pair> = {}): Pair => ({
  ...{ loadId: 'l', camera: TOY, film: filmWith(), framesTotal: 12, framesLeft: 7, nextNumber: 6 },
  ...{ finished: false, present: {}, side: null, lastConditions: null },
  ...more
});
const handWith = (pair: Pair | null = pairOf()) => new Hand(STARTING_LIGHT, pair, []);

describe('the hand', () => {
  test('without a pair there is nothing to judge', () => {
    const hand = handWith(null);
    expect(hand.judged).toBeNull();
    expect(hand.trouble).toBe('');
  });
  test('the advice is shown until the person picks another position, and comes back', () => {
    const hand = handWith();
    const advised = hand.judged?.advice.setting.choice['aperture'] ?? -1;
    hand.pick('aperture', 1 - advised);
    expect(hand.judged?.shown.setting.choice['aperture']).toBe(1 - advised);
    expect(hand.judged?.advice.setting.choice['aperture']).toBe(advised);
    hand.picked = null;
    expect(hand.judged?.shown).toBe(hand.judged?.advice);
  });
  test('the focus is the person’s own: it moves in the advice too', () => {
    const hand = handWith();
    expect(hand.judged?.advice.setting.choice['focus']).toBe(1);
    hand.pick('focus', 0);
    expect(hand.picked).toBeNull();
    expect(hand.judged?.advice.setting.choice['focus']).toBe(0);
  });
  test('the marker stops at the ends of the scale and keeps how sure the light is', () => {
    const hand = handWith();
    hand.light = choiceFromShadow('none');
    hand.moveLight(40);
    expect(hand.light).toMatchObject({ lv: 18, sdStops: 0.8, contrast: 'flat', way: { kind: 'hand' } });
    hand.moveLight(-40);
    expect(hand.light.lv).toBe(-8);
  });
  test('what the eye sees beside the subject counts in the answer, and lamps in the speed of the film', () => {
    const hand = handWith();
    hand.ask({ eyeOffsetStops: 1.5 });
    expect(hand.conditions.circumstances?.eyeOffsetStops).toBe(1.5);
    hand.light = choiceFromScene(knownScene('stage'));
    expect(hand.judged?.situation.circumstances?.lightKind).toBe('lamps');
  });
  test('a guess stays sealed until it is taken', () => {
    const hand = handWith();
    hand.seal();
    hand.light = choiceFromShadow('deep');
    expect(hand.guess?.lv).toBe(STARTING_LIGHT.lv);
  });
  test('moving the light leaves the reach alone; doubting it narrows it', () => {
    const hand = handWith();
    const { reach } = hand.judged ?? {};
    hand.moveLight(9);
    expect(hand.judged?.reach).toBe(reach);
    hand.light = { ...hand.light, sdStops: 1.2 };
    const narrower = hand.judged?.reach.likely[0];
    expect(narrower?.from).toBeGreaterThan(reach?.likely[0]?.from ?? Infinity);
  });
  test('another pair forgets what was picked; the same pair one frame later does not', () => {
    const hand = handWith();
    hand.pick('aperture', 1);
    hand.take(pairOf({ nextNumber: 7 }), []);
    expect(hand.picked).not.toBeNull();
    hand.take(pairOf({ loadId: 'other', camera: SCALES }), []);
    expect(hand.picked).toBeNull();
  });
  test('a film without range is told, not judged', () => {
    const hand = handWith(pairOf({ film: filmWith({ belowStops: 0 }) }));
    expect(hand.judged).toBeNull();
    expect(hand.trouble).toContain('no range left');
  });
});
