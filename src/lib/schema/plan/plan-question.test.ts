import { describe, expect, test } from 'vitest';
import { parseWith } from '../reading/parse.ts';
import { outingSchema } from './outing.ts';
import { chancesQuestionSchema, windowsQuestionSchema } from './plan-question.ts';

const PLACE = { name: 'Quay', latitude: 38.72, longitude: -9.14, zone: 'Europe/Lisbon' };
const STOP = {
  ...{ id: 's', subject: 'ferry', place: PLACE, time: '18:40', facing: 'front', ground: 'ground', lamps: '' },
  ...{ purpose: 'good-frame', mover: null, frames: 2, tries: 1, loadId: null }
};
const OUTING = { id: 'o', name: 'Ferries', date: '2026-09-12', sky: 'unsaid', stops: [STOP], budget: null };
const troubles = (schema: Parameters<typeof parseWith>[0], value: unknown): readonly string[] => {
  const read = parseWith(schema, value);
  return read.ok ? [] : read.error.map((f) => `${f.field}: ${f.message}`);
};

describe('an outing as JSON', () => {
  test('is taken as it is', () => {
    expect(troubles(outingSchema, OUTING)).toEqual([]);
  });
  test.each([
    ['time', { stops: [{ ...STOP, time: '25:00' }] }, 'Give the hour as 18:40'],
    ['frames', { stops: [{ ...STOP, frames: 0 }] }, 'whole numbers from 1 to 999'],
    ['lamps', { stops: [{ ...STOP, lamps: 'beach' }] }, 'lit by lamps'],
    [
      'mover',
      { stops: [{ ...STOP, mover: { metresPerSecond: 0, lengthM: 1, distanceM: 1 } }] },
      '0.05 to 400'
    ],
    ['date', { date: '2026-13-40' }, 'Give the day as'],
    ['stops', { stops: Array.from({ length: 200 }, () => STOP) }, '60 stops at most']
  ])('a wrong %s is refused in words', (field, more, words) => {
    const [said = ''] = troubles(outingSchema, { ...OUTING, ...more });
    expect(said).toContain(field);
    expect(said).toContain(words);
  });
});

describe('a question about a plan', () => {
  const day = { place: PLACE, fromMs: 1.7e12, toMs: 1.7e12 + 3.6e6, sky: 'clear', facing: 'front' };
  const base = { cameraId: 'c', filmId: 'f', present: {} };
  test('a stretch that ends before it begins, or takes a week, is refused in words', () => {
    const more = { ground: 'ground', lamps: null, shadeFromMs: null };
    expect(troubles(windowsQuestionSchema, { ...base, day: { ...day, ...more } })).toEqual([]);
    for (const toMs of [day.fromMs - 1, day.fromMs + 7 * 86_400_000])
      expect(troubles(windowsQuestionSchema, { ...base, day: { ...day, ...more, toMs } })[0]).toContain(
        'at most three days later'
      );
  });
  test('a year at once, or skies that are more than all, are refused in words', () => {
    const days = {
      ...{ place: PLACE, from: '2026-09-01', days: 30, facing: 'front', ground: 'ground', lamps: null }
    };
    expect(troubles(chancesQuestionSchema, { ...base, days })).toEqual([]);
    expect(troubles(chancesQuestionSchema, { ...base, days: { ...days, days: 365 } })[0]).toContain(
      '1 to 31'
    );
    const skies = { clear: 1, partly: 1, cloudy: 0 };
    expect(troubles(chancesQuestionSchema, { ...base, days: { ...days, skies } })[0]).toContain(
      'add up to 1'
    );
  });
});
