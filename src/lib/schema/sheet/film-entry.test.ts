import { describe, expect, test } from 'vitest';
import { readFilm, typicalFilm } from './film-entry.ts';

const read = (more: Readonly<Record<string, string>> = {}, formats: readonly string[] = ['135']) =>
  readFilm({ ...typicalFilm('reversal'), name: 'Test slide', iso: '64', ...more }, formats, 'id');

describe('the film form', () => {
  test('typical values make a film; thirds, commas and the true minus are understood', () => {
    const film = read({ below: '2⅔', above: '2,5', development: '−1', long: '1,3', kept: 'expired' });
    expect(film.ok && film.value).toMatchObject({
      aboveStops: 2.5,
      developmentStops: -1,
      sdStops: 0.5,
      reciprocity: { kind: 'exponent', p: 1.3 }
    });
    expect(film.ok && film.value.belowStops).toBeCloseTo(8 / 3, 12);
  });
  test.each([
    ['iso', '0', 'must be more than 0'],
    ['below', '0', 'no range left'],
    ['above', 'much', 'is no amount of stops'],
    ['long', '0.5', 'an exponent from 1 to 3'],
    ['long', '10s, 20s 30s', 'is not understood'],
    ['long', '1s 1s, 10s 8s', 'rise'],
    ['expires', 'May', 'is no month'],
    ['price', 'cheap', 'is no price'],
    ['coldFrom', 'cold', 'is no temperature'],
    ['frames', '-3', 'is no number of frames'],
    ['name', '', 'Give the film a name'],
    ['kind', 'tin', 'Choose the kind']
  ])('%s = “%s” is refused by name', (field, value, words) => {
    const film = read({ [field]: value });
    const faults = film.ok ? [] : film.error;
    expect(faults.map((f) => f.field)).toEqual([field]);
    expect(faults[0]?.message).toContain(words);
  });
  test('a film pushed until nothing is left is told so', () => {
    const film = read({ development: '5' });
    expect(film.ok ? '' : film.error[0]?.message).toContain('no range left');
  });
  test('a film in no size at all is refused', () => {
    const film = read({}, []);
    expect(film.ok ? [] : film.error.map((f) => f.field)).toEqual(['formats']);
  });
});
