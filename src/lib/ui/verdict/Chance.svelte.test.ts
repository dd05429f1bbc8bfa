import { render, screen } from '@testing-library/svelte';
import { expect, test } from 'vitest';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { BOX, filmWith, INSTANT } from '#core/error/pairs.test.fixtures.ts';
import type { Film } from '#core/film/film.ts';
import { Current } from '../current.svelte.ts';
import Chance from './Chance.svelte';
import ReasonSum from './ReasonSum.svelte';

function judgedWith(film: Film) {
  const pair = {
    ...{
      cameraRevision: 1,
      filmRevision: 1,
      firstNumber: 1,
      packFilter: null,
      lastRemark: '',
      loadRevision: 1
    },
    ...{ loadId: 'l', camera: BOX, film, framesTotal: 8, framesLeft: 8, nextNumber: 1 },
    ...{ finished: false, side: null, lastConditions: null, present: {} }
  };
  const { judged } = new Current(choiceFromShadow('sharp', { bright: false, backlit: false }), pair, []);
  if (!judged) throw new Error('nothing was judged');
  return judged;
}

test('a likely frame: the number, the words and twenty frames', () => {
  render(Chance, { judged: judgedWith(filmWith()) });
  expect(screen.getByTestId('chance').textContent).toContain('90');
  expect(screen.getByTestId('verdict').textContent).toBe('It will likely come out');
  expect(screen.getByRole('img').children).toHaveLength(20);
});

test('a hopeless one says by how much and on which side', () => {
  render(Chance, { judged: judgedWith(INSTANT) });
  expect(screen.getByTestId('verdict').textContent).toContain('Too light by');
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
    'Of 20 such frames, 0 come out, 20 too light'
  );
});

test('the sum shows its parts in thirds and its total', () => {
  render(ReasonSum, { judged: judgedWith(filmWith()) });
  const rows = screen.getAllByRole('row').map((r) => r.textContent.replace(/\s+/g, ' '));
  expect(rows).toHaveLength(4);
  expect(rows[0]).toContain('Light');
  expect(rows[3]).toContain('2⅓ stops over');
});
