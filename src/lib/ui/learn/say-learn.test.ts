import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked } from '#core/match/pairs.test.fixtures.ts';
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
