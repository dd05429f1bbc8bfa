import { expect, test } from 'vitest';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { repositoriesOf, type Repositories } from '../repositories.ts';
import { answerTo, type QuestionName } from './questions.ts';
import { readAhead } from './read-ahead.ts';
import type { Reader } from './reader.ts';

const db = openDatabase(':memory:');
seedDemo(db);
const store = repositoriesOf(db);
const withFilms = (films: number): Repositories => ({
  ...store,
  loads: { ...store.loads, count: () => films }
});

function listening(): { readonly asked: QuestionName[]; readonly reading: Reader } {
  const asked: QuestionName[] = [];
  const reading: Reader = {
    ask: (name, about) => {
      asked.push(name);
      return Promise.resolve(answerTo(store, name, about));
    },
    stop: () => undefined
  };
  return { asked, reading };
}

test('with a long log each kind of question is asked before a person does, and each can be answered', async () => {
  const { asked, reading } = listening();
  await readAhead(reading, withFilms(300), 0);
  expect(new Set(asked)).toEqual(new Set(['found', 'frames', 'numbers', 'judge']));
});
test('with a short one nothing is', async () => {
  const { asked, reading } = listening();
  await readAhead(reading, withFilms(299), 0);
  expect(asked).toEqual([]);
});
test('a server that stops meanwhile is no failure', async () => {
  const stopped: Reader = {
    ask: () => Promise.reject(new Error('The server is stopping.')),
    stop: () => undefined
  };
  await expect(readAhead(stopped, withFilms(300), 0)).resolves.toBeUndefined();
});
