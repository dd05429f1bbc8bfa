// Routines: every demonstration camera has its own, and the order is kept where a wrong one fogs a frame (facts of the trade:
// common practice, no source).
import { describe, expect, test } from 'vitest';
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
