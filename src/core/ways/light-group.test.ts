import { describe, expect, test } from 'vitest';
import { AT_SUBJECT } from '../light/metering.ts';
import { knownScene } from '../light/scenes.ts';
import { choiceFromScene, choiceFromShadow } from './choice.ts';
import { groupOf, groupOfLv, isMetered, LIGHT_GROUPS, schoolSd } from './light-group.ts';

test('kinds of light are told apart by what they were called, else by how much they are', () => {
  expect(groupOf(choiceFromShadow('barely', { backlit: true }))).toBe('barely');
  expect(
    groupOf({
      lv: 14,
      way: { kind: 'sky', clue: 'overcast', bright: false, backlit: false, shaded: false, lowSun: 'no' }
    })
  ).toBe('none');
  expect(groupOf(choiceFromScene(knownScene('candles')))).toBe('indoors');
  expect(groupOf(choiceFromScene(knownScene('blue-hour')))).toBe('dusk');
  expect(groupOf({ lv: 10.2, way: { kind: 'scene', scene: 'gone' } })).toBe('leaf');
  const byLv = [17, 14.2, 14.1, 13.2, 12.2, 11.2, 10.2, 9.2, 9.1, 3.5, 3.4];
  expect(byLv.map(groupOfLv)).toEqual([
    'sharp',
    'sharp',
    'soft',
    'soft',
    'barely',
    'none',
    'leaf',
    'deep',
    'indoors',
    'indoors',
    'night'
  ]);
  expect(LIGHT_GROUPS).toHaveLength(9);
});

test('the school guesses sun well and shade worse; what is not of the open is guessed to a stop', () => {
  expect(
    ['indoors', 'dusk', 'night'].map((g) => schoolSd(LIGHT_GROUPS.find((l) => l === g) ?? 'sharp'))
  ).toEqual([1, 1, 1]);
  expect(schoolSd('sharp')).toBeLessThan(schoolSd('leaf'));
});

describe('read off something', () => {
  const picture = { kind: 'picture', surface: null, ev100: 10, phone: '' } as const;
  test('a meter, and a picture that tells more than a bound', () => {
    expect(isMetered({ kind: 'reading', text: '10', ...AT_SUBJECT })).toBe(true);
    expect(isMetered({ ...picture, bound: 'exact' })).toBe(true);
    expect(isMetered({ ...picture, bound: 'at-least' })).toBe(false);
    expect(isMetered({ ...picture, bound: 'at-most' })).toBe(false);
    expect(isMetered(choiceFromShadow('sharp').way)).toBe(false);
    expect(isMetered({ kind: 'hand' })).toBe(false);
  });
});
