// What changes the light of a clue. Stops: common practice, no source.
import { describe, expect, it } from 'vitest';
import { lightByEye, NO_MODIFIERS, type EyeClue } from './by-eye.ts';
import { clueFromWords } from './clue-words.ts';
import { findScenes, SCENES } from './scenes.ts';

const SHARP: EyeClue = { school: 'shadow', clue: 'sharp' };
const lv = (more: Partial<typeof NO_MODIFIERS>, view: EyeClue = SHARP): number =>
  lightByEye(view, { ...NO_MODIFIERS, ...more }).lv;

describe('what changes the light beside the clue', () => {
  const plain = lv({});
  it('snow is a stop more; from behind, and low sun, is less', () => {
    expect(plain).toBeCloseTo(Math.log2(100 * 256), 9);
    expect(lv({ bright: true }) - plain).toBeCloseTo(1, 9);
    expect(lv({ backlit: true }) - plain).toBeCloseTo(-1, 9);
    expect(lv({ lowSun: 'hour' }) - plain).toBeCloseTo(-1, 9);
    expect(lv({ lowSun: 'half-hour' }) - plain).toBeCloseTo(-2, 9);
  });

  it('they add up; on a shaded side the backlight is in it already', () => {
    expect(lv({ bright: true, backlit: true, lowSun: 'half-hour' }) - plain).toBeCloseTo(-2, 9);
    expect(lv({ shaded: true })).toBeCloseTo(Math.log2(100 * 64), 9);
    expect(lv({ shaded: true, backlit: true })).toBeCloseTo(lv({ shaded: true }), 9);
    expect(lightByEye(SHARP, { ...NO_MODIFIERS, shaded: true, backlit: true }).contrast).toBe('flat');
    // without sun there is no shaded side
    const overcast: EyeClue = { school: 'sky', clue: 'overcast' };
    expect(lv({ shaded: true }, overcast)).toBe(lv({}, overcast));
  });
});

it('scenes are found by every word, in any case and with any blanks; all of them by none', () => {
  expect(findScenes('   ')).toHaveLength(SCENES.length);
  expect(findScenes('')).toHaveLength(SCENES.length);
  const one = findScenes('LIVING  room ');
  expect(one.length).toBeGreaterThan(0);
  expect(one).toEqual(findScenes('room living'));
  expect(findScenes('living ferry')).toHaveLength(0);
});

it('a clue is understood with blanks around it', () =>
  expect(clueFromWords('  Overcast ')).toEqual(clueFromWords('overcast')));
