import { describe, expect, test } from 'vitest';
import { knownScene } from '#core/light/scenes.ts';
import { choiceFromScene, choiceFromShadow, STARTING_LIGHT } from '#core/ways/choice.ts';
import type { Pair } from '#core/log/pair.ts';
import { cameraWith, filmWith, fixed, marked, SCALES } from '#core/error/pairs.test.fixtures.ts';
import { Current } from './current.svelte.ts';

const TOY = cameraWith([
  marked('aperture', [12, 8]),
  fixed('time', 'N', 1 / 90),
  marked('focus', [1, 3, Infinity])
]);
const pairOf = (more: Partial<Pair> = {}): Pair => ({
  ...{ loadId: 'l', camera: TOY, film: filmWith(), framesTotal: 12, framesLeft: 7, nextNumber: 6 },
  ...{ finished: false, present: {}, side: null, lastConditions: null, lastRemark: '', loadRevision: 1 },
  ...{ cameraRevision: 1, filmRevision: 1, firstNumber: 1, packFilter: null },
  ...more
});
const currentWith = (pair: Pair | null = pairOf()) => new Current(STARTING_LIGHT, pair, []);

describe('what all pages share', () => {
  test('without a pair there is nothing to judge', () => {
    const current = currentWith(null);
    expect(current.judged).toBeNull();
    expect(current.trouble).toBe('');
  });
  test('the advice is shown until the person picks another position, and comes back', () => {
    const current = currentWith();
    current.tell(STARTING_LIGHT);
    const advised = current.judged?.advice.setting.choice['aperture'] ?? -1;
    current.pick('aperture', 1 - advised);
    expect(current.judged?.shown.setting.choice['aperture']).toBe(1 - advised);
    expect(current.judged?.advice.setting.choice['aperture']).toBe(advised);
    current.picked = null;
    expect(current.judged?.shown).toBe(current.judged?.advice);
  });
  test('while nobody has told the light nothing is advised: the controls stand where they stand', () => {
    const current = currentWith(pairOf({ present: { aperture: 1, time: 0, focus: 2 } }));
    expect(current.isTold).toBe(false);
    expect(current.judged?.shown.setting.choice).toMatchObject({ aperture: 1, focus: 2 });
    expect(current.judged?.advice).toBe(current.judged?.shown);
    current.tell(STARTING_LIGHT);
    expect(current.isTold).toBe(true);
    expect(current.judged?.shown.setting.choice['aperture']).toBe(0);
    current.nowMs += 31 * 60_000;
    expect(current.isTold).toBe(false);
  });
  test('the focus is the person’s own: it moves in the advice too', () => {
    const current = currentWith();
    expect(current.judged?.advice.setting.choice['focus']).toBe(1);
    current.pick('focus', 0);
    expect(current.picked).toBeNull();
    expect(current.judged?.advice.setting.choice['focus']).toBe(0);
  });
  test('the marker stops at the ends of the scale and keeps how sure the light is', () => {
    const current = currentWith();
    current.light = choiceFromShadow('none');
    current.moveLight(40);
    expect(current.light).toMatchObject({ lv: 18, sdStops: 0.8, contrast: 'flat', way: { kind: 'hand' } });
    current.moveLight(-40);
    expect(current.light.lv).toBe(-8);
  });
  test('what the eye sees beside the subject counts in the answer, and lamps in the speed of the film', () => {
    const current = currentWith();
    current.ask({ eyeOffsetStops: 1.5 });
    expect(current.conditions.circumstances?.eyeOffsetStops).toBe(1.5);
    current.light = choiceFromScene(knownScene('stage'));
    expect(current.judged?.situation.circumstances?.lightKind).toBe('lamps');
  });
  test('a guess stays sealed until it is taken', () => {
    const current = currentWith();
    current.seal();
    current.light = choiceFromShadow('deep');
    expect(current.guess?.lv).toBe(STARTING_LIGHT.lv);
  });
  test('moving the light leaves the reach alone; doubting it narrows it', () => {
    const current = currentWith();
    const { reach } = current.judged ?? {};
    current.moveLight(9);
    expect(current.judged?.reach).toBe(reach);
    current.light = { ...current.light, sdStops: 1.2 };
    const narrower = current.judged?.reach.likely[0];
    expect(narrower?.from).toBeGreaterThan(reach?.likely[0]?.from ?? Infinity);
  });
  test('a light that nobody told is not logged; one that was told is, for half an hour', () => {
    const current = currentWith();
    expect(current.lightToLog(Date.now())).toBeNull();
    current.tell(choiceFromShadow('soft'));
    const { atMs } = current.told ?? { atMs: 0 };
    expect(current.lightToLog(atMs)).toEqual(choiceFromShadow('soft'));
    expect(current.lightToLog(atMs + 15 * 60_000)?.sdStops).toBeCloseTo(0.75, 6);
    expect(current.lightToLog(atMs + 31 * 60_000)).toBeNull();
    current.moveLight(9);
    expect(current.lightToLog(Date.now())).toMatchObject({ lv: 9 });
  });
  test('another pair forgets what was picked; the same pair one frame later does not', () => {
    const current = currentWith();
    current.pick('aperture', 1);
    current.take(pairOf({ nextNumber: 7 }), []);
    expect(current.picked).not.toBeNull();
    current.take(pairOf({ loadId: 'other', camera: SCALES }), []);
    expect(current.picked).toBeNull();
  });
  test('a film without range is told, not judged', () => {
    const current = currentWith(pairOf({ film: filmWith({ belowStops: 0 }) }));
    expect(current.judged).toBeNull();
    expect(current.trouble).toContain('no range left');
  });
});
