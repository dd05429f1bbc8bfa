// Routines: every demonstration camera has its own, and the order is kept where a wrong one fogs a frame (facts of the trade:
// common practice, no source).
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { BOX, SCALES, cameraWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { CAMERAS_BY_HAND } from '../../lib/server/demo/by-hand.ts';
import { CAMERAS_BY_THEMSELVES } from '../../lib/server/demo/by-themselves.ts';
import {
  mayTick,
  nextStep,
  partDue,
  ROUTINE_PARTS,
  MOST_STEP_LETTERS,
  MOST_STEPS
} from '../camera/routine-step.ts';
import { routineOf, usualRoutine } from './usual.ts';

const CAMERAS = [...CAMERAS_BY_HAND, ...CAMERAS_BY_THEMSELVES];
const words = (name: string, part?: string): string => {
  const camera = CAMERAS.find((c) => c.id === `demo-${name}`);
  if (!camera) throw new Error('no such camera');
  return usualRoutine(camera)
    .filter((s) => part === undefined || s.part === part)
    .map((s) => s.words)
    .join(' ');
};

describe('the usual routine', () => {
  test.each(CAMERAS.map((c) => [c.name, c] as const))(
    '%s has one for every part that it needs',
    (_, camera) => {
      const routine = usualRoutine(camera);
      const parts = new Set(routine.map((s) => s.part));
      for (const part of ROUTINE_PARTS.filter((p) => p !== 'changing')) expect(parts).toContain(part);
      expect(routine.length).toBeLessThanOrEqual(MOST_STEPS);
      expect(routine.filter((s) => s.words.length > MOST_STEP_LETTERS || !/[.?]$/.test(s.words))).toEqual([]);
      // a step is known by its words
      expect(new Set(routine.map((s) => s.words)).size).toBe(routine.length);
    }
  );
  test('no two kinds have the same', () => {
    const all = CAMERAS.map((c) =>
      usualRoutine(c)
        .map((s) => s.words)
        .join()
    );
    expect(new Set(all).size).toBeGreaterThanOrEqual(8);
  });
  test.each([
    ['corvane', 'end', 'Only then open the back'],
    ['marigold', 'loading', 'red window'],
    ['farrier', 'after', 'caustic'],
    ['pelican', 'before-loading', 'carry a battery'],
    ['pelican', 'loading', 'dark slide'],
    ['heron', 'before-press', 'Aim off'],
    ['ticker', 'changing', 'turned over'],
    ['ticker', 'loading', 'loop'],
    ['arclight', 'before-press', 'sweep'],
    ['thimble', 'before-press', 'ready light']
  ])('%s, %s: %s', (name, part, text) => expect(words(name, part)).toContain(text));
  test('an owner’s own stands in its place', () => {
    const own = [{ part: 'end' as const, words: 'Home.' }];
    const [camera] = CAMERAS;
    expect(camera && routineOf({ ...camera, routine: own })).toBe(own);
    expect(camera && routineOf(camera)).toEqual(camera && usualRoutine(camera));
  });
});

describe('order', () => {
  const steps = [
    { part: 'end' as const, words: 'Rewind.' },
    { part: 'end' as const, words: 'Open.', strict: true },
    { part: 'end' as const, words: 'Write.' }
  ];
  test('the back is not opened before the film is rewound', () => {
    expect(mayTick(steps, [], 1)).toBe(false);
    expect(mayTick(steps, ['Rewind.'], 1)).toBe(true);
    expect(mayTick(steps, [], 2)).toBe(true);
    expect(mayTick(steps, [], 0)).toBe(true);
  });
  test('the next step is the first that is not ticked, of the part that is due', () => {
    expect(nextStep(steps, 'end', ['Rewind.'])?.words).toBe('Open.');
    expect(
      nextStep(
        steps,
        'end',
        steps.map((s) => s.words)
      )
    ).toBeNull();
    expect(nextStep(steps, 'after', [])).toBeNull();
  });
});

describe('what is due', () => {
  const stands = { framesTaken: 3, framesLeft: 5, isSideFull: false, isFinished: false, isJustLogged: false };
  test.each([
    [{}, 'before-press'],
    [{ framesTaken: 0, framesLeft: 8 }, 'loading'],
    [{ isJustLogged: true }, 'after'],
    [{ framesLeft: 0, isJustLogged: true }, 'end'],
    [{ isSideFull: true, isJustLogged: true }, 'changing'],
    [{ isFinished: true, framesLeft: 0 }, 'before-loading']
  ])('%o: %s', (more, part) => expect(partDue({ ...stands, ...more })).toBe(part));
});

describe('what a camera asks for beside its film', () => {
  /** Its own steps, without those of the roll film that the plain ones take. */
  const ROLL = usualRoutine(cameraWith([])).map((s) => s.words);
  const own = (camera: Camera): readonly string[] =>
    usualRoutine(camera)
      .filter((s) => !ROLL.includes(s.words))
      .map((s) => `${s.part}: ${s.words}${s.drawing ? ` [${s.drawing}]` : ''}`);
  const COCKED = 'before-press: Cocked? [cocking]';
  const EYE = 'before-press: The eye free of fingers, and in the same light as the subject.';
  const AIM = 'before-press: Aim off by what the finder leaves out.';
  const FOCUS = 'before-press: Distance set; focus first, then frame.';
  const LEVEL = 'before-press: Level; fingers off the front; still until the sweep is over.';
  const OFF = 'end: Fold or switch off: eye and cell in the dark. [power]';
  const LIGHT = [
    'before-loading: The flash’s battery: does the ready light come on?',
    'before-press: Flash wanted: wait for the ready light. Not wanted: switch it off.'
  ];
  const APERTURE = cameraWith([marked('aperture', [8, 16])]);
  const found = (more: Partial<Camera['finder']>): Camera => ({
    ...APERTURE,
    finder: { ...APERTURE.finder, rightShare: 0, upShare: 0, upMm: 0, ...more }
  });

  test('every camera: the cap', () => {
    expect(usualRoutine(APERTURE).find((s) => s.drawing === 'cap')?.words).toContain('Cap off');
    expect(own(APERTURE)).toEqual([]);
  });
  test.each<[string, Camera, readonly string[]]>([
    ['a box with its one time', cameraWith([fixed('time', 'I', 1 / 25)]), []],
    ['a shutter of one’s own', cameraWith([marked('time', [1 / 50, 1 / 100])]), [COCKED]],
    ['a swing lens', { ...APERTURE, transport: { kind: 'swing', sweepSeconds: 1 } }, [LEVEL]],
    ['a swing lens with a shutter', { ...SCALES, transport: { kind: 'swing', sweepSeconds: 1 } }, [LEVEL]],
    ['marks of distance', cameraWith([marked('focus', [1, 3])]), [FOCUS]],
    ['a rangefinder', { ...APERTURE, focusing: { kind: 'rangefinder' } }, [FOCUS]],
    [
      'lighten–darken',
      cameraWith([marked('compensation', [-1, 0, 1])]),
      ['after: Lighten–darken back to its middle.']
    ],
    [
      'one lens element',
      { ...APERTURE, singleElement: true },
      ['before-press: The sun behind you: this lens flares.']
    ],
    [
      'a pack with its battery',
      { ...APERTURE, needsPackBattery: true },
      ['before-loading: Does the pack carry a battery? This camera runs on it. [power]']
    ],
    ['a finder beside the lens', found({ rightShare: 0.031 }), [AIM]],
    ['a finder left of the lens', found({ rightShare: -0.031 }), [AIM]],
    ['a finder above the picture', found({ upShare: 0.031 }), [AIM]],
    ['a finder high up', found({ upMm: 31 }), [AIM]],
    ['a finder nearly there', found({ rightShare: 0.03, upShare: -0.03, upMm: 30 }), []]
  ])('%s', (_, camera, more) => expect(own(camera)).toEqual(more));
  test('a shutter is cocked where it stands still and is set; an eye keeps its fingers away instead', () => {
    const has = (camera: Camera, line: string): boolean =>
      usualRoutine(camera).some((s) => `${s.part}: ${s.words}${s.drawing ? ` [${s.drawing}]` : ''}` === line);
    expect(has(SCALES, COCKED)).toBe(true);
    expect(has(APERTURE, COCKED)).toBe(false);
    expect(has({ ...SCALES, transport: { kind: 'swing', sweepSeconds: 1 } }, COCKED)).toBe(false);
    const itself = CAMERAS.find((c) => c.id === 'demo-pelican');
    if (!itself) throw new Error('no such camera');
    expect([COCKED, EYE, OFF].map((line) => has(itself, line))).toEqual([false, true, true]);
    expect([EYE, OFF].map((line) => has(SCALES, line))).toEqual([false, false]);
  });
  test('a flash of its own wants its battery and its light; one in a shoe, or none, does not', () => {
    const [flashed] = CAMERAS.filter((c) => c.flash.kind !== 'none' && c.flash.kind !== 'shoe');
    const [shoe] = CAMERAS.filter((c) => c.flash.kind === 'shoe');
    if (!flashed || !shoe) throw new Error('no such camera');
    const lit = (camera: Camera): readonly string[] => own(camera).filter((s) => LIGHT.includes(s));
    expect([lit(flashed), lit(shoe), lit(APERTURE)]).toEqual([[LIGHT[0], LIGHT[1]], [], []]);
  });
  test('a size that fits instant film of any make has the steps of a pack that comes out by itself, once', () => {
    const one = usualRoutine({ ...BOX, formats: ['instant-square'] });
    expect(usualRoutine({ ...BOX, formats: ['instant-square', 'instant-wide'] })).toEqual(one);
    expect(one.filter((s) => s.drawing === 'dark-slide')).toHaveLength(1);
    const two = usualRoutine({ ...BOX, formats: ['roll-6x6', 'roll-6x9', '135'] }).map((s) => s.words);
    expect(new Set(two).size).toBe(two.length);
    expect(two).toEqual(expect.arrayContaining(ROLL));
  });
});
