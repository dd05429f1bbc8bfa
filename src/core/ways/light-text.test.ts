import { expect, test } from 'vitest';
import { choiceFromScene, choiceFromShadow } from './choice.ts';
import { SCENES } from '../light/scenes.ts';
import { LIGHT_WORDS, lightFromText } from './light-text.ts';

test('clues of both schools, a scene in full or in part, a reading, an LV', () => {
  expect(lightFromText(' Soft ')).toEqual({ ok: true, value: choiceFromShadow('soft') });
  // overcast is f/5.6 at 1/ISO: LV 11.64; common practice, no source
  const overcast = lightFromText('overcast');
  expect(overcast.ok && overcast.value.lv).toBeCloseTo(Math.log2(100 * 5.6 ** 2), 1);
  const [scene] = SCENES;
  if (!scene) throw new Error('no scene');
  expect(lightFromText(scene.name.toUpperCase())).toEqual({ ok: true, value: choiceFromScene(scene) });
  // f/8 for 1/60 s at ISO 100 is LV 12 by definition (ISO 2720)
  const reading = lightFromText('f/8 1/60');
  expect(reading.ok && reading.value.lv).toBeCloseTo(12, 1);
  expect(lightFromText('LV 9').ok).toBe(true);
});

test('the words people have for the light outdoors are clues', () => {
  const clueOf = (text: string) => {
    const read = lightFromText(text);
    return read.ok && 'clue' in read.value.way ? read.value.way.clue : null;
  };
  expect(
    ['Sunny', 'full sun', 'hazy sun', 'cloudy bright', 'cloudy', 'open shade', 'deep shade'].map(clueOf)
  ).toEqual([...['sharp', 'sharp', 'soft', 'barely', 'none', 'leaf', 'deep']]);
  expect(clueOf('sunny but cold')).toBeNull();
});

test('every word of the list is understood, others are not', () => {
  for (const word of LIGHT_WORDS) expect(lightFromText(word).ok, word).toBe(true);
  for (const bad of ['', 'brightish', '99', 'f/0 1/60']) expect(lightFromText(bad).ok, bad).toBe(false);
});
