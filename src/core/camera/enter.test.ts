import { describe, expect, test } from 'vitest';
import { cameraFaults } from './faults.ts';
import {
  aperturePositions,
  compensationPositions,
  enterCamera,
  splitMarks,
  timePositions,
  type EnteredControls
} from './enter.ts';

const enter = (controls: EnteredControls) =>
  enterCamera({ id: 'c', name: 'mine', format: '135', focalMm: 45, controls });
const values = (read: ReturnType<typeof aperturePositions>) =>
  read.ok ? read.value.map((p) => p.value) : read.error;

describe('marks as typed', () => {
  test('blanks, semicolons and list commas part marks; a decimal comma does not', () =>
    expect(splitMarks('2,8 4; 5,6, 8')).toEqual(['2,8', '4', '5,6', '8']));
  test('a full-stop scale gives exact powers', () => {
    expect(values(aperturePositions('4 5.6 8 11'))).toEqual([4, 2 ** 2.5, 8, 2 ** 3.5]);
    expect(values(timePositions('1 2 15 60 500'))).toEqual([1, 0.5, 2 ** -4, 2 ** -6, 2 ** -9]);
  });
  test('an old scale and a single value are taken at their word', () => {
    expect(values(timePositions('1/25 1/50 1/100'))).toEqual([1 / 25, 1 / 50, 1 / 100]);
    expect(values(aperturePositions('11'))).toEqual([11]);
  });
  test('bare dial numbers stay as they are engraved', () => {
    const read = timePositions('8 125');
    expect(read.ok && read.value.map((p) => p.mark)).toEqual(['8', '125']);
  });
});

describe('lighten–darken as typed', () => {
  test.each([
    ['-1 0 +1', [-1, 0, 1]],
    ['+1½ −1½', [-1.5, 0, 1.5]],
    ['', []]
  ])('%s', (text, stops) => {
    const read = compensationPositions(text);
    expect(read.ok && read.value.map((p) => p.value)).toEqual(stops);
  });
});

describe('entering a camera', () => {
  test.each([
    ['nothing', { has: 'nothing', aperture: 'f/13', time: '1/40' }, ['fixed', 'fixed']],
    ['symbols', { has: 'symbols', sun: '12', cloud: '8', time: '1/90' }, ['marked', 'fixed']],
    ['scales', { has: 'scales', apertures: '2.8 4 5.6', times: '30 60 125' }, ['marked', 'marked']]
  ] as const)('%s', (_has, controls, kinds) => {
    const camera = enter(controls);
    expect(camera.ok && camera.value.controls.map((c) => c.kind)).toEqual(kinds);
    expect(camera.ok && cameraFaults(camera.value)).toEqual([]);
  });
  test('every field at fault is named', () => {
    const camera = enter({ has: 'scales', apertures: '2.8 wide', times: '' });
    expect(camera.ok ? [] : camera.error.map((f) => [f.field, f.error.problem])).toEqual([
      ['apertures', 'unreadable'],
      ['times', 'empty']
    ]);
  });
});
