import { describe, expect, test } from 'vitest';
import { otherSchool, SAME_VIEW } from './by-eye.ts';
import { clueFromWords } from './clue-words.ts';
import { findScenes, knownScene, sceneById, SCENES } from './scenes.ts';
import { SHADOW_STEPS } from './shadow-edge.ts';
import { SKY_STEPS, skyStep } from './sky-first.ts';

describe('the two schools', () => {
  test('say one view each in their words, there and back', () => {
    for (const [shadow, sky] of SAME_VIEW) {
      expect(otherSchool({ school: 'shadow', clue: shadow })).toEqual({ school: 'sky', clue: sky });
      expect(otherSchool({ school: 'sky', clue: sky })).toEqual({ school: 'shadow', clue: shadow });
    }
    expect(SAME_VIEW).toHaveLength(SKY_STEPS.length);
    expect(SHADOW_STEPS.map((s) => s.clue)).toEqual(SAME_VIEW.map(([shadow]) => shadow));
  });
  test('a step is found by its clue', () => {
    for (const step of SKY_STEPS) expect(skyStep(step.clue)).toBe(step);
  });
});

describe('words for the light outdoors', () => {
  test.each([
    ['Full sun', 'sharp'],
    ['  SUNNY ', 'sharp'],
    ['sharp shadows', 'sharp'],
    ['hazy sun', 'soft'],
    ['soft edge', 'soft'],
    ['cloudy bright', 'barely'],
    ['overcast', 'none'],
    ['grey sky', 'none'],
    ['no shadow', 'none'],
    ['open shade', 'leaf'],
    ['under the trees', 'leaf'],
    ['deep shade', 'deep'],
    ['under a roof', 'deep']
  ])('“%s” is %s', (text, clue) => expect(clueFromWords(text)).toEqual({ school: 'shadow', clue }));
  test.each(['', 'sun and cloud', 'sunset', 'deep', 'the sun', 'f/16'])('“%s” says something else', (text) =>
    expect(clueFromWords(text)).toBeNull()
  );
});

describe('named scenes', () => {
  test('are found by every word of theirs, in any case and order', () => {
    expect(findScenes('').length).toBe(SCENES.length);
    expect(findScenes('  ').length).toBe(SCENES.length);
    for (const scene of SCENES) {
      expect(findScenes(scene.name.toUpperCase()), scene.name).toContain(scene);
      expect(findScenes([...scene.name.split(' ')].reverse().join('  '))).toContain(scene);
      expect(findScenes(scene.group)).toContain(scene);
    }
    expect(findScenes('street zebra')).toEqual([]);
    expect(findScenes('street').length).toBeLessThan(SCENES.length / 2);
  });
  test('are known by their id, and by nothing else', () => {
    for (const scene of SCENES) expect(knownScene(scene.id)).toBe(scene);
    expect(sceneById('nowhere') ?? null).toBeNull();
    expect(() => knownScene('nowhere')).toThrow(RangeError);
  });
});
