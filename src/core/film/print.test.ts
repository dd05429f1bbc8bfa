import { describe, expect, test } from 'vitest';
import { FILM_KINDS, TYPICAL_RANGE, type Film } from './film.ts';
import { printTone } from './print.ts';
import { PLAIN_FILM_TRAITS } from './traits.ts';
import { filmWindow } from './window.ts';

const filmOf = (kind: Film['kind']): Film => ({
  ...{ id: 'f', name: 'f', kind, iso: 100, reciprocity: { kind: 'none' }, frames: 8, formats: ['135'] },
  ...{ belowStops: TYPICAL_RANGE[kind].below, aboveStops: TYPICAL_RANGE[kind].above },
  ...{ developmentStops: 0, ageStops: 0, sdStops: 0.2, ...PLAIN_FILM_TRAITS }
});
const toneOf = (kind: Film['kind']) => {
  const film = filmOf(kind);
  const { usable } = filmWindow(film, 'normal');
  return { tone: printTone(film, usable), usable };
};
/** How far two tones two thirds of a stop apart differ in the print. */
const parted = (tone: (t: number, d: number) => number, at: number, delta: number): number =>
  tone(at + 1 / 3, delta) - tone(at - 1 / 3, delta);

// the stated points of each kind's curve: subjects of normal contrast (2 stops to either side) keep their tones apart inside
// the usable window and lose them beyond it. Common practice, no source.
describe.each(FILM_KINDS)('the print strip of %s', (kind) => {
  const { tone, usable } = toneOf(kind);
  test('right on, it has shadows, mid grey and highlights', () => {
    for (const at of [-2, 0, 2]) expect(parted(tone, at, 0), String(at)).toBeGreaterThan(0.02);
  });
  test('at the edges of the window the tone at risk still parts, beyond it it is gone', () => {
    expect(parted(tone, -2, usable.lo)).toBeGreaterThan(2 * parted(tone, -2, usable.lo - 2));
    expect(parted(tone, 2, usable.hi)).toBeGreaterThan(2 * parted(tone, 2, usable.hi + 2));
  });
  test('a lighter frame is nowhere darker', () => {
    for (const at of [-2, 0, 2]) {
      for (let d = -5; d < 6; d += 0.5) {
        const [before, after] = [tone(at, d), tone(at, d + 0.5)];
        if (kind.startsWith('instant') || kind === 'reversal') expect(after).toBeGreaterThanOrEqual(before);
        else expect(after).toBeGreaterThan(before - 0.12);
      }
    }
  });
});
