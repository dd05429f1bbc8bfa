import { describe, expect, test } from 'vitest';
import type { SunWay } from '#core/ways/choice.ts';
import { explainClock, explainCoordinates, sayCoordinates, sayEvent } from './say-sun.ts';
import { SunDraft } from './sun-draft.svelte.ts';

const sea = { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };
const town = { name: 'A town', latitude: 52.5, longitude: 13.4, zone: 'Europe/Berlin' };
const way: SunWay = {
  ...{ kind: 'sun', place: sea, ms: Date.UTC(2026, 5, 20, 18), sky: 'clear', facing: 'side', ground: 'sand' }
};

describe('place, time and sky while they are entered', () => {
  test('a sum that was made before comes back as it was', () => {
    const draft = new SunDraft(way, null);
    expect([draft.date, draft.time]).toEqual(['2026-06-20', '16:00']);
    expect(draft.way).toEqual(way);
    expect(draft.course).toHaveLength(13);
    expect(draft.events.map((e) => e.kind)).toContain('sunset');
  });
  test('without a place there is no sum, and nothing is claimed', () => {
    const draft = new SunDraft(null, null);
    expect([draft.way, draft.ms, draft.trouble]).toEqual([null, null, '']);
    expect(draft.course).toEqual([]);
  });
  test('the sky is any until the person says what they see', () => {
    const draft = new SunDraft(null, town);
    expect(draft.way?.sky).toBe('unsaid');
    draft.sky = 'cloudy';
    expect(draft.way?.sky).toBe('cloudy');
  });
  test('days and times in words are understood', () => {
    const draft = new SunDraft(null, town);
    draft.date = '3.2.2027';
    draft.time = '6:44 pm';
    expect(draft.way?.ms).toBe(Date.UTC(2027, 1, 3, 17, 44));
    draft.time = '18';
    expect(draft.way?.ms).toBe(Date.UTC(2027, 1, 3, 17));
  });
  test('a day that is none leaves no sum but words', () => {
    const draft = new SunDraft(way, null);
    draft.date = '2026-02-30';
    expect(draft.way).toBeNull();
    expect(draft.trouble).toContain('no day of the calendar');
    draft.date = '2026-03-01';
    draft.time = '25:10';
    expect(draft.trouble).toContain('no time of day');
  });
  test('a skipped hour waits for which moment is meant', () => {
    const draft = new SunDraft(null, town);
    draft.date = '2026-03-29';
    draft.time = '02:30';
    expect(draft.way).toBeNull();
    expect(draft.choices?.later).toContain('03:30');
    draft.meant = 'later';
    expect(draft.way?.ms).toBe(Date.UTC(2026, 2, 29, 1, 30));
  });
  test('moving to another place keeps the moment and shows its clocks', () => {
    const draft = new SunDraft(way, null);
    draft.moveTo(town);
    expect(draft.ms).toBe(way.ms);
    expect(draft.time).toBe('20:00');
  });
  test('when the light passes a value: a moment, never, or not asked', () => {
    const draft = new SunDraft(way, null);
    expect(draft.passing).toBe('');
    draft.wanted = '5';
    expect(draft.passing).toBeGreaterThan(way.ms);
    draft.wanted = '17.9';
    expect(draft.passing).toBeNull();
    draft.wanted = 'much';
    expect(draft.passing).toBe('');
  });
});

describe('sun and clocks in words', () => {
  test('twilights carry their names', () => {
    expect(sayEvent('civil-dusk')).toBe('last light to read by (civil twilight ends)');
    expect(sayEvent('moonrise')).toBe('moonrise');
  });
  test('what is wrong with coordinates, and how they are written', () => {
    expect(explainCoordinates({ problem: 'off-the-earth', which: 'longitude', value: 190 })).toContain(
      '190 is no longitude: it lies between −180 and 180'
    );
    expect(explainCoordinates({ problem: 'not-coordinates' })).toContain('47.5 −28.2');
    expect(sayCoordinates(-33.9, 18.4)).toBe('33.9 S, 18.4 E');
  });
  test('hours that clocks skip or double are asked about', () => {
    expect(explainClock({ problem: 'doubled', earlierMs: 0, laterMs: 1 })).toContain('twice');
    expect(explainClock({ problem: 'bad-zone', text: 'Mars' })).toContain('“Mars” is not known');
  });
});
