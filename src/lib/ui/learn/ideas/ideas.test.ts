// Every idea is shown with every kind of camera: no number is missing, and what is told is what the engine says.
import { describe, expect, test } from 'vitest';
import {
  BOX_B,
  CINE,
  colour,
  FOLDING,
  INSTANT_640,
  METERLESS,
  mono,
  PACK,
  REUSABLE,
  slide,
  SWING,
  TOY,
  TWIN
} from '#core/error/panel.test.fixtures.ts';
import type { Film } from '#core/film/film.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { judgePair, reachOfPair, triedPair, type Judged } from '../../current-judge.ts';
import type { Shown } from './figure.ts';
import { IDEAS, ideaOf } from './ideas.ts';

const FILMS: readonly Film[] = [colour(400), slide(100), INSTANT_640, mono(125)];
const CAMERAS = { REUSABLE, BOX_B, TOY, FOLDING: FOLDING(), TWIN, PACK, SWING, METERLESS, CINE };
const CONDITIONS = { support: 'hand' } as const;

function shownWith(camera: Judged['pair']['camera'], film: Film): Shown {
  const light = choiceFromShadow('soft');
  const pair = triedPair(camera, film);
  const judged = judgePair(light, reachOfPair(pair, light, CONDITIONS, {}), {
    ...{ choice: null, leftAt: {}, conditions: CONDITIONS }
  });
  if (!judged) throw new Error('cannot be judged');
  return { judged, films: FILMS };
}
const rowsOf = (id: string, shown: Shown): readonly (readonly string[])[] => {
  const figure = ideaOf(id)?.figure(shown);
  return figure?.kind === 'table' ? figure.rows : [];
};

describe('the ideas', () => {
  test.each(Object.entries(CAMERAS))('are shown with %s, and nothing is missing', (_, camera) => {
    for (const film of [
      colour(400, camera.formats),
      slide(100, camera.formats),
      { ...INSTANT_640, formats: camera.formats }
    ]) {
      const shown = shownWith(camera, film);
      for (const { id, figure, caption, says } of IDEAS) {
        const drawn = figure(shown);
        const words = JSON.stringify([caption(shown), says, drawn]);
        expect([id, /NaN|undefined|Infinity|null[^,\]}]/.exec(words)?.[0]]).toEqual([id, undefined]);
        if (drawn.kind === 'table') {
          expect(drawn.rows.length).toBeGreaterThan(0);
          for (const row of drawn.rows) expect([id, row.length]).toEqual([id, drawn.head.length]);
        }
        if (drawn.kind === 'bars') for (const r of drawn.rows) expect(r.to).toBeGreaterThanOrEqual(r.from);
        if (drawn.kind === 'prints') expect(drawn.prints.length).toBeGreaterThan(1);
      }
    }
  });
  test('each has a page of its own, at most two screens of text', () => {
    expect(new Set(IDEAS.map((i) => i.id)).size).toBe(IDEAS.length);
    expect(IDEAS.length).toBe(12);
    for (const { says, line, id } of IDEAS) {
      expect(ideaOf(id)?.id).toBe(id);
      expect(line.length).toBeLessThan(110);
      expect(says.join(' ').length).toBeLessThan(700);
    }
    expect(ideaOf('none')).toBeNull();
  });
  // common practice, no source: the sunny sixteen rule and its cousins
  test('the schools: 16, 11, 8, 5.6, 4, 2.8', () => {
    expect(rowsOf('schools', shownWith(TOY, colour(400))).map((r) => r[1])).toEqual([
      '16',
      '11',
      '8',
      '5.6',
      '4',
      '2.8'
    ]);
  });
  // inverse square: two stops of aperture are twice the distance
  test('guide numbers: f/8 is right twice as far as f/16', () => {
    const rows = rowsOf('guide-numbers', shownWith(METERLESS, { ...slide(100), formats: METERLESS.formats }));
    // guide number 18 at ISO 100: f/4 at 4.5 m
    expect(rows.find(([n]) => n === '4')?.[1]).toBe('4.5 m');
    expect(rows.find(([n]) => n === '8')?.[1]).toMatch(/^2\.[23] m$/);
  });
  test('an automatic camera answers a smaller opening with a longer time', () => {
    const rows = rowsOf(
      'stopping-down',
      shownWith(FOLDING(), { ...INSTANT_640, formats: FOLDING().formats })
    );
    const same = rows.filter(([, , print]) => print === 'the same');
    expect(same.length).toBeGreaterThan(1);
    expect(new Set(same.map(([, time]) => time)).size).toBe(same.length);
  });
  // hyperfocal distance: 50 mm at f/8 on 35 mm film, circle 0.03 mm: 10.5 m, sharp from half of it
  test('zone focus: set to the hyperfocal distance, half of it is sharp', () => {
    const camera = { ...METERLESS, focalMm: 50, formats: ['135'] as const };
    const row = rowsOf('zone-focus', shownWith(camera, slide(100))).find(([n]) => n === '8');
    expect(row?.[1]).toMatch(/^10(\.\d)? m$/);
    expect(row?.[2]).toMatch(/^5(\.\d)? m$/);
    expect(row?.[3]).toMatch(/∞|far/);
  });
  test('slides forgive less than negatives', () => {
    const figure = ideaOf('latitude')?.figure(shownWith(TOY, colour(400)));
    if (figure?.kind !== 'bars') throw new Error('no bars');
    const [negative, ...others] = figure.rows;
    const width = (r = negative): number => (r ? r.to - r.from : 0);
    for (const r of others.filter((o) => o.to < 2.5)) expect(width(r)).toBeLessThan(width());
  });
});
