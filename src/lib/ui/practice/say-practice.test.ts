// What drills and the eye say is read aloud here: every question, answer and sum in words that say what is meant.
import { describe, expect, test } from 'vitest';
import { DRILLS } from '#core/practice/exercise.ts';
import { MISTAKES } from '#core/practice/mistakes.ts';
import { questionOf, type Question } from '#core/practice/question.ts';
import { SCENE_LIGHT_NAMES } from '#core/scene/lights.ts';
import { sceneOf } from '#core/scene/scene.ts';
import { learnEye, type GuessRead } from '#core/learn/eye.ts';
import { moment } from '#core/sky/moment.ts';
import { judgedFilm } from '#core/practice/judged-film.ts';
import { DEMO_FILMS } from '#server/demo/films.ts';
import {
  DRILL_WORDS,
  sayAsk,
  sayGraded,
  sayOption,
  sayStopsAnswer,
  sayTruth,
  sayWhy
} from './say-question.ts';
import { sayCorrection } from '../light/say-correction.ts';
import { sayEye, sayEyeIn, sayOff } from './say-eye.ts';
import { saySceneSubject, SCENE_REASONS } from './scene-words.ts';

const light = (lv: number): Question => ({
  ...{ drill: 'light', group: 'sharp', seed: 1, scene: sceneOf(1, 'sun'), printStops: 0 },
  asks: { kind: 'stops', from: 1, to: 17, step: 0.5, truth: lv }
});

describe('drills', () => {
  test('every drill that needs no camera asks, offers and explains in whole sentences', () => {
    for (const drill of DRILLS) {
      const question = questionOf({ drill, group: 'sharp' }, 12, null);
      expect(DRILL_WORDS[drill].name).not.toBe('');
      if (!question) continue;
      expect(sayAsk(question, { camera: 'Box', film: 'Slide 100' })).toMatch(/^[A-Zf].*[?.]$/);
      expect(sayTruth(question, null)).toMatch(/\.$/);
      if (question.asks.kind === 'one-of')
        for (const o of question.asks.options) expect(sayOption(o, null)).not.toBe('');
      expect(`${sayTruth(question, null)} ${sayWhy(question)}`).not.toMatch(/undefined|NaN|\+−/);
    }
  });

  test('a light is told with what it is like, and by how much it was missed', () => {
    expect(sayStopsAnswer(light(14.5), 14.5)).toMatch(/^LV 14⅔, as /);
    expect(sayTruth(light(14.5), null)).toMatch(/^A meter at the subject reads LV 14⅔, as .*\.$/);
    expect(sayGraded(light(14), { right: true, errorStops: 0.1 })).toBe('Spot on.');
    expect(sayGraded(light(14), { right: true, errorStops: 0.66 })).toBe('Good: ⅔ stop too bright.');
    expect(sayGraded(light(14), { right: false, errorStops: -2 })).toBe('2 stops too dark.');
    const other: Question = { ...light(0), drill: 'compensation' };
    expect(sayStopsAnswer(other, -1.5)).toMatch(/^−1[⅓⅔] stops$/);
    expect(sayStopsAnswer(other, 0)).toBe('no correction');
    expect(sayStopsAnswer({ ...other, drill: 'print' }, -2)).toBe('2 stops under');
    expect(sayGraded({ ...other, drill: 'same' }, { right: false, errorStops: 1 })).toBe('Not this one.');
  });

  test('every kind of light has its reason, and every scene its subject in words', () => {
    for (const kind of SCENE_LIGHT_NAMES) {
      expect(SCENE_REASONS[kind]).toMatch(/\.$/);
      expect(saySceneSubject(sceneOf(3, kind))).toMatch(/^[A-Z][a-z ]+ (on|in) [a-z]+$/);
    }
    expect(
      MISTAKES.map((mistake) => sayOption({ kind: 'mistake', mistake }, null)).every((w) => w !== '')
    ).toBe(true);
  });

  test('prints are judged on a film that shows what it got', () => {
    const negative = DEMO_FILMS.find((f) => f.kind === 'negative-bw') ?? null;
    expect(judgedFilm(negative, []).kind).toBe('reversal');
    expect(judgedFilm(null, []).name).toBe('slide film');
    const shown = judgedFilm(negative, DEMO_FILMS);
    expect(['instant-colour', 'instant-bw', 'reversal', 'reversal-bw']).toContain(shown.kind);
    expect(judgedFilm(shown, DEMO_FILMS)).toBe(shown);
  });
});

describe('the eye', () => {
  const read = (group: GuessRead['group'], errorStops: number, i: number): GuessRead => ({
    ...{ id: `g${i}`, at: moment('2026-05-01T10:00:00Z', 'UTC'), group, errorStops, readingSd: 0.25 }
  });
  const eye = learnEye([
    ...Array.from({ length: 9 }, (_, i) => read('leaf', 0.8 + 0.1 * (i % 3), i)),
    ...Array.from({ length: 6 }, (_, i) => read('sharp', 0.1 * (i % 2), i))
  ]);

  test('what to correct, as one would say it', () => {
    expect(sayEye(eye)).toMatch(/^You call open shade [⅔1].* too bright: open up by that\.$/);
    expect(sayEye(learnEye([]))).toBe('');
    expect(sayEye(learnEye([read('leaf', 0.4, 1)]))).toBe('Nothing is off that chance would not explain.');
    const said = eye.groups.map(sayEyeIn);
    expect(said[0]).toBe('You call full sun right (6 guesses).');
    expect(said[1]).toMatch(/^You call open shade .* too bright \(9 guesses\)\.$/);
    expect(sayEyeIn({ group: 'deep', guesses: 1, biasStops: -0.5, biasSd: 0.5, spreadStops: 1 })).toMatch(
      /⅓|⅔/
    );
    expect([sayOff(0.1), sayOff(-0.7)]).toEqual(['right', '⅔ too dark']);
  });

  test('what Shoot corrected, beside the light', () => {
    expect(sayCorrection({ biasStops: 0.67, sdStops: 0.4 })).toBe(
      'By your own record: ⅔ darker than you called it, give or take ⅓.'
    );
    expect(sayCorrection({ biasStops: -1, sdStops: 0.7 })).toMatch(/1 brighter than you called it/);
    expect(sayCorrection({ biasStops: 0, sdStops: 0.7 })).toMatch(/left as you called it/);
  });
});
