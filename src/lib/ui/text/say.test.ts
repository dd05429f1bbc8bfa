import { describe, expect, test } from 'vitest';
import { settingOf } from '#core/camera/setting.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { bestSetting } from '#core/advice/rank.ts';
import { BOX, filmWith, INSTANT, SCALES } from '#core/error/pairs.test.fixtures.ts';
import {
  chanceInHundred,
  sayError,
  sayFactors,
  sayFailure,
  sayInstruction,
  sayReason,
  saySlack,
  sayTime,
  sayVerdict
} from './say.ts';
import { sayIntervals, sayLight, sayStretch, sayReach, saySpeeds } from './say-light.ts';
import { sayRemedy, sayRemedySetting, sayStep } from './say-remedy.ts';

const sun = choiceFromShadow('sharp', { bright: false, backlit: false });
const verdictFor = (film = filmWith(), lv = sun.lv) => {
  const verdict = bestSetting({ camera: BOX, film, light: { ...sun, lv }, contrast: 'normal' }, {});
  if (!verdict) throw new Error('no setting');
  return verdict;
};

describe('the verdict in words', () => {
  test('likely, too light and too dark', () => {
    expect(sayVerdict(verdictFor())).toBe('It will likely come out');
    expect(sayVerdict(verdictFor(INSTANT))).toBe('Too light by 4⅓ stops');
    expect(sayVerdict(verdictFor(INSTANT, 5))).toBe('Too dark by 4 stops');
  });
  test('next to nothing is told without a number', () => {
    const just = { ...verdictFor(INSTANT), slackOverStops: -0.1, slackUnderStops: 1 };
    expect(sayVerdict(just)).toBe('Just too light');
    expect(saySlack(just, null)).toContain('a little less light');
  });
  test('the reason names the error and what the film takes', () =>
    expect(sayReason(filmWith(), verdictFor())).toEqual([
      '2⅓ stops over;',
      'test film takes 1⅔ under to 4⅔ over here.'
    ]));
  test('how far the light may move, or what is missing', () => {
    const room = { fallStops: 3.8, riseStops: null };
    expect(saySlack(verdictFor(), room)).toBe(
      'The light may fall 3⅔ stops or rise all the way before it is a coin toss.'
    );
    expect(saySlack(verdictFor(), null)).toContain('too unsure');
    expect(saySlack(verdictFor(INSTANT), null)).toContain('less light on the film');
    expect(saySlack(verdictFor(INSTANT, 5), null)).toContain('more light on the film');
  });
  test.each([
    [1, 99],
    [0, 1],
    [0.944, 94]
  ])('a chance of %d is %d in a hundred', (p, n) => expect(chanceInHundred(p)).toBe(n));
  test.each([
    [0, 'right on'],
    [0.1, 'right on'],
    [-1 / 3, '⅓ stop under'],
    [2, '2 stops over']
  ])('%d is %s', (d, text) => expect(sayError(d)).toBe(text));
});

describe('what to do', () => {
  test('one part per control, in the camera’s own marks', () => {
    const setting = settingOf(SCALES, { aperture: 2, time: 1 });
    expect(setting && sayInstruction(SCALES, setting)).toEqual(['Aperture 8,', 'shutter 0.00390625']);
  });
  test('what spoils most frames is said first', () => {
    const held = bestSetting(
      {
        ...{ camera: { ...BOX, handHeldSeconds: 1 / 1000 }, film: filmWith() },
        light: sun,
        contrast: 'normal'
      },
      {}
    );
    expect(held && sayVerdict(held)).toBe('Too long for the hand');
    expect(held && sayFactors(held)).toMatch(/^Exposure 99 · hand still \d+ in 100$/);
    expect(sayFactors({ ...verdictFor(), factors: [{ kind: 'exposure', chance: 1 }] })).toBe('');
    const sure = { kind: 'lock', chance: 0.99 } as const;
    expect(held && sayFactors({ ...held, factors: [...held.factors, sure] })).toBe(held && sayFactors(held));
  });
  test('nothing to set on a box camera', () =>
    expect(sayInstruction(BOX, verdictFor().setting)).toEqual(['Nothing to set.', 'Just press.']));
  test('a condition comes with its cure', () =>
    expect(sayFailure({ condition: 'hold', chance: 0.12, seconds: 0.5, limitSeconds: 1 / 20 })).toBe(
      '½ s by hand: about 12 in 100 are still (1/20 s is held by most). Put the camera on something.'
    ));
  test.each([
    [{ condition: 'motion', seconds: 1 / 30, limitSeconds: 1 / 250 }, /blur \(1\/250 s stops it\)/],
    [{ condition: 'too-near', subjectM: 0.8, nearM: 1.24, focusMark: null }, /sharp from 1\.2 m/],
    [{ condition: 'too-far', subjectM: 20, farM: 6.4, focusMark: null }, /up to 6 m/],
    [{ condition: 'sync', seconds: 1 / 250, syncSeconds: 1 / 60 }, /needs 1\/60 s or longer/],
    [{ condition: 'counted-too-short', seconds: 0.5 }, /count one second or more/],
    [{ condition: 'counted-in-hand', seconds: 4 }, /Nobody holds 4 s in the hand/],
    [{ condition: 'locked', longestSeconds: 1 }, /shutter locks/]
  ] as const)('%o is told', (failure, words) => expect(sayFailure({ ...failure, chance: 0 })).toMatch(words));
  test('a time has its unit once', () => expect([sayTime(1 / 60), sayTime(2)]).toEqual(['1/60 s', '2 s']));
});

describe('remedies', () => {
  test('what comes before setting anything, or instead of it, has no setting', () => {
    const verdict = bestSetting({ camera: SCALES, film: filmWith(), light: sun, contrast: 'normal' }, {});
    if (!verdict) throw new Error('no setting');
    const setting = (kind: 'reading' | 'not-today' | 'support') =>
      sayRemedySetting(SCALES, { steps: [{ kind }], verdict, gain: 0 });
    expect([setting('reading'), setting('not-today')]).toEqual(['', '']);
    expect(setting('support')).toMatch(/^then /);
  });
  const grey = { kind: 'filter', filter: { name: '', stops: 2, place: 'pack' } } as const;
  test('steps are told as things to do', () => {
    expect(sayStep(grey)).toBe('grey filter of 2 stops on the film pack');
    expect(sayStep({ kind: 'development', stops: -1 })).toBe('have the film pulled 1 stop');
    expect(sayStep({ kind: 'filter', filter: { name: 'Smoke', stops: 2, place: 'lens' } })).toBe(
      'Smoke (2 stops) on the lens'
    );
    const unit = { name: 'Wink', guideNumber: 18, powers: [0, 3], seconds: 0.001, angleDegrees: null };
    expect(sayStep({ kind: 'flash', flash: { unit, powerStops: 3, lossStops: 0 } })).toBe(
      'flash at 1/8 power (Wink)'
    );
    expect(sayStep({ kind: 'exposures', count: 2 })).toContain('2 exposures on one frame');
    expect(sayStep({ kind: 'film', film: filmWith({ name: 'Slow' }) })).toBe('load Slow');
  });
  test('a pair of steps is one sentence', () => {
    const verdict = verdictFor();
    expect(sayRemedy({ steps: [grey, { kind: 'support' }], verdict, gain: 0.3 })).toBe(
      'Grey filter of 2 stops on the film pack, and put the camera on something'
    );
  });
});

describe('light, reach and speeds', () => {
  test('the light says how it was found', () => {
    const snow = choiceFromShadow('soft', { bright: true, backlit: false });
    expect(sayLight(snow)).toBe('LV 14⅔ from “soft edge”, bright ground +1, give or take ⅔.');
  });
  test('an empty reach tells how well the light must be known', () => {
    expect(sayReach({ likely: [], possible: [], services: [], largestLikelySd: 0.7 })).toContain(
      'within ⅔ stop'
    );
    expect(sayReach({ likely: [], possible: [], services: [], largestLikelySd: null })).toContain(
      'test roll'
    );
  });
  test('a reach beyond the scale is told as far as the scale goes', () => {
    const reach = { likely: [{ from: -12, to: 19.3 }], possible: [], services: [], largestLikelySd: 1 };
    expect(sayReach(reach)).toBe('Comes out from LV −8 to 18');
  });
  test('gaps under half a stop are closed, and words go to half stops', () => {
    const likely = [
      { from: 9.3, to: 9.7 },
      { from: 10.1, to: 10.7 },
      { from: 12, to: 13.3 }
    ];
    expect(sayIntervals(likely)).toBe('9½ to 10½, and 12 to 13½');
    expect(sayIntervals([{ from: -0.4, to: 0.6 }])).toBe('−½ to ½');
  });
  test('in few words a reach in slivers is one stretch too', () => {
    const slivers = [9, 10, 11].map((lv) => ({ from: lv, to: lv + 0.1 }));
    expect(sayStretch(slivers)).toBe('LV 9 to 11, where a mark fits');
    expect(sayStretch(slivers.slice(0, 1))).toBe('LV about 9');
    expect(sayStretch([])).toBe('no light is sure');
  });
  test('a reach in slivers is told as one stretch', () => {
    const slivers = [9, 10, 11].map((lv) => ({ from: lv, to: lv + 0.1 }));
    const reach = { likely: slivers, possible: [{ from: 8, to: 12 }], services: [], largestLikelySd: 0.5 };
    expect(sayReach(reach)).toBe('May come out from LV 8 to 12, likely only where a mark fits the light');
  });
  test('film speeds', () => {
    expect(saySpeeds({ slowest: 25, centred: 50, fastest: 400 })).toBe('ISO 25 to 400, best 50');
    expect(saySpeeds(null)).toContain('No film speed');
  });
});
