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
import { learnEye } from '../learn/eye.ts';
import { learnPrintEye } from '../learn/print-eye.ts';
import {
  DRILLS,
  exerciseRead,
  eyeOf,
  mergedExercise,
  printEyeOf,
  type DayExercise,
  type DrillExercise
} from './exercise.ts';
import { judgedFilm } from './judged-film.ts';
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

describe('what is known of a topic', () => {
  const state = (list: readonly DrillExercise[], drill: DrillExercise['drill'], group: LightGroup) =>
    topicsOf(['light', 'film', 'same'], list, NOW).find((t) => t.drill === drill && t.group === group);

  test('its own answers count, those of other drills and kinds of light do not', () => {
    const list = [
      answered('leaf', '2026-06-01T10:00:00Z', 2),
      answered('leaf', '2026-06-02T10:00:00Z', 0.1),
      answered('leaf', '2026-06-03T10:00:00Z', 0.1, 'film'),
      answered('soft', '2026-06-03T10:00:00Z', 2)
    ];
    expect(state(list, 'light', 'leaf')).toMatchObject({ answers: 2, right: 1 });
    expect(state(list, 'film', 'leaf')).toMatchObject({ answers: 1, right: 1 });
    expect(state(list, 'light', 'soft')).toMatchObject({ answers: 1, right: 0 });
    expect(state(list, 'film', 'soft')).toMatchObject({ answers: 0, dueMs: null, recall: 0 });
  });

  test('equal exposures are one card, whatever light they were asked in', () => {
    const list = [
      answered('leaf', '2026-06-01T10:00:00Z', 0, 'same'),
      answered('soft', '2026-06-02T10:00:00Z', 2, 'same')
    ];
    const topics = topicsOf(['same'], list, NOW);
    expect(topics).toHaveLength(1);
    expect(topics[0]).toMatchObject({ drill: 'same', answers: 2, right: 1 });
  });

  test('what was answered rightly fades with the days', () => {
    const list = [answered('leaf', '2026-06-01T10:00:00Z', 0.1)];
    const at = (day: number): number =>
      topicsOf(['light'], list, Date.parse('2026-06-01T10:00:00Z') + day * 86_400_000).find(
        (t) => t.group === 'leaf'
      )?.recall ?? NaN;
    expect(at(0)).toBeCloseTo(1, 3);
    // a clock that was put back does not make it older
    expect(at(-30)).toBe(at(0));
    expect(at(3)).toBeLessThan(at(1));
    expect(at(30)).toBeLessThan(at(3));
  });

  test('of what is due the worst known comes first, of what is not the soonest', () => {
    const topic = (group: LightGroup, dueMs: number | null, recall: number) => ({
      ...{ drill: 'light' as const, group, answers: 1, right: 1, dueMs, recall }
    });
    const first = (...topics: readonly ReturnType<typeof topic>[]) => nextTopic(topics, NOW, null)?.group;
    expect(first(topic('leaf', NOW - 9, 0.8), topic('soft', NOW - 5, 0.4))).toBe('soft');
    expect(first(topic('leaf', NOW + 9, 0.1), topic('soft', NOW + 5, 0.9))).toBe('soft');
    expect(first(topic('leaf', NOW + 1, 0.1), topic('soft', NOW, 0.9))).toBe('soft');
    expect(first(topic('leaf', NOW + 1, 0.1), topic('soft', null, 0))).toBe('soft');
  });
});

describe('a scale to answer on', () => {
  test('reaches over all that can be right, and the truth lies on it', () => {
    for (const [drill, from, to] of [
      ['light', 1, 17] as const,
      ['compensation', -3, 3] as const,
      ['print', -4, 4] as const
    ])
      for (const { asks } of asked(drill)) {
        expect(asks).toMatchObject({ kind: 'stops', from, to, step: 0.5 });
        if (asks.kind !== 'stops') continue;
        expect(asks.truth).toBeGreaterThanOrEqual(from);
        expect(asks.truth).toBeLessThanOrEqual(to);
      }
  });

  test('a meter that is told far too little is asked for as far as the scale goes', () => {
    const told = Array.from({ length: 40 }, (_, seed) =>
      questionOf({ drill: 'compensation', group: 'indoors' }, seed, null)
    ).flatMap((q) => (q?.scene && q.asks.kind === 'stops' ? [{ scene: q.scene, truth: q.asks.truth }] : []));
    expect(told.length).toBe(40);
    for (const { scene, truth } of told) {
      const stops = metersTooMuch(scene);
      expect(truth).toBe(stops < -3 ? -3 : stops > 3 ? 3 : stops);
    }
  });

  test('a setting that was taken for the right one is graded by the stops between them', () => {
    for (const question of asked('setting')) {
      const { asks } = question;
      if (asks.kind !== 'one-of') throw new Error('no options');
      const stops = asks.options.map((o) => (o.kind === 'setting' ? o.deltaStops : NaN));
      stops.forEach((s, i) =>
        expect(gradeAnswer(question, i).errorStops).toBeCloseTo(s - (stops[asks.right] ?? NaN), 9)
      );
    }
  });
});

test('prints are judged on a film that shows its own tones: what is in the camera, another of the bag, else a slide', () => {
  const negative = filmWith({ kind: 'negative-colour' });
  expect(judgedFilm(INSTANT, [SLIDE])).toBe(INSTANT);
  expect(judgedFilm(negative, [negative, INSTANT])).toBe(INSTANT);
  expect(judgedFilm(null, [SLIDE])).toBe(SLIDE);
  expect(judgedFilm(negative, [negative])).toMatchObject({ kind: 'reversal', formats: ['135'] });
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

  test('the eye is known by days in the field and by guesses noted with frames', () => {
    const read = { ...day, read: reading };
    const noted = { id: 'f', at: reading.at, group: 'leaf' as const, errorStops: 0.8, readingSd: 0.25 };
    const own = exerciseRead(read);
    expect(eyeOf([day, read, answered('leaf', '2026-06-01T10:00:00Z', 1)], [noted])).toEqual(
      learnEye([noted, ...(own ? [own] : [])])
    );
    expect(eyeOf([read], []).guesses).toBe(1);
  });

  test('how prints are judged is known by the drills that asked for it', () => {
    const errors = [0.5, 1, 0.5, 1, 0.5, 1];
    const prints = errors.map((e, i) => answered('leaf', `2026-06-0${i + 1}T10:00:00Z`, e, 'print'));
    const others = errors.map((_, i) => answered('leaf', `2026-06-0${i + 1}T11:00:00Z`, -3));
    const unsaid = prints.map((p) => ({ ...p, errorStops: null }));
    expect(printEyeOf([...prints, ...others, ...unsaid])).toEqual(learnPrintEye(errors));
    expect(learnPrintEye(errors)).not.toBeNull();
    expect(printEyeOf(others)).toEqual(learnPrintEye([]));
  });

  test('mistakes are known by what they do', () => {
    expect(questionOf({ drill: 'mistake', group: 'sharp' }, 3, null)?.printStops).not.toBe(0);
  });
});
