import ICAL from 'ical.js';
import { describe, expect, test } from 'vitest';
import type { StopTrouble } from '#core/plan/outing-plan.ts';
import { newOuting, newStop, inOrder, withStop } from './new-outing.ts';
import { calendarOfOuting } from './outing-calendar.ts';
import { readBudget, readCount, readDay, readHour, readMeasure } from './read-stop.ts';
import { sayItem, sayNeed, sayTrouble } from './say-outing.ts';
import { filmWith } from '#core/error/pairs.test.fixtures.ts';

const PLACE = { name: 'Quay', latitude: 38.7, longitude: -9.1, zone: 'Europe/Lisbon' };
const at = (time: string): number => Date.parse(`2026-09-12T${time}:00+01:00`);

describe('what stands against a stop, in words', () => {
  const say = (trouble: StopTrouble): string => sayTrouble(trouble, PLACE.zone, () => 'The box');
  test.each<[StopTrouble, string]>([
    [{ kind: 'out-of-order' }, 'This is earlier than the stop before it.'],
    [
      { kind: 'nothing-works', best: 0.2, works: null },
      'Nothing loaded does this on that day. The best way has 20 in 100.'
    ],
    [
      {
        ...{ kind: 'nothing-works', best: 0 },
        works: { fromMs: at('18:40'), toMs: at('19:05'), key: 'box', support: 'standing' }
      },
      'Nothing loaded does this then. The box would 18:40–19:05, set down.'
    ],
    [{ kind: 'not-under', skies: ['cloudy'] }, 'Not under full cloud.'],
    [{ kind: 'not-under', skies: ['clear', 'partly'] }, 'Not under a clear sky or broken cloud.'],
    [{ kind: 'runs-out', fit: 3, presses: 8 }, 'The light goes after 3 of 8 presses.'],
    [{ kind: 'runs-out', fit: 0, presses: 1 }, 'The light goes before the frame is taken.'],
    [{ kind: 'clock-change', change: 'doubled' }, 'The clocks show this hour twice: the first is meant.']
  ])('%j', (trouble, words) => {
    expect(say(trouble)).toBe(words);
  });
});

describe('what to pack, in words', () => {
  const film = filmWith();
  test('film, with and without a price', () => {
    const need = { key: 'a', film, presses: 12, left: 8, packs: 1, cost: 24 };
    expect(sayNeed(need)).toBe('12 presses, 8 left in the camera: 1 pack or roll more; 24.00 of film');
    expect(sayNeed({ ...need, presses: 1, packs: 0, cost: null })).toBe(
      '1 press, 8 left in the camera: enough'
    );
  });
  test('filters without a name', () => {
    expect(sayItem({ kind: 'filter', name: '', stops: 3 })).toBe('Grey filter (3 stops)');
    expect(sayItem({ kind: 'flash', name: '' })).toBe('Flash');
  });
});

describe('fields', () => {
  test('hours, days, counts and amounts are understood, and what is none is told', () => {
    expect(readHour('6.40 pm')).toEqual({ ok: true, value: '18:40' });
    expect(readHour('')).toEqual({ ok: true, value: '' });
    expect(readHour('25')).toMatchObject({ ok: false });
    expect(readDay('2026-09-11')('tomorrow')).toEqual({ ok: true, value: '2026-09-12' });
    expect(readDay('2026-09-11')('never')).toMatchObject({ ok: false });
    const frames = readCount('frames', 999);
    expect(frames('8')).toEqual({ ok: true, value: 8 });
    for (const text of ['0', '1.5', '1000', 'some'])
      expect(frames(text)).toEqual({ ok: false, error: `“${text}” is no number of frames. Give 1 to 999.` });
    expect(readMeasure('speed in km/h', 0.2, 1440)('7,5')).toEqual({ ok: true, value: 7.5 });
    expect(readBudget('')).toEqual({ ok: true, value: null });
    expect(readBudget('-1')).toMatchObject({ ok: false });
  });
});

describe('an outing', () => {
  const stop = (id: string) => newStop(id, PLACE, null);
  const outing = { ...newOuting('o', '2026-09-12'), stops: [stop('a'), stop('b'), stop('c')] };
  test('its stops are changed, taken out and put in another order', () => {
    expect(inOrder(outing, ['c', 'a', 'b']).stops.map((s) => s.id)).toEqual(['c', 'a', 'b']);
    expect(inOrder(outing, ['c', 'a']).stops.map((s) => s.id)).toEqual(['c', 'a', 'b']);
    expect(withStop(outing, 'b', null).stops.map((s) => s.id)).toEqual(['a', 'c']);
    expect(withStop(outing, 'b', { ...stop('b'), frames: 4 }).stops[1]?.frames).toBe(4);
  });
  test('a further stop is where the one before was, in its light', () => {
    const before = {
      ...stop('a'),
      place: { ...PLACE, name: 'Curve' },
      lamps: 'street',
      facing: 'side'
    } as const;
    expect(newStop('b', PLACE, before)).toMatchObject({
      ...{ place: { name: 'Curve' }, lamps: 'street', facing: 'side', time: '', frames: 1 }
    });
  });
  test('in a calendar each stop with an hour is an event', async () => {
    const planned = (id: string, ms: number | null) => ({
      ...{ stop: stop(id), ms, way: null, window: null, troubles: [{ kind: 'out-of-order' }] as const }
    });
    const plan = {
      stops: [planned('a', at('18:40')), planned('b', null)],
      items: [],
      films: [],
      cost: 0,
      lastMs: null
    };
    const text = await calendarOfOuting(outing, plan, [], 0);
    const events = ICAL.Component.fromString(text).getAllSubcomponents('vevent');
    expect(events).toHaveLength(1);
    const event = new ICAL.Event(events[0]);
    expect(event.startDate.toJSDate().getTime()).toBe(at('18:40'));
    expect(event.summary).toBe('A day out: Quay');
    expect(event.description).toContain('earlier than the stop before');
  });
});
