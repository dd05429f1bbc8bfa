// What every kind of program gives, from the definition of the exposure value: EV = log2(N²/t). ISO 2720:1974, 3.
import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked } from '../../error/pairs.test.fixtures.ts';
import { settingOf } from '../setting.ts';
import type { AutomaticTimeProgram } from './automatic-time/program.ts';
import { automaticTime } from './automatic-time/program.ts';
import { automaticAperture, type AutomaticApertureProgram } from './automatic-aperture/program.ts';
import { manual } from './manual/program.ts';
import { line, type LineProgram } from './program/program.ts';
import { isProgramKindName, kindOfProgram } from './programs.ts';

const eye = { place: 'outside', believesIso: 100, angleDegrees: null } as const;
const BOX = cameraWith([fixed('aperture', '8', 8), fixed('time', '', 1 / 64)]);
const setting = (camera = BOX) => {
  const found = settingOf(camera, {});
  if (!found) throw new Error('no setting');
  return found;
};

describe('a camera that times itself', () => {
  const program: AutomaticTimeProgram = {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 256, longestSeconds: 4, inLowLight: 'closes', eye }
  };
  const at8 = setting();
  test('at f/8 from 4 s (EV 4) to 1/256 s (EV 14)', () => {
    expect(automaticTime.range(program, at8)).toEqual({ min: 4, max: 14 });
    expect(automaticTime.at(program, at8, 12)).toEqual({ fNumber: 8, seconds: 1 / 64 });
    expect(automaticTime.sets).toEqual({ aperture: false, time: true });
    expect(automaticTime.eye(program)).toBe(eye);
  });
  test('a time between its limits is passed once, its limits stand over a range', () => {
    expect(automaticTime.evAtSeconds(program, at8, 1 / 64)).toBe(12);
    for (const seconds of [1 / 256, 4, 1 / 500, 8])
      expect(automaticTime.evAtSeconds(program, at8, seconds)).toBeNull();
  });
  test('it is locked beyond its longest time, if it is', () => {
    expect(automaticTime.locksBeyond(program)).toBeNull();
    expect(automaticTime.locksBeyond({ ...program, inLowLight: 'locks' })).toBe(4);
  });
  test('it opens as it was set, and its line does not bend', () => {
    expect([automaticTime.widest(program), automaticTime.smallest(program)]).toEqual([null, null]);
    expect(automaticTime.bends(program)).toEqual([]);
    // the second of the two in a camera that has no aperture
    const none = { ...at8, fNumber: null };
    expect(automaticTime.at(program, none, 10).fNumber).toBeNaN();
    expect(() => automaticTime.range(program, none)).toThrow(RangeError);
  });
  test('limits the wrong way round and a speed that is none are told', () => {
    expect(automaticTime.faults(program)).toEqual([]);
    const faults = (more: Partial<AutomaticTimeProgram>) =>
      automaticTime.faults({ ...program, ...more }).map((f) => f.fault);
    expect(faults({ shortestSeconds: 5 })).toEqual(['limits-reversed']);
    expect(faults({ eye: { ...eye, believesIso: 0 } })).toEqual(['bad-speed']);
  });
});

describe('a needle that sets the aperture', () => {
  const program: AutomaticApertureProgram = {
    ...{ kind: 'automatic-aperture', widestFNumber: 2, smallestFNumber: 16, eye }
  };
  const at64 = setting();
  test('at 1/64 s from f/2 (EV 8) to f/16 (EV 14)', () => {
    expect(automaticAperture.range(program, at64)).toEqual({ min: 8, max: 14 });
    expect(automaticAperture.at(program, at64, 12)).toEqual({ fNumber: 8, seconds: 1 / 64 });
    expect(automaticAperture.sets).toEqual({ aperture: true, time: false });
    expect(automaticAperture.eye(program)).toBe(eye);
    expect([automaticAperture.widest(program), automaticAperture.smallest(program)]).toEqual([2, 16]);
  });
  test('its time is none of its own', () => {
    expect(automaticAperture.evAtSeconds(program, at64, 1 / 64)).toBeNull();
    expect(automaticAperture.bends(program)).toEqual([]);
    expect(automaticAperture.locksBeyond(program)).toBeNull();
  });
  test('limits the wrong way round and a speed that is none are told', () => {
    expect(automaticAperture.faults(program)).toEqual([]);
    const faults = (more: Partial<AutomaticApertureProgram>) =>
      automaticAperture.faults({ ...program, ...more }).map((f) => f.fault);
    expect(faults({ widestFNumber: 22 })).toEqual(['limits-reversed']);
    expect(faults({ eye: { ...eye, believesIso: 0 } })).toEqual(['bad-speed']);
  });
});

describe('a line of aperture and time', () => {
  const program: LineProgram = {
    ...{ kind: 'program', eye },
    points: [
      { fNumber: 2, seconds: 1 / 16 },
      { fNumber: 4, seconds: 1 / 64 },
      { fNumber: 16, seconds: 1 / 64 },
      { fNumber: 16, seconds: 1 / 256 }
    ]
  };
  const at = setting();
  test('bends at its points: EV 6, 10, 14 and 16', () => {
    expect(line.bends(program)).toEqual([6, 10, 14, 16]);
    expect(line.range(program, at)).toEqual({ min: 6, max: 16 });
    expect([line.widest(program), line.smallest(program)]).toEqual([2, 16]);
    expect(line.sets).toEqual({ aperture: true, time: true });
    expect(line.locksBeyond(program)).toBeNull();
  });
  test.each([
    [6, 2, 1 / 16],
    [8, Math.sqrt(8), 1 / 32],
    [10, 4, 1 / 64],
    [12, 8, 1 / 64],
    [14, 16, 1 / 64],
    [15, 16, 1 / 128],
    [16, 16, 1 / 256]
  ])('EV %d: f/%d', (ev, fNumber, seconds) => {
    const given = line.at(program, at, ev);
    expect(given.fNumber).toBeCloseTo(fNumber, 9);
    expect(given.seconds).toBeCloseTo(seconds, 12);
  });
  test('a time is found on the part that passes it; one that stands, and one beyond, is not', () => {
    expect(line.evAtSeconds(program, at, 1 / 32)).toBeCloseTo(8, 9);
    expect(line.evAtSeconds(program, at, 1 / 128)).toBeCloseTo(15, 9);
    for (const seconds of [1 / 64, 1 / 16, 1 / 256, 1 / 8, 1 / 500])
      expect(line.evAtSeconds(program, at, seconds)).toBeNull();
  });
  test('a line without points gives nothing', () => {
    const none = { ...program, points: [] };
    expect(line.at(none, at, 10).fNumber).toBeNaN();
    expect(line.range(none, at)).toEqual({ min: NaN, max: NaN });
    expect(line.faults(none)).toEqual([{ fault: 'line-runs-backwards', point: 0 }]);
  });
});

describe('by hand', () => {
  test('what is set is what is given', () => {
    const at = setting();
    expect(manual.range({ kind: 'manual' }, at)).toEqual({ min: 12, max: 12 });
    expect(manual.at({ kind: 'manual' }, at, 3)).toEqual({ fNumber: 8, seconds: 1 / 64 });
    const program = { kind: 'manual' } as const;
    expect(manual.sets).toEqual({ aperture: false, time: false });
    expect([manual.eye(program), manual.widest(program), manual.smallest(program)]).toEqual([
      null,
      null,
      null
    ]);
    expect([manual.evAtSeconds(program, at, 1 / 64), manual.locksBeyond(program)]).toEqual([null, null]);
    expect([...manual.bends(program), ...manual.faults(program)]).toEqual([]);
    const unset = { ...at, fNumber: null, seconds: null };
    expect(manual.at(program, unset, 3)).toEqual({ fNumber: NaN, seconds: NaN });
    expect(() => manual.range(program, unset)).toThrow(RangeError);
  });
});

test('a kind is found by its name, and by no other', () => {
  expect(['manual', 'automatic-time', 'automatic-aperture', 'program'].every(isProgramKindName)).toBe(true);
  for (const other of ['', 'toString', 'Manual', 3, null]) expect(isProgramKindName(other)).toBe(false);
  expect(kindOfProgram({ kind: 'program' })).toBe(line);
  expect(kindOfProgram({ kind: 'manual' })).toBe(manual);
  expect(marked('time', [1]).kind).toBe('marked');
});
