import { expect, test } from 'vitest';
import { BOX, filmWith, SCALES, SLIDE } from '#core/error/pairs.test.fixtures.ts';
import { pairVerdicts } from '#core/advice/pairs.ts';
import { CHANCE_GROUPS, groupOf, pairsShown } from './pairs-shown.ts';

const cameras = [
  { ...BOX, id: 'b', name: 'Zinc box' },
  { ...SCALES, id: 's', name: 'Amber scales' }
];
const films = [{ ...SLIDE, id: '1', name: 'Slide 100' }, filmWith({ id: '2', name: 'Grey 125' })];
const pairs = pairVerdicts(cameras, films, { lv: 14.64, sdStops: 0.3 }, 'normal');
const names = (query: Partial<Parameters<typeof pairsShown>[1]>) =>
  pairsShown(pairs, { words: '', leastChance: 0, ...query }).map((p) => `${p.camera.name}, ${p.film.name}`);

test('found by part of a name, in any case', () => expect(names({ words: 'ZINC' })).toHaveLength(2));
test('only likely ones: the box with the slide in sun is not among them', () =>
  expect(names({ leastChance: 0.75 })).not.toContain('Zinc box, Slide 100'));
test('chances that nobody would tell apart stand in one group, and what leaves most room comes first in it', () => {
  const shown = pairsShown(pairs, { words: '', leastChance: 0 });
  const groups = shown.map((p) => groupOf(p.verdict.pUsable));
  expect(groups).toEqual([...groups].sort((a, b) => orderOf(a) - orderOf(b)));
  for (const [i, pair] of shown.entries()) {
    const before = shown[i - 1];
    if (!before || groupOf(before.verdict.pUsable) !== groups[i]) continue;
    const room = (p: typeof pair) => Math.min(p.verdict.slackUnderStops, p.verdict.slackOverStops);
    expect(room(before)).toBeGreaterThanOrEqual(room(pair));
  }
  expect([0.99, 0.9, 0.7, 0.4, 0.1].map(groupOf).map(orderOf)).toEqual([0, 0, 1, 2, 3]);
});
const orderOf = (group: string): number => CHANCE_GROUPS.findIndex(([, words]) => words === group);
