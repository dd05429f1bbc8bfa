// A frame of one's own that was not to come out: what would have saved it is what the engine finds likeliest.
import { describe, expect, test } from 'vitest';
import { judge } from '../chance/verdict.ts';
import { BOX, filmWith, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import { settingOf } from '../camera/setting.ts';
import { positionCount, type Camera } from '../camera/camera.ts';
import { frameWith } from '../log/frames.test.fixtures.ts';
import type { Frame } from '../log/frame.ts';
import { choiceFromShadow } from '../ways/choice.ts';
import { gradeAnswer, type Question } from './question.ts';
import { ownQuestion } from './own-frame.ts';

const own = (camera: Camera, more: Partial<Frame>, film = SLIDE) => ({
  ...{ frame: frameWith(camera, film, more), camera, film }
});
const right = ({ asks }: Question) => (asks.kind === 'one-of' ? asks.options[asks.right] : undefined);
const filtered = {
  circumstances: { ...PLAIN, filters: [{ name: 'Red', stops: 3, place: 'lens' as const }] }
};

describe('what would have saved it', () => {
  test('another setting, where one would have done: it is right, the others are a stop off and more', () => {
    const light = choiceFromShadow('sharp');
    let asked = 0;
    for (let aperture = 0; aperture < 4; aperture++)
      for (let time = 0; time < 4; time++) {
        const question = ownQuestion(own(SCALES, { light, choice: { aperture, time } }), 3);
        if (!question) continue;
        asked += 1;
        const option = right(question);
        if (option?.kind !== 'setting') throw new Error('another answer');
        const setting = settingOf(SCALES, option.choice);
        if (!setting) throw new Error('no such setting');
        const { pUsable } = judge({ camera: SCALES, film: SLIDE, light, contrast: light.contrast }, setting);
        expect(pUsable).toBe(question.own?.savedChance);
        expect(pUsable).toBeGreaterThanOrEqual(0.5);
        expect(question.printStops).toBe(question.own?.frame.expected?.deltaStops);
        expect(question.group).toBe('sharp');
        const others = question.asks.kind === 'one-of' ? question.asks.options : [];
        for (const o of others)
          if (o.kind === 'setting' && o !== option)
            expect(Math.abs(o.deltaStops - option.deltaStops)).toBeGreaterThanOrEqual(0.9);
        expect(gradeAnswer(question, others.indexOf(option)).right).toBe(true);
      }
    expect(asked).toBeGreaterThan(3);
  });
  test('a box in deep shade: nothing on it; with a red filter under a grey sky: the filter off', () => {
    const deep = ownQuestion(own(BOX, { light: choiceFromShadow('deep') }), 1);
    expect(deep && right(deep)).toEqual({ kind: 'nothing' });
    expect(deep?.own?.savedChance).toBeLessThan(0.5);
    const red = ownQuestion(
      own(BOX, { light: choiceFromShadow('none'), conditions: filtered }, filmWith({ iso: 100 })),
      1
    );
    expect(red && right(red)).toEqual({ kind: 'bare' });
    expect(red?.own?.savedChance).toBeGreaterThan(0.5);
  });
  test('of a frame that was to come out, whose light was not told, or whose marks are in doubt nothing is asked', () => {
    expect(ownQuestion(own(BOX, { light: choiceFromShadow('sharp') }, filmWith({ iso: 100 })), 1)).toBeNull();
    expect(ownQuestion(own(BOX, { light: null }), 1)).toBeNull();
    expect(ownQuestion(own(BOX, { light: choiceFromShadow('deep'), doubts: ['setting'] }), 1)).toBeNull();
    expect(SCALES.controls.every((c) => positionCount(c) > 3)).toBe(true);
  });
});

describe('the answers to choose from', () => {
  const light = choiceFromShadow('sharp');
  const asked = (): readonly Question[] =>
    Array.from({ length: 4 }, (_, aperture) =>
      Array.from({ length: 4 }, (_, time) =>
        [1, 2, 3].map((seed) => ownQuestion(own(SCALES, { light, choice: { aperture, time } }), seed))
      )
    )
      .flat(2)
      .filter((q) => q !== null);
  const optionsOf = ({ asks }: Question) => (asks.kind === 'one-of' ? asks.options : []);

  test('up to three settings, and that nothing would have helped; a filter that was not on is none', () => {
    const questions = asked();
    const counts = questions.map((q) => optionsOf(q).filter((o) => o.kind === 'setting').length);
    expect(Math.max(...counts)).toBe(3);
    for (const question of questions) {
      expect(optionsOf(question).filter((o) => o.kind === 'nothing')).toHaveLength(1);
      expect(optionsOf(question).some((o) => o.kind === 'bare')).toBe(false);
    }
  });
  test('every setting is a stop off every other and off what was set, and all but the right one clearly worse', () => {
    for (const question of asked()) {
      const chosen = right(question);
      const settings = optionsOf(question).flatMap((o) => (o.kind === 'setting' ? [o] : []));
      for (const [i, a] of settings.entries()) {
        for (const b of settings.slice(i + 1))
          expect(Math.abs(a.deltaStops - b.deltaStops)).toBeGreaterThanOrEqual(0.9);
        if (a === chosen) continue;
        expect(Math.abs(a.deltaStops - question.printStops)).toBeGreaterThanOrEqual(0.9);
        const setting = settingOf(SCALES, a.choice);
        if (!setting) throw new Error('no such setting');
        const { pUsable } = judge({ camera: SCALES, film: SLIDE, light, contrast: light.contrast }, setting);
        expect(pUsable).toBeLessThan((question.own?.savedChance ?? 0) - 0.15);
      }
    }
  });
  test('the answers of one seed lie the same each time, of others elsewhere', () => {
    const places = new Set(
      Array.from({ length: 12 }, (_, seed) => {
        const question = ownQuestion(own(BOX, { light: choiceFromShadow('deep') }), seed);
        return question && question.asks.kind === 'one-of' ? question.asks.right : -1;
      })
    );
    expect(places.size).toBeGreaterThan(1);
    expect(places.has(-1)).toBe(false);
  });
  test('a filter that could come off is among the answers also where a setting is right', () => {
    const film = filmWith({ iso: 100 });
    const found = [0, 1, 2, 3].flatMap((aperture) =>
      [0, 1, 2, 3].map((time) =>
        ownQuestion(own(SCALES, { light, choice: { aperture, time }, conditions: filtered }, film), 2)
      )
    );
    const some = found.filter((q) => q !== null);
    expect(some.length).toBeGreaterThan(0);
    for (const question of some) expect(optionsOf(question).some((o) => o.kind === 'bare')).toBe(true);
  });
});
