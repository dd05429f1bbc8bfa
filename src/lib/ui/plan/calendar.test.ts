// Read back by two independent parsers.
import ICAL from 'ical.js';
import nodeIcal from 'node-ical';
import { expect, test } from 'vitest';
import { calendarOf } from './calendar.ts';

// the night in which the clocks of Lisbon go back: 1:30 is shown twice
const fromMs = Date.UTC(2026, 9, 25, 0, 30);
const toMs = Date.UTC(2026, 9, 25, 1, 30);
const EVENT = {
  ...{ fromMs, toMs, zone: 'Europe/Lisbon', nowMs: Date.UTC(2026, 9, 1) },
  title: 'Pelican, set down; with “Slowpack”, 160',
  place: 'Quay 4, Lisbon',
  notes: [
    '01:30 Lighten–darken 0, 4 to 10 s',
    '',
    'a line that is longer than seventy-five octets and has to be folded by whoever writes it, ½ stop'
  ]
};
const text = calendarOf([EVENT]);

test('times, title and notes come back through ical.js', () => {
  const event = new ICAL.Event(ICAL.Component.fromString(text).getFirstSubcomponent('vevent') ?? undefined);
  expect(event.startDate.toJSDate().getTime()).toBe(fromMs);
  expect(event.endDate.toJSDate().getTime()).toBe(toMs);
  expect(event.summary).toBe('Pelican, set down; with “Slowpack”, 160');
  expect(event.location).toBe('Quay 4, Lisbon');
  expect(event.description).toContain('01:30–01:30 at Quay 4, Lisbon (Europe/Lisbon)');
  expect(event.description).toContain('whoever writes it, ½ stop');
});

test('and through node-ical', () => {
  const [event] = Object.values(nodeIcal.sync.parseICS(text)).filter((c) => c?.type === 'VEVENT');
  expect(event).toMatchObject({ summary: 'Pelican, set down; with “Slowpack”, 160' });
  expect(event?.type === 'VEVENT' && [event.start.getTime(), event.end?.getTime()]).toEqual([fromMs, toMs]);
  expect(event?.type === 'VEVENT' && event.alarms?.length).toBe(1);
});

test('lines end as RFC 5545 asks and none is longer than 75 octets', () => {
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
  for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
});

test('two windows are two events, also where they are at the same time', () => {
  const two = calendarOf([EVENT, { ...EVENT, title: 'Another' }]);
  const events = Object.values(nodeIcal.sync.parseICS(two)).filter((c) => c?.type === 'VEVENT');
  expect(events).toMatchObject([{ summary: EVENT.title }, { summary: 'Another' }]);
});
