import { describe, expect, test } from 'vitest';
import { filmWith } from '#core/error/pairs.test.fixtures.ts';
import { castOf, colourOf } from './print-colour.ts';

const instant = filmWith({ kind: 'instant-colour', balance: 'daylight' });
const channels = (colour: string): readonly number[] => (colour.match(/\d+/g) ?? []).map(Number);

describe('colours of a print', () => {
  // common practice, no source: daylight film under lamps goes orange, lamp film by day goes blue
  test.each([
    ['daylight', 'lamps', 'warm'],
    ['daylight', 'daylight', 'none'],
    ['tungsten', 'daylight', 'cold'],
    ['tungsten', 'lamps', 'none']
  ] as const)('%s film in %s: %s', (balance, light, cast) =>
    expect(castOf({ ...instant, balance }, light)).toBe(cast)
  );
  test('a warm cast leans to red', () => {
    const [red = 0, , blue = 0] = channels(colourOf(0.5, [1, 1, 1], instant, 'lamps'));
    expect(red).toBeGreaterThan(blue + 60);
  });
  test('black and white film has no hue and no cast', () => {
    const [r = 0, g = 0, b = 0] = channels(
      colourOf(0.5, [1.4, 1, 0.6], filmWith({ kind: 'instant-bw' }), 'lamps')
    );
    expect(Math.max(r, g, b) - Math.min(r, g, b)).toBeLessThanOrEqual(4);
  });
  test('hues fade towards black and white', () => {
    const spread = (tone: number): number => {
      const c = channels(colourOf(tone, [1.4, 1, 0.6], instant, 'daylight'));
      return Math.max(...c) - Math.min(...c);
    };
    expect(spread(0.02)).toBeLessThan(spread(0.5));
    expect(spread(1)).toBe(0);
  });
});
