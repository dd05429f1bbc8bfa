// A meter with a constant of its own. E·S/C = L·S/K = N²/t (ISO 2720:1974): the larger its constant, the less light its number means.
import { describe, expect, it } from 'vitest';
import { AT_SUBJECT, type Metering } from '../light/metering.ts';
import { parseLightReading } from '../light/reading-text.ts';
import { SCENES } from '../light/scenes.ts';
import { choiceFromReading } from './choice.ts';
import { lightFromText } from './light-text.ts';
import { BOARDS, eyeOffsetStops, patchAt, type Board } from './eye-board.ts';

const METER = { name: 'old selenium', offsetStops: 0, sdStops: 0.2, showsTenths: false };
function lv(text: string, more: Partial<Metering> = {}): number {
  const read = parseLightReading(text);
  if (!read.ok) throw new Error(text);
  return choiceFromReading(text, read.value, { ...AT_SUBJECT, ...more }).lv;
}

describe('a meter’s own constant', () => {
  it('moves lux and cd/m² by its stops, and nothing else', () => {
    const with340 = { meter: { ...METER, constant: 340 } };
    expect(lv('2500 lux', with340) - lv('2500 lux', { meter: METER })).toBeCloseTo(Math.log2(250 / 340), 9);
    const with14 = { of: 'scene' as const, meter: { ...METER, constant: 14 } };
    expect(lv('400 cd/m²', with14) - lv('400 cd/m²', { of: 'scene', meter: METER })).toBeCloseTo(
      Math.log2(12.5 / 14),
      9
    );
    expect(lv('EV 12', with340)).toBe(lv('EV 12', { meter: METER }));
    expect(lv('f/8 1/60', with340)).toBe(lv('f/8 1/60', { meter: METER }));
  });

  it('a luminance is reflected light whatever was said, and keeps what was said of it', () => {
    const read = parseLightReading('400 cd/m²');
    if (!read.ok) throw new Error('must be read');
    const of = (metering: Partial<Metering>) =>
      choiceFromReading('x', read.value, { ...AT_SUBJECT, ...metering }).way;
    expect(of({})).toMatchObject({ of: 'scene' });
    expect(of({ of: 'snow' })).toMatchObject({ of: 'snow' });
  });
});

describe('the board of the eye', () => {
  const halves: Board = {
    eye: { x: 0.5, y: 0.5, radius: 0.25 },
    patches: [
      { id: 'left', name: 'left', x: 0, y: 0, width: 0.5, height: 1, lightStops: 0, toneStops: 0 },
      { id: 'right', name: 'right', x: 0.5, y: 0, width: 0.5, height: 1, lightStops: 2, toneStops: 0 }
    ]
  };
  const at = (x: number, y: number, radius = 0.2): number =>
    eyeOffsetStops({ ...halves, eye: { x, y, radius } });

  it('a patch reaches from its edge up to the next', () => {
    expect(patchAt(halves.patches, 0, 0)?.id).toBe('left');
    expect(patchAt(halves.patches, 0.5, 0)?.id).toBe('right');
    expect(patchAt(halves.patches, 0.49, 0.99)?.id).toBe('left');
    expect([
      patchAt(halves.patches, 1, 0.5),
      patchAt(halves.patches, 0.5, 1),
      patchAt(halves.patches, -0.01, 0.5)
    ]).toEqual([null, null, null]);
    expect(patchAt(BOARDS.window.patches, 0.9, 0.6)?.id).toBe('window');
  });

  it('the eye sees where it looks: left, right, half of both', () => {
    expect(at(0.25, 0.5)).toBe(0);
    expect(at(0.75, 0.5)).toBe(2);
    expect(at(0.5, 0.5)).toBeCloseTo(Math.log2(2.5), 1);
    expect(at(0.45, 0.5)).toBeLessThan(at(0.55, 0.5));
  });

  it('its circle has no corners, and grows with its radius', () => {
    // a bright corner beyond the circle counts for nothing
    const corner: Board = {
      eye: { x: 0.5, y: 0.5, radius: 0.3 },
      patches: [
        { id: 'all', name: 'all', x: 0, y: 0, width: 1, height: 1, lightStops: 0, toneStops: 0 },
        {
          id: 'corner',
          name: 'corner',
          x: 0.72,
          y: 0.72,
          width: 0.08,
          height: 0.08,
          lightStops: 6,
          toneStops: 0
        }
      ]
    };
    expect(eyeOffsetStops(corner)).toBe(0);
    expect(eyeOffsetStops({ ...corner, eye: { ...corner.eye, radius: 0.45 } })).toBeGreaterThan(0.5);
    // below the middle, not above it
    const low = { ...corner, eye: { x: 0.76, y: 0.6, radius: 0.2 } };
    expect(eyeOffsetStops(low)).toBeGreaterThan(0.5);
    expect(eyeOffsetStops({ ...low, eye: { ...low.eye, y: 0.4 } })).toBe(0);
  });
});

describe('a light as people write it', () => {
  const way = (text: string): string => {
    const read = lightFromText(text);
    if (!read.ok) return read.error.problem;
    const { way: found } = read.value;
    return found.kind === 'scene'
      ? found.scene
      : found.kind === 'reading'
        ? `reading ${found.text}`
        : found.kind;
  };

  it('a scene by its whole name in any case, or by a part that only one has', () => {
    for (const scene of SCENES)
      expect(way(scene.name.toUpperCase()), scene.name).not.toMatch(/unreadable|empty/);
    const only = SCENES.find((s) => s.name === 'Stage, spotlit') ?? SCENES[0];
    expect(only && way(only.name)).toBe(only?.id);
  });

  it('a word of many scenes, a bit of a word, and nothing are no light', () => {
    expect(way('room')).toBe('unreadable');
    expect(way('a')).toBe('unreadable');
    expect(way('')).toBe('empty');
  });

  it('a reading keeps its text without the blanks around it', () =>
    expect(way('  f/8 1/60 at 400 ')).toBe('reading f/8 1/60 at 400'));
});
