import { describe, expect, test } from 'vitest';
import { frameWith } from '#core/log/frames.test.fixtures.ts';
import { filmWith, SCALES } from '#core/error/pairs.test.fixtures.ts';
import { PLAIN } from '#core/error/circumstances.ts';
import { moment } from '#core/sky/moment.ts';
import { draftOf, readDraft, type FrameDraft } from './frame-draft.ts';

const frame = frameWith(SCALES, filmWith(), {
  ...{ number: 84, takenAt: moment('2026-05-01T10:00:30.500Z', 'Asia/Tokyo'), timedSeconds: 3.6 },
  ...{ conditions: { circumstances: { ...PLAIN, subjectM: 2.54321 } }, heardSeconds: 0.25 }
});
const read = (more: Partial<FrameDraft> = {}) =>
  readDraft({ ...draftOf(frame), ...more }, frame, frame.light, SCALES);

describe('the form of a frame', () => {
  test('by the clocks it was taken by', () =>
    expect(draftOf(frame)).toMatchObject({ date: '2026-05-01', time: '19:00', zone: 'Asia/Tokyo' }));
  test('opened and saved it changes nothing, to the last digit', () =>
    expect(read()).toEqual({ ok: true, value: { from: {}, to: {} } }));
  test.each([
    [{ number: '38' }, { number: 38 }],
    [{ time: '19:20' }, { takenAt: moment('2026-05-01T10:20:00.000Z', 'Asia/Tokyo') }],
    [{ zone: 'UTC' }, { takenAt: moment('2026-05-01T19:00:00.000Z', 'UTC') }],
    [{ place: ' by the mill ' }, { place: 'by the mill' }],
    [{ choice: { aperture: '2', time: '0' } }, { choice: { aperture: 2, time: 0 } }],
    [{ held: '' }, { timedSeconds: null }],
    [{ held: '4' }, { timedSeconds: 4 }],
    [{ heard: 'about 1/2' }, { heardSeconds: 0.5 }],
    [{ distance: '3 m' }, { conditions: { circumstances: { ...PLAIN, subjectM: 3 } } }]
  ] as const)('%o changes just that', (more, to) => {
    const found = read(more);
    expect(found.ok && found.value.to).toEqual(to);
    expect(found.ok && Object.keys(found.value.from)).toEqual(Object.keys(to));
  });
  test.each([
    [{ number: '0' }, 'number'],
    [{ number: 'ten' }, 'number'],
    [{ date: '2026-01-99' }, 'date'],
    [{ time: '99:99' }, 'time'],
    [{ zone: 'Nowhere' }, 'zone'],
    [{ held: 'a while' }, 'held'],
    [{ heard: 'click' }, 'heard'],
    [{ distance: '0.01' }, 'distance']
  ] as const)('%o is refused at its field', (more, field) => {
    const found = read(more);
    expect(found.ok ? [] : found.error.map((f) => f.field)).toEqual([field]);
  });
});
