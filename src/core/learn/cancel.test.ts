import { describe, expect, test } from 'vitest';
import type { Control } from '../camera/kinds/controls.ts';
import type { Program } from '../camera/kinds/programs.ts';
import type { ControlActs } from '../camera/position.ts';
import { readMarks } from '../camera/marks.ts';
import { cameraWith, filmWith, fixed } from '../error/pairs.test.fixtures.ts';
import { cancelling } from './cancel.ts';

const ring = (acts: ControlActs, label: string, text: string): Control => {
  const read = readMarks(acts, text);
  if (!read.ok) throw new Error(text);
  return { kind: 'marked', id: acts, label, acts, shape: 'ring', positions: read.value };
};
const program: Program = {
  ...{ kind: 'automatic-time', shortestSeconds: 1 / 500, longestSeconds: 8, inLowLight: 'closes' },
  eye: { place: 'outside', believesIso: 100, angleDegrees: null }
};
const DIAL = ring('dial', 'dial', '75 150 300');
const RING = ring('compensation', 'ring', '-1 -1/2 0 +1/2 +1');
const film = { ...filmWith(), iso: 150 };
const camera = (controls: readonly Control[]) =>
  cameraWith([fixed('aperture', '8', 8), ...controls], { program });

describe('what cancels a bias', () => {
  test('dial and ring together: 1½ stops too dark is a stop on the dial and half a stop on the ring', () => {
    const way = cancelling(camera([DIAL, RING]), film, -1.5);
    expect(way).toEqual({
      ...{
        by: 'marks',
        marks: [
          { label: 'dial', mark: '75' },
          { label: 'ring', mark: '+1/2' }
        ]
      },
      leftStops: 0
    });
  });
  test('the fewest controls that do it: a stop too light is taken off on one of them', () => {
    const way = cancelling(camera([DIAL, RING]), film, 1);
    expect(way?.by === 'marks' && Math.abs(way.leftStops) < 1e-9).toBe(true);
  });
  test('one control rather than two that do as well', () => {
    // the dial at 75 and the ring at −½ would come to the same
    const way = cancelling(camera([DIAL, RING]), film, -0.5);
    expect(way).toEqual({
      ...{
        by: 'marks',
        marks: [
          { label: 'dial', mark: '150' },
          { label: 'ring', mark: '+1/2' }
        ]
      },
      leftStops: 0
    });
  });
  test.each([
    ['dial and ring', [DIAL, RING]],
    ['a ring', [RING]],
    ['a dial', [DIAL]]
  ] as const)('%s stay where they are when no mark comes nearer', (_, controls) =>
    expect(cancelling(camera(controls), film, 0.2)).toBeNull()
  );
  test('a sixth of a stop is worth it, less is not', () => {
    const manual = cameraWith([fixed('aperture', '8', 8), fixed('time', '1/60', 1 / 64)]);
    expect(cancelling(manual, film, 1 / 6)?.by).toBe('meter');
    expect(cancelling(manual, film, -1 / 6)?.by).toBe('meter');
    expect(cancelling(manual, film, 0.166)).toBeNull();
    expect(cancelling(manual, film, -0.1)).toBeNull();
  });
  test('what is left is told where the marks end', () => {
    const way = cancelling(camera([RING]), film, 1.6);
    expect(way?.by === 'marks' && way.leftStops).toBeCloseTo(0.6, 9);
  });
  // rating a film at another speed: common practice, no source
  test('set by hand, the film is metered at another speed: a stop too light at 400 is metered at 800', () => {
    const manual = cameraWith([fixed('aperture', '8', 8), fixed('time', '1/60', 1 / 64)]);
    expect(cancelling(manual, { ...film, iso: 400 }, 1)).toEqual({ by: 'meter', iso: 800 });
  });
  test('nothing to cancel, or nothing to do it with', () => {
    expect(cancelling(camera([RING]), film, 0.1)).toBeNull();
    expect(cancelling(camera([]), film, 1)).toBeNull();
  });
});
