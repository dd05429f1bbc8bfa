import { describe, expect, test } from 'vitest';
import type { Cause } from '#core/learn/causes.ts';
import type { Camera } from '#core/camera/camera.ts';
import { judgementWith } from '#core/log/frames.test.fixtures.ts';
import { cameraWith, filmWith, fixed, marked } from '#core/error/pairs.test.fixtures.ts';
import { reasonsOf, sayFrames } from './say-cause.ts';
import { sayBias, sayCancelling, sayJudgement, sayTone } from './say-learn.ts';

describe('judging in words', () => {
  test.each([
    [{ stops: 0.84, sd: 0.21 }, '0.8 ± 0.2 stop lighter than its marks promise'],
    [{ stops: -0.6, sd: 0.2 }, '0.6 ± 0.2 stop darker than its marks promise'],
    // where nothing sure is known
    [{ stops: 0.1, sd: 0.4 }, 'as its marks promise, give or take 0.4 stop'],
    [{ stops: -1.2, sd: 0.3 }, '1.2 ± 0.3 stops darker than its marks promise'],
    [{ stops: 0.01, sd: 0.1 }, 'as its marks promise, give or take 0.1 stop']
  ])('%j: %s', (estimate, words) => expect(sayBias(estimate)).toBe(words));
  test('tones and faults', () => {
    expect([sayTone(0), sayTone(-2)]).toEqual(['as it should be', '2 stops darker']);
    expect(
      sayJudgement(judgementWith({ faults: ['blur'], outcome: { kind: 'word', word: 'too-dark' } }))
    ).toBe('too dark, blur');
  });
  test('the position that cancels a bias, on a camera that has one', () => {
    const camera = cameraWith([
      marked('aperture', [8]),
      fixed('time', 'N', 1 / 90),
      marked('compensation', [-1, 0, 1])
    ]);
    const itself: Camera = {
      ...camera,
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1 / 500, longestSeconds: 1, inLowLight: 'closes' },
        eye: { place: 'outside', believesIso: 100, angleDegrees: null }
      }
    };
    const film = { ...filmWith(), iso: 100 };
    expect(sayCancelling(itself, film, { stops: 0.8, sd: 0.2 })).toMatch(
      /at -1: ⅓ stop too dark is left\.$/i
    );
    expect(sayCancelling(itself, film, { stops: 1, sd: 0.2 })).toMatch(/: that cancels it\.$/);
    expect(sayCancelling(itself, film, { stops: 0.05, sd: 0.2 })).toBe('');
    expect(sayCancelling(camera, film, { stops: 1, sd: 0.2 })).toContain('meter this film at ISO 200');
  });
});

describe('why frames came out so', () => {
  const dense = judgementWith({ on: 'negative', outcome: { kind: 'word', word: 'dense' } });
  const behind: Cause = { cause: 'lit-from-behind' };
  const unsure: Cause = { cause: 'light-unsure', sdStops: 0.8 };
  test('frames that came out alike for the same reasons stand together, each once', () => {
    const explained = [
      ...[4, 9, 12].map((number) => ({ number, judgement: dense, causes: [unsure] })),
      { number: 10, judgement: dense, causes: [unsure, behind] },
      { number: 11, judgement: { ...dense, faults: ['flare'] }, causes: [unsure] }
    ];
    const reasons = reasonsOf(explained, cameraWith([]));
    expect(reasons.map((r) => r.numbers)).toEqual([[4, 9, 12], [10], [11]]);
    expect(reasons[2]).toMatchObject({
      came: 'dense, flare',
      causes: ['the light was sure to ± 0.8 stop only']
    });
  });
  test.each([
    [[4], 'Frame 4'],
    [[4, 9], 'Frames 4 and 9'],
    [[1, 2, 3, 4, 5, 6, 7], 'Frames 1, 2, 3, 4, 5, 6 and 7'],
    [[1, 2, 3, 4, 5, 6, 7, 8], 'Frames 1, 2, 3, 4, 5, 6 and 2 more']
  ])('%j: %s', (numbers, words) => expect(sayFrames(numbers)).toBe(words));
});
