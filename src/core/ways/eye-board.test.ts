import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BOARD_SCENES, BOARDS, eyeOffsetStops, patchAt, type Board } from './eye-board.ts';

const plain = (lightStops: number, toneStops: number): Board => ({
  eye: { x: 0.5, y: 0.5, radius: 0.6 },
  patches: [{ id: 'a', name: 'all', x: -1, y: -1, width: 3, height: 3, lightStops, toneStops }]
});

describe('what the eye sees', () => {
  test('mid grey in the subject’s light: nothing between them', () =>
    expect(eyeOffsetStops(plain(0, 0))).toBe(0));
  test('light and tone add up over an even board', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -6, max: 6, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (l, t) => {
          expect(eyeOffsetStops(plain(l, t))).toBeCloseTo(l + t, 9);
        }
      ),
      { seed: 7 }
    ));
  test('half the circle three stops brighter: log2((1 + 8)/2)', () => {
    const board = plain(0, 0);
    const bright = board.patches.map((p) => ({ ...p, id: 'b', x: 0.5, lightStops: 3 }));
    expect(eyeOffsetStops({ ...board, patches: [...board.patches, ...bright] })).toBeCloseTo(
      Math.log2(4.5),
      1
    );
  });
  test('an eye that looks at nothing sees no difference', () =>
    expect(eyeOffsetStops({ ...plain(3, 0), eye: { x: 9, y: 9, radius: 0.1 } })).toBe(0));
  test('the topmost patch counts', () =>
    expect(patchAt(BOARDS.window.patches, 0.5, 0.5)?.id).toBe('subject'));
});

// common practice, no source: which way each scene fools a camera, and so which way to turn lighten–darken
describe('ready scenes', () => {
  test.each([
    ['window', 'dark', 1],
    ['ferry', 'dark', 0.5],
    ['snow', 'dark', 1],
    ['shade', 'light', 0.4]
  ] as const)('%s: the print comes out too %s by more than %d', (scene, way, least) => {
    const offset = eyeOffsetStops(BOARDS[scene]);
    expect(way === 'dark' ? offset : -offset).toBeGreaterThan(least);
  });
  test.each(BOARD_SCENES)('%s fills the frame with patches and has a subject', (scene) => {
    const { patches } = BOARDS[scene];
    expect(patches.some((p) => p.id === 'subject')).toBe(true);
    for (const x of [0, 0.5, 0.99])
      for (const y of [0, 0.5, 0.99]) expect(patchAt(patches, x, y)).not.toBeNull();
  });
  test('the lamps of a night street decide where the eye is turned', () => {
    const board = BOARDS.street;
    const towards = { ...board, eye: { x: 0.12, y: 0.1, radius: 0.3 } };
    const away = { ...board, eye: { x: 0.5, y: 0.6, radius: 0.3 } };
    expect(eyeOffsetStops(towards)).toBeGreaterThan(eyeOffsetStops(away) + 3);
  });
});
