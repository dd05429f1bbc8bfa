import { describe, expect, test } from 'vitest';
import { METERED } from '#core/light/metering.ts';
import { parseLightReading } from '#core/light/reading-text.ts';
import type { LightWay } from '#core/ways/choice.ts';
import { choiceByEye, choiceFromShadow } from '#core/ways/choice.ts';
import { NO_MODIFIERS } from '#core/light/by-eye.ts';
import { sayGuess, sayLightShort } from '../log/say-frame.ts';
import { METERED_WORDS, sayLight, sayWay } from './say-light.ts';
import { sayReading } from './say-reading.ts';

const meter = { name: 'The phone', offsetStops: 0, sdStops: 0.3, showsTenths: false };
const ways: readonly (readonly [LightWay, string])[] = [
  [{ kind: 'hand' }, 'the marker on the ruler'],
  [choiceFromShadow('sharp', { backlit: true }).way, '“sharp edge”, lit from behind −1'],
  [choiceFromShadow('sharp', { backlit: true, shaded: true }).way, '“sharp edge”, its shaded side'],
  [
    choiceByEye({ school: 'sky', clue: 'few' }, { ...NO_MODIFIERS, bright: true, lowSun: 'half-hour' }).way,
    '“few clouds”, bright ground +1, within half an hour of sunrise or sunset −2'
  ],
  [{ kind: 'scene', scene: 'stage' }, '“stage, average”'],
  [
    { kind: 'reading', text: 'EV 9', of: 'snow', elsewhere: true, meter },
    'your reading of snow, with The phone, held in another light'
  ],
  [{ kind: 'frame', frameId: 'x', label: 'frame 7 of Tidewater' }, 'frame 7 of Tidewater'],
  [
    {
      ...{ kind: 'sun', ms: Date.UTC(2026, 8, 12, 19), sky: 'partly', facing: 'back', ground: 'sand' },
      place: { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' }
    },
    'sun and sky at Out at sea, 2026-09-12 17:00, broken cloud, lit from behind'
  ]
];

describe('the light in words', () => {
  test.each(ways)('%o', (way, words) => expect(sayWay(way)).toBe(words));
  test('with its value and spread, in thirds', () =>
    expect(sayLight(choiceFromShadow('none'))).toBe('LV 11⅔ from “no shadow”, give or take ⅔.'));
  test('in short for a frame; a light set by hand is its value alone', () => {
    expect(sayLightShort(choiceFromShadow('soft'))).toBe('LV 13⅔ from “soft edge”');
    expect(sayLightShort({ ...choiceFromShadow('soft'), way: { kind: 'hand' } })).toBe('LV 13⅔');
  });
  test('a guess against what was found', () => {
    const found = choiceFromShadow('none');
    expect(sayGuess(null, found)).toBe('');
    expect(sayGuess({ ...found, lv: found.lv + 2 }, found)).toContain('2 stops too bright');
    expect(sayGuess({ ...found, lv: found.lv - 1 }, found)).toContain('1 stop too dark');
    expect(sayGuess(found, found)).toContain(': right');
  });
  test('everything that can be metered has its words', () =>
    expect(Object.keys(METERED_WORDS).sort()).toEqual([...METERED].sort()));
  test.each([
    ['f/8 1/60 at 400', 'Understood as f/8 for 1/60 s at ISO 400: LV 10.'],
    ['EV 12 at 200', 'Understood as EV 12 at ISO 200: LV 11.'],
    ['2500 lux', 'Understood as 2500 lux on a flat cell: LV 10.'],
    ['128 cd/m²', 'Understood as 128 cd/m², light thrown back: LV 10.']
  ])('“%s”', (text, words) => {
    const reading = parseLightReading(text);
    expect(reading.ok && sayReading(reading.value)).toBe(words);
  });
});
