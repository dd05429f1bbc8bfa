// Drills: every question has one right answer, which the engine gives; answers are graded by it; weak kinds of light come back sooner.
import { describe, expect, test } from 'vitest';
import { BOX, filmWith, INSTANT, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import { judge } from '../chance/verdict.ts';
import { seeded } from '../numeric/seeded.ts';
import { moment } from '../sky/moment.ts';
import { choiceFromShadow } from '../ways/choice.ts';
import { LIGHT_GROUPS, type LightGroup } from '../ways/light-group.ts';
import { SCENE_LIGHT_NAMES } from '../scene/lights.ts';
import { DRILLS, exerciseRead, mergedExercise, type DayExercise, type DrillExercise } from './exercise.ts';
import {
  evOf,
  gradeAnswer,
  groupOfScene,
  inScene,
  metersTooMuch,
  questionOf,
  sameExposure,
  type Bag,
  type Question
} from './question.ts';
import { groupsOf, nextTopic, ratingOf, topicsOf } from './schedule.ts';
import { sceneOf, type DrawnScene } from '../scene/scene.ts';

const situation = (camera: typeof BOX) => ({
  camera,
  film: filmWith({ iso: 100 }),
  light: { lv: 12, sdStops: 0.3 },
  contrast: 'normal' as const
});
const films = [filmWith({ id: 'a', iso: 100 }), filmWith({ id: 'b', iso: 400 }), INSTANT, SLIDE];
const bag = (camera: typeof BOX): Bag => ({ situation: situation(camera), present: {}, films, frames: [] });

/** The chance of a setting of the camera with scales in a scene. */
function chanceIn(scene: DrawnScene, choice: Choice): number {
  const setting = settingOf(SCALES, choice);
  return setting ? judge(inScene(situation(SCALES), scene), setting).pUsable : 0;
}

const asked = (drill: (typeof DRILLS)[number], camera = SCALES): readonly Question[] =>
  groupsOf(drill).flatMap((group) =>
    Array.from({ length: 6 }, (_, i) => questionOf({ drill, group }, 100 * i + 7, bag(camera))).filter(
      (q) => q !== null
    )
  );

describe('questions', () => {
  test.each(DRILLS)('%s: the right answer is right, and only that one', (drill) => {
    const questions = asked(drill);
    expect(questions.length).toBeGreaterThan(drill === 'same' ? 5 : drill === 'film' ? 4 : 12);
    for (const question of questions) {
      const { asks } = question;
      if (asks.kind === 'stops') {
        expect(asks.truth).toBeGreaterThanOrEqual(asks.from);
        expect(asks.truth).toBeLessThanOrEqual(asks.to);
        expect(gradeAnswer(question, asks.truth)).toEqual({ right: true, errorStops: 0 });
        expect(gradeAnswer(question, asks.truth + 1).right).toBe(false);
        expect(gradeAnswer(question, asks.truth + 1).errorStops).toBeCloseTo(1, 9);
        continue;
      }
      expect(asks.options.length).toBeGreaterThan(1);
      const right = asks.options.map((_, i) => gradeAnswer(question, i).right);
      expect(right.filter(Boolean)).toHaveLength(1);
      expect(new Set(asks.options.map((o) => JSON.stringify(o))).size).toBe(asks.options.length);
    }
  });

  test('the same number asks the same, and about the kind of light it was asked for', () => {
    for (const group of LIGHT_GROUPS) {
      const question = questionOf({ drill: 'light', group }, 31, null);
      expect(question && questionOf({ drill: 'light', group }, 31, null)).toEqual(question);
      expect(question?.scene && groupOfScene(question.scene.kind)).toBe(group);
    }
    expect(new Set(SCENE_LIGHT_NAMES.map(groupOfScene))).toEqual(new Set(LIGHT_GROUPS));
  });

  test('without a camera there are questions of light, marks and prints, and none of settings', () => {
    const without = DRILLS.filter((drill) => questionOf({ drill, group: 'sharp' }, 5, null) !== null);
    expect(without).toEqual(['light', 'compensation', 'mistake', 'same', 'print']);
  });

  test('the setting that is right is one the engine would advise; others are a stop off and more', () => {
    for (const { asks, scene } of asked('setting')) {
      if (asks.kind !== 'one-of' || !scene) throw new Error('no options');
      const chances = asks.options.map((o) => (o.kind === 'setting' ? chanceIn(scene, o.choice) : 0));
      expect(Math.max(...chances) - (chances[asks.right] ?? 0)).toBeLessThan(0.05);
    }
    // a box has one setting: nothing to choose from
    expect(asked('setting', BOX)).toEqual([]);
  });

  test('a box in the sun comes out, at night it does not', () => {
    const all = asked('comes-out', BOX);
    const answer = (group: LightGroup): readonly boolean[] =>
      all.filter((q) => q.group === group).map((q) => q.asks.kind === 'one-of' && q.asks.right === 0);
    expect(answer('sharp').every(Boolean)).toBe(true);
    expect(answer('sharp').length).toBeGreaterThan(2);
    expect(answer('night').some(Boolean)).toBe(false);
    expect(answer('night').length).toBeGreaterThan(2);
  });

  test('a meter pointed at a scene is told too much by snow, sand and the sun behind, too little by nothing but the dark', () => {
    // common practice: + 1 to 2 for snow, about + 1 for sand, + 1 to 2 against the light
    const mean = (kind: Parameters<typeof sceneOf>[1]): number =>
      Array.from({ length: 8 }, (_, seed) => metersTooMuch(sceneOf(seed, kind))).reduce((a, b) => a + b, 0) /
      8;
    expect(mean('snow')).toBeGreaterThan(mean('sun') + 0.5);
    expect(mean('beach')).toBeGreaterThan(mean('sun'));
    expect(mean('behind')).toBeGreaterThan(mean('sun') + 0.4);
    expect(mean('stage')).toBeLessThan(mean('behind'));
  });

  test('equal exposures: f/8 at 1/125 is f/16 at 1/30', () => {
    // common practice, no source: full stops of aperture against full stops of time
    for (let seed = 0; seed < 60; seed++) {
      const { given, asks } = sameExposure(seed);
      if (asks.kind !== 'one-of') throw new Error('no options');
      asks.options.forEach((o, i) => {
        if (o.kind !== 'exposure') throw new Error('no exposure');
        // 1/60 and 1/30 are not halves of 1/125 to the last digit
        expect(Math.abs(evOf(o) - evOf(given)) < 0.2).toBe(i === asks.right);
        expect(Number.isFinite(o.perSecond) && Number.isFinite(o.markedFNumber)).toBe(true);
      });
    }
  });
});

const answered = (
  group: LightGroup,
  at: string,
  errorStops: number,
  drill: DrillExercise['drill'] = 'light'
): DrillExercise => ({
  ...{ kind: 'drill', id: `${group} ${at}`, at: moment(at, 'UTC'), drill, group, seed: 1, seconds: 5 },
  ...{ errorStops, right: Math.abs(errorStops) <= 0.7 }
});
const NOW = Date.parse('2026-06-10T12:00:00Z');

describe('what comes next', () => {
  test('a kind of light that was named wrongly is due before one that was named rightly, whatever the days', () => {
    for (let seed = 0; seed < 60; seed++) {
      const random = seeded(seed);
      const [weak, strong] = [random.oneOf(LIGHT_GROUPS.slice(0, 4)), random.oneOf(LIGHT_GROUPS.slice(4))];
      const days = Array.from(
        { length: Math.floor(random.between(1, 6)) },
        (_, i) => `2026-06-0${i + 1}T1${i}:00:00Z`
      );
      const both = days.flatMap((at) => [
        answered(strong, at, random.between(-0.3, 0.3)),
        answered(weak, at, random.oneOf([-1, 1]) * random.between(1.2, 3))
      ]);
      const due = (group: LightGroup): number =>
        topicsOf(['light'], both, NOW).find((t) => t.group === group)?.dueMs ?? Infinity;
      expect(due(weak), `${seed}: ${weak} ${strong}`).toBeLessThan(due(strong));
      expect(
        nextTopic(
          topicsOf(['light'], both, NOW).filter((t) => t.answers > 0),
          NOW,
          null
        )?.group
      ).toBe(weak);
    }
  });

  test('first what is due, worst first; then what was never asked; never the same twice in a row', () => {
    const topics = topicsOf(
      ['light'],
      [answered('leaf', '2026-06-01T10:00:00Z', 2), answered('soft', '2026-06-10T11:59:00Z', 0.1)],
      NOW
    );
    expect(nextTopic(topics, NOW, null)).toMatchObject({ group: 'leaf' });
    const after = nextTopic(topics, NOW, { drill: 'light', group: 'leaf' });
    expect(after).toMatchObject({ answers: 0 });
    expect(
      nextTopic(
        topics.filter((t) => t.group === 'leaf'),
        NOW,
        { drill: 'light', group: 'leaf' }
      )?.group
    ).toBe('leaf');
    expect(nextTopic([], NOW, null)).toBeNull();
  });

  test('the order in which answers come in is no matter: two devices agree', () => {
    const list = [
      answered('leaf', '2026-06-01T10:00:00Z', 2),
      answered('leaf', '2026-06-03T10:00:00Z', 0.2),
      answered('leaf', '2026-06-05T10:00:00Z', 1.4)
    ];
    expect(topicsOf(['light'], [...list].reverse(), NOW)).toEqual(topicsOf(['light'], list, NOW));
  });

  test('an answer counts by how far it was off', () => {
    const rated = [0.1, 0.6, 1, 2].map((e) => ratingOf({ right: e <= 0.7, errorStops: e }));
    expect(rated).toEqual([4, 3, 2, 1]);
    expect([true, false].map((right) => ratingOf({ right, errorStops: null }))).toEqual([3, 1]);
  });
});

describe('a day in the field', () => {
  const day: DayExercise = {
    ...{ kind: 'day', id: 'd', at: moment('2026-06-01T10:00:00Z', 'UTC'), day: 3 },
    ...{ guess: choiceFromShadow('none'), reason: 'no shadow under the bench', read: null }
  };
  const reading = {
    at: moment('2026-06-01T10:05:00Z', 'UTC'),
    light: {
      lv: 11,
      sdStops: 0.25,
      contrast: 'flat',
      way: { kind: 'reading', text: '11', of: 'incident', elsewhere: false, meter: null }
    }
  } as const;

  test('counts once it was read; one that was not is neither right nor wrong', () => {
    expect(exerciseRead(day)).toBeNull();
    expect(exerciseRead({ ...day, read: reading })?.errorStops).toBeCloseTo(day.guess.lv - 11, 9);
    expect(exerciseRead(answered('leaf', '2026-06-01T10:00:00Z', 1))).toBeNull();
  });

  test('a sealed guess is never changed, and the first reading counts', () => {
    const later = { ...day, guess: choiceFromShadow('sharp'), read: reading };
    expect(mergedExercise(day, later)).toEqual({ ...day, read: reading });
    const again = { ...later, read: { ...reading, light: { ...reading.light, lv: 9 } } };
    expect(mergedExercise({ ...day, read: reading }, again)).toEqual({ ...day, read: reading });
    const drill = answered('leaf', '2026-06-01T10:00:00Z', 1);
    expect(mergedExercise(drill, { ...drill, errorStops: 0 })).toEqual(drill);
  });

  test('mistakes are known by what they do', () => {
    expect(questionOf({ drill: 'mistake', group: 'sharp' }, 3, null)?.printStops).not.toBe(0);
  });
});
