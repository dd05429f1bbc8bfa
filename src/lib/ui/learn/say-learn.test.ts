import { describe, expect, test } from 'vitest';
import type { Cause } from '#core/learn/causes.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { cameraWith, fixed, marked } from '#core/match/pairs.test.fixtures.ts';
import { reasonsOf, sayFrames } from './say-cause.ts';
import { sayBias, sayCancelling, sayJudgement, sayTone } from './say-learn.ts';

describe('judging in words', () => {
  test.each([
    [{ stops: 0.84, sd: 0.21 }, '0.8 ± 0.2 stops too light'],
    [{ stops: -1.2, sd: 0.3 }, '1.2 ± 0.3 stops too dark'],
    [{ stops: 0.01, sd: 0.1 }, '0 ± 0.1 stops off']
  ])('%j: %s', (estimate, words) => expect(sayBias(estimate)).toBe(words));
  test('tones and faults', () => {
    expect([sayTone(0), sayTone(-2)]).toEqual(['as it should be', '2 stops darker']);
    const judgement = { frameId: 'f', on: 'print', judgedAt: '', faults: ['blur'] } as const;
    expect(sayJudgement({ ...judgement, outcome: { kind: 'word', word: 'too-dark' } })).toBe(
      'too dark, blur'
    );
  });
  test('the position that cancels a bias, on a camera that has one', () => {
    const camera = cameraWith([
      marked('aperture', [8]),
      fixed('time', 'N', 1 / 90),
      marked('compensation', [-1, 0, 1])
    ]);
    expect(sayCancelling(camera, { stops: 0.8, sd: 0.2 })).toMatch(/comes nearest to cancelling/);
    expect(sayCancelling(camera, { stops: 0.05, sd: 0.2 })).toBe('');
    expect(sayCancelling(cameraWith([]), { stops: 1, sd: 0.2 })).toBe('');
  });
});

describe('why frames came out so', () => {
  const dense: Judgement = {
    ...{ frameId: 'f', on: 'negative', judgedAt: '', faults: [] },
    outcome: { kind: 'word', word: 'dense' }
  };
  const behind: Cause = { cause: 'lit-from-behind' };
  const expected: Cause = { cause: 'expected', deltaStops: 3 };
  test('frames that came out alike for the same reasons stand together, each once', () => {
    const explained = [
      ...[4, 9, 12].map((number) => ({ number, judgement: dense, causes: [expected] })),
      { number: 10, judgement: dense, causes: [expected, behind] },
      { number: 11, judgement: { ...dense, faults: ['flare'] }, causes: [expected] }
    ];
    const reasons = reasonsOf(explained, cameraWith([]));
    expect(reasons.map((r) => r.numbers)).toEqual([[4, 9, 12], [10], [11]]);
    expect(reasons[2]).toMatchObject({ came: 'dense, flare', causes: ['it was expected 3 stops over'] });
  });
  test.each([
    [[4], 'Frame 4'],
    [[4, 9], 'Frames 4 and 9'],
    [[1, 2, 3, 4, 5, 6, 7], 'Frames 1, 2, 3, 4, 5, 6 and 7'],
    [[1, 2, 3, 4, 5, 6, 7, 8], 'Frames 1, 2, 3, 4, 5, 6 and 2 more']
  ])('%j: %s', (numbers, words) => expect(sayFrames(numbers)).toBe(words));
});
