import { describe, expect, test } from 'vitest';
import { correctedLight, type Eye } from '#core/learn/eye.ts';
import { NO_MODIFIERS } from '#core/light/by-eye.ts';
import { AT_SUBJECT, type Metering } from '#core/light/metering.ts';
import { parseLightReading } from '#core/light/reading-text.ts';
import { SCENES, type NamedScene } from '#core/light/scenes.ts';
import {
  choiceByEye,
  choiceFromReading,
  choiceFromScene,
  choiceFromShadow,
  STARTING_LIGHT,
  type LightChoice,
  type SunWay
} from '#core/ways/choice.ts';
import { choiceFromSun } from '#core/ways/choice-from-sun.ts';
import { readEntry } from '../sheet/entry.ts';
import { SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import { typicalSheet } from '../sheet/sheet.ts';
import { newFrameSchema } from '../log/frame.ts';
import { lightFromQuery, queryFromLight, sunToWorkOut } from '../address/light-query.ts';
import { NOTE_READERS } from '../address/note-readers.ts';
import { parseWith } from './parse.ts';
import { explainCameraFault, explainFilmFault, explainQuantity } from './words.ts';

const readingOf = (text: string, metering: Metering): LightChoice => {
  const read = parseLightReading(text, { showsTenths: metering.meter?.showsTenths ?? false });
  if (!read.ok) throw new Error(text);
  return choiceFromReading(text, read.value, metering);
};
const AT_SEA: SunWay = {
  ...{ kind: 'sun', ms: Date.UTC(2026, 5, 1, 18), sky: 'partly', facing: 'back', ground: 'sand' },
  place: { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' }
};
const query = (text: string) => lightFromQuery(new URLSearchParams(text), NOTE_READERS);

/** Somebody who calls everything half a stop too bright. */
const CALLED_BRIGHT: Eye = { guesses: 20, biasStops: 0.5, biasSd: 0.125, groups: [] };

describe('light in the address', () => {
  test.each([
    choiceFromShadow('soft', { bright: true, backlit: false }),
    choiceFromShadow('deep', { bright: false, backlit: true }),
    { lv: 12.346, sdStops: 0, contrast: 'hard', way: { kind: 'hand' } },
    choiceFromShadow('sharp', { shaded: true, lowSun: 'hour' }),
    choiceByEye({ school: 'sky', clue: 'shade' }, { ...NO_MODIFIERS, bright: true }),
    choiceFromScene(SCENES[3] as NamedScene),
    correctedLight(choiceFromShadow('leaf'), CALLED_BRIGHT),
    correctedLight(choiceFromScene(SCENES[3] as NamedScene), CALLED_BRIGHT),
    readingOf('f/8 1/125 at 400', AT_SUBJECT),
    readingOf('f/8.7 1/125', {
      ...{ of: 'snow', elsewhere: true },
      meter: { name: 'old one', offsetStops: -0.4, sdStops: 0.5, showsTenths: true }
    }),
    { ...STARTING_LIGHT, lv: 12.5, way: { kind: 'frame', frameId: 'f-7', label: 'frame 7' } }
  ] as const)('what is written can be read again: %j', (light: LightChoice) => {
    const read = lightFromQuery(queryFromLight(light), NOTE_READERS);
    expect(read.problems).toEqual([]);
    expect(read.light.lv).toBeCloseTo(light.lv, 9);
    expect({ ...read.light, lv: 0 }).toEqual({ ...light, lv: 0 });
  });
  test('the light by the sun is in the address with its place and moment, to a thousandth of a stop', () => {
    const light = choiceFromSun(AT_SEA);
    const { light: read, problems } = lightFromQuery(queryFromLight(light), NOTE_READERS);
    expect(problems).toEqual([]);
    expect(read.lv).toBeCloseTo(light.lv, 2);
    expect(read.sdStops).toBeCloseTo(light.sdStops, 2);
    expect({ ...read, lv: 0, sdStops: 0 }).toEqual({ ...light, lv: 0, sdStops: 0 });
    expect(sunToWorkOut(queryFromLight(light), NOTE_READERS)).toBeNull();
  });
  test('an address that says where and when alone is worked out before it is read', () => {
    const params = new URLSearchParams({ sun: JSON.stringify(AT_SEA) });
    expect(sunToWorkOut(params, NOTE_READERS)).toEqual(AT_SEA);
    expect(sunToWorkOut(new URLSearchParams('sun={}'), NOTE_READERS)).toBeNull();
  });
  test.each(['sun={}', 'sun=noon', 'lv=12&sun={}'])(
    '%s: a place and moment that are none are told',
    (text) => {
      expect(query(text).problems).toEqual(['The place and time in the address are not understood.']);
    }
  );
  test.each([
    ['lv=abc', '“abc” is no light value', STARTING_LIGHT.lv],
    ['lv=', '“” is no light value', STARTING_LIGHT.lv],
    ['lv=25', 'LV 25 is off the scale, which runs from −8 to 18', 18],
    ['lv=-40', 'off the scale', -8],
    ['lv=12&sd=-1', '“-1” is no uncertainty', 12],
    ['lv=12&sd=1/0', 'is no uncertainty', 12],
    ['lv=1/0', 'is no light value', STARTING_LIGHT.lv],
    ['shadow=fuzzy', '“fuzzy” is no shadow edge', STARTING_LIGHT.lv],
    ['shadow=sharp&contrast=loud', '“loud” is no kind of contrast', STARTING_LIGHT.lv],
    ['reading=f/0 1/60', 'must be more than 0', STARTING_LIGHT.lv]
  ])('%s: says “%s”', (text, words, lv) => {
    const read = query(text);
    expect(read.problems.join(' ')).toContain(words);
    expect(read.light.lv).toBeCloseTo(lv, 9);
  });
  test('a decimal comma is understood, and sd 0 is certainty', () => {
    expect(query('lv=12,5&sd=0')).toEqual({
      light: { lv: 12.5, sdStops: 0, contrast: 'normal', way: { kind: 'hand' } },
      problems: []
    });
  });
});

describe('a frame to log', () => {
  const good = {
    id: 'a1b2c3d4',
    loadId: 'l',
    number: 3,
    light: { lv: 12, sdStops: 0.3, contrast: 'normal', way: { kind: 'hand' } },
    choice: { aperture: 1 },
    note: '',
    takenAt: { at: '2026-05-01T10:00:00.000Z', zone: 'Europe/Oslo' },
    ...{ cameraRevision: 1, filmRevision: 1 }
  };
  test('a good one passes', () => expect(parseWith(newFrameSchema, good).ok).toBe(true));
  test.each([
    ['takenAt', { ...good, takenAt: { at: '2026-01-99T99:99:99Z', zone: 'UTC' } }],
    ['takenAt', { ...good, takenAt: { at: '2026-05-01T10:00:00.000Z', zone: 'Nowhere' } }],
    ['cameraRevision', { ...good, cameraRevision: undefined }],
    ['number', { ...good, number: 0 }],
    ['number', { ...good, number: '3' }],
    ['id', { ...good, id: 'x; drop' }],
    ['light.lv', { ...good, light: { ...good.light, lv: 99 } }],
    ['light.sdStops', { ...good, light: { ...good.light, sdStops: -1 } }],
    ['choice.aperture', { ...good, choice: { aperture: -1 } }],
    ['light.way.clue', { ...good, light: { ...good.light, way: { ...STARTING_LIGHT.way, clue: 'x' } } }]
  ])('a bad %s is named', (field, body) => {
    const read = parseWith(newFrameSchema, body);
    expect(read.ok ? [] : read.error.map((f) => f.field)).toContain(field);
  });
});

describe('the first form', () => {
  const film = { kind: 'negative-bw', iso: '100', frames: '12' };
  const read = (texts: Readonly<Record<string, string>>) => readEntry(texts, () => 'id');
  test.each(SHEET_ENTRIES.map(({ name }) => name))('its starting answers make a camera: %s', (has) => {
    const entry = read({ has, ...typicalSheet(has), ...film });
    expect(entry).toMatchObject({ ok: true });
    expect(entry.ok && entry.value.camera.name).toBe(typicalSheet(has)['name']);
    expect(entry.ok && entry.value.film.name).toBe('Film ISO 100');
  });
  test.each([
    ['iso', '0', 'must be more than 0'],
    ['aperture', 'f/0', 'must be more than 0'],
    ['time', '1/0', 'divides by 0'],
    ['frames', 'a few', '“a few” is no number of frames'],
    ['focal', '-3', 'is no focal length'],
    ['kind', 'glass', 'Choose the kind of film']
  ])('%s = %s is refused by name', (field, value, words) => {
    const entry = read({ has: 'nothing', ...typicalSheet('nothing'), ...film, [field]: value });
    const faults = entry.ok ? [] : entry.error;
    expect(faults.map((f) => f.field)).toEqual([field]);
    expect(faults[0]?.message).toContain(words);
  });
  test.each([
    ['shortest', '1/0', 'divides by 0'],
    ['longest', 'ages', 'is not a shutter time'],
    ['believes', '0', 'must be more than 0'],
    ['lighten', 'a bit', 'is not a row of lighten–darken marks'],
    ['aperture', 'wide', 'is not an aperture']
  ])('on a camera that times itself, %s = %s is refused by name', (field, value, words) => {
    const entry = read({ has: 'timed', ...typicalSheet('timed'), ...film, [field]: value });
    const faults = entry.ok ? [] : entry.error;
    expect(faults.map((f) => f.field)).toEqual([field]);
    expect(faults[0]?.message).toContain(words);
  });
  test('limits the wrong way round are explained', () => {
    const entry = read({ has: 'timed', ...typicalSheet('timed'), ...film, longest: '1/500' });
    expect(entry.ok ? '' : entry.error[0]?.message).toContain('limits are reversed');
  });
  test('“f/5,6” is understood', () => {
    const entry = read({ has: 'nothing', ...typicalSheet('nothing'), ...film, aperture: 'f/5,6' });
    expect(entry.ok && entry.value.camera.controls[0]).toMatchObject({ position: { value: 5.6 } });
  });
});

describe('words', () => {
  test('a refusal says what came and what is accepted', () =>
    expect(explainQuantity({ quantity: 'time', problem: 'divided-by-zero', text: '1/0' })).toBe(
      '“1/0” is not a shutter time: it divides by 0. Write it as 1/60, 0.5 or 2s (from 1/100000 to 24 hours).'
    ));
  test('a film with no range is told what is missing', () =>
    expect(explainFilmFault({ fault: 'no-range', belowStops: 0, aboveStops: 2.5 })).toContain(
      '0 stops under and 2.5 over'
    ));
  test('too many settings are counted', () =>
    expect(explainCameraFault({ fault: 'too-many', count: 2050 })).toContain('2050 settings'));
});
