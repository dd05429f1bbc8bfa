// Works out, beside the server, what judged frames come to and what they say: a page finds it in the database. Built as a file of its own.
import { workerData } from 'node:worker_threads';
import { string } from 'yup';
import { openBeside } from '../database/open.ts';
import { sumFilms } from '../log/read-numbers.ts';
import { repositoriesOf } from '../repositories.ts';
import { keepLines } from './judged.ts';

const db = openBeside(string().required().validateSync(workerData));
try {
  const store = repositoriesOf(db);
  sumFilms(store);
  for (const { value } of store.cameras.list()) keepLines(store, value.id);
} finally {
  db.close();
}
