// Names in their order, scans given to frames, and what stands on a print's border.
import { expect, test } from 'vitest';
import { BOX, cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { borderExtras, choiceLine, frameMarks } from './border-note.ts';
import { frameWith } from './frames.test.fixtures.ts';
import { byName, matchedByName, matchedByNumber } from './scan.ts';

const scan = (name: string, frameId: string | null = null) => ({ id: `s-${name}`, name, frameId });

test('9 comes before 10, and letters do not mind their case', () => {
  const names = byName(['b2.jpg', 'img10.jpg', 'IMG9.jpg', 'a.jpg'].map((n) => scan(n))).map((s) => s.name);
  expect(names).toEqual(['a.jpg', 'b2.jpg', 'IMG9.jpg', 'img10.jpg']);
});

test('scans go to the frames that have none, in order; what is matched stays, what is left over gets none', () => {
  const frames = [3, 1, 2].map((number) => ({ id: `f${number}`, number }));
  const matched = matchedByName([scan('c'), scan('a'), scan('b', 'f2'), scan('d')], frames);
  expect(matched).toEqual([
    { scanId: 's-a', frameId: 'f1' },
    { scanId: 's-c', frameId: 'f3' }
  ]);
});

test('numbers in names are frames where every one is; several scans show one frame', () => {
  const frames = [3, 1, 12].map((number) => ({ id: `f${number}`, number }));
  const named = ['roll 7 frame 03.jpg', 'IMG2026-12.tif', '3.png', 'x1.v2.jpg'];
  const given = matchedByNumber(
    [...named.slice(0, 3).map((name) => scan(name)), scan('nothing at all.jpg', 'f1')],
    frames
  );
  expect(given.map((a) => a.frameId)).toEqual(['f3', 'f12', 'f3']);
  // a number that is no frame's, or no number: they count something else
  for (const other of ['IMG_2041.jpg', 'quay.jpg', 'x1.v2.jpg'])
    expect(matchedByNumber([scan('3.jpg'), scan(other)], frames)).toEqual([]);
  expect(matchedByNumber([], frames)).toEqual([]);
});

test('the marks of what can be set; a fixed camera’s own values', () => {
  const toy = cameraWith([marked('aperture', [12, 8]), fixed('time', 'N', 1 / 100)]);
  expect(choiceLine(toy, { aperture: 1 })).toBe('8');
  expect(choiceLine(BOX, {})).toBe('f/16 for 1/25 s');
});

test('time held, flash, filters and place stand on the border', () => {
  const filter = { name: 'grey', stops: 2, place: 'lens' as const };
  const extras = borderExtras({
    light: { ...STARTING_LIGHT },
    conditions: {
      support: 'standing',
      circumstances: { ...PLAIN, filters: [filter], flash: { kind: 'off' } }
    },
    ...{ timedSeconds: 4.2, heardSeconds: 0.5, series: 'x', place: 'Quay' }
  });
  expect(extras).toEqual([
    ...['held open 4.2 s', 'heard ½ s', 'flash kept off', 'filter on', 'on a support', 'of a bracket', 'Quay']
  ]);
});

test('the marks of a frame are its own, whatever becomes of the camera; where they are not sure that is said', () => {
  const toy = cameraWith([marked('aperture', [12, 8]), fixed('time', 'N', 1 / 100)]);
  const frame = frameWith(toy, filmWith(), { choice: { aperture: 0 } });
  expect(frameMarks(frame)).toBe('12');
  expect(frameMarks({ ...frame, doubts: ['setting'] })).toBe('12?');
});
