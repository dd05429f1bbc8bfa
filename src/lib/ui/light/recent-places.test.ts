import { describe, expect, test } from 'vitest';
import { frameWith } from '#core/log/frames.test.fixtures.ts';
import { BOX, filmWith } from '#core/error/pairs.test.fixtures.ts';
import { STARTING_LIGHT, type LightChoice } from '#core/ways/choice.ts';
import { choiceFromSun } from '#core/ways/choice-from-sun.ts';
import { recentPlaces } from './recent-places.ts';

const placeOf = (name: string) => ({ name, latitude: 47.5, longitude: -28.2, zone: 'UTC' });
const at = (name: string): LightChoice =>
  choiceFromSun({
    ...{ kind: 'sun', place: placeOf(name), ms: Date.UTC(2026, 5, 21, 12) },
    ...{ sky: 'clear', facing: 'front', ground: 'ground' }
  });
const frameIn = (light: LightChoice | null, i: number) => ({
  filmName: 'film',
  frame: frameWith(BOX, filmWith(), { id: `f${i}`, number: i, light })
});

describe('recent places', () => {
  test('each once, newest first, without the one that is entered already and without other ways to the light', () => {
    const lights = [
      at('Outer bank'),
      STARTING_LIGHT,
      null,
      at('Long shoal'),
      at('Outer bank'),
      at('Home mooring')
    ];
    const names = recentPlaces(lights.map(frameIn), placeOf('Home mooring')).map((p) => p.name);
    expect(names).toEqual(['Outer bank', 'Long shoal']);
  });
  test('four at most', () => {
    const lights = ['a', 'b', 'c', 'd', 'e'].map(at);
    expect(recentPlaces(lights.map(frameIn), null)).toHaveLength(4);
  });
});
