import { describe, expect, test } from 'vitest';
import { mayTick, nextStep, partDue, type FilmStands, type RoutineStep } from './routine-step.ts';

const step = (part: RoutineStep['part'], words: string, strict?: true): RoutineStep => ({
  ...{ part, words },
  ...(strict ? { strict } : {})
});
const STANDS: FilmStands = {
  ...{ framesTaken: 3, framesLeft: 5, isSideFull: false, isFinished: false, isJustLogged: false }
};

describe('the part that is due', () => {
  test.each([
    ['before the first frame', { framesTaken: 0, framesLeft: 8 }, 'loading'],
    ['between frames', {}, 'before-press'],
    ['a moment after a frame', { isJustLogged: true }, 'after'],
    ['after the last frame', { framesLeft: 0, isJustLogged: true }, 'end'],
    ['with side one full', { isSideFull: true, framesLeft: 0 }, 'changing'],
    ['with the film out', { isFinished: true, isSideFull: true, framesLeft: 0 }, 'before-loading']
  ] as const)('%s', (_, more, part) => expect(partDue({ ...STANDS, ...more })).toBe(part));
});

describe('steps', () => {
  const LOADING = [step('loading', 'tab out'), step('loading', 'film in', true), step('loading', 'close')];
  const ROUTINE = [step('before-loading', 'battery'), ...LOADING, step('end', 'rewind')];

  test('the next is the first of its part that is not ticked', () => {
    expect(nextStep(ROUTINE, 'loading', [])?.words).toBe('tab out');
    expect(nextStep(ROUTINE, 'loading', ['tab out', 'battery'])?.words).toBe('film in');
    expect(nextStep(ROUTINE, 'loading', ['film in'])?.words).toBe('tab out');
    expect(nextStep(ROUTINE, 'end', [])?.words).toBe('rewind');
    expect(nextStep(ROUTINE, 'loading', ['tab out', 'film in', 'close'])).toBeNull();
    expect(nextStep(ROUTINE, 'changing', [])).toBeNull();
  });

  test('a strict one waits for all above it, the others do not', () => {
    expect(mayTick(LOADING, [], 1)).toBe(false);
    expect(mayTick(LOADING, ['tab out'], 1)).toBe(true);
    expect(mayTick(LOADING, [], 0)).toBe(true);
    expect(mayTick(LOADING, [], 2)).toBe(true);
    const strict = [...LOADING, step('loading', 'wind', true)];
    expect(mayTick(strict, ['tab out', 'film in'], 3)).toBe(false);
    expect(mayTick(strict, ['tab out', 'film in', 'close'], 3)).toBe(true);
    // beyond the list nothing stands in the way
    expect(mayTick(LOADING, [], 9)).toBe(true);
  });
});
