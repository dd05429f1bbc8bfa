// The first question of each kind takes ten times as long as the later ones: the worker starts, its code is made, the pages of the
// database come from the disk. With a long log these are asked after the start, before a person does.
import { NO_FILTER } from '#schema/log/frame-filter.ts';
import type { Repositories } from '../repositories.ts';
import type { Reader } from './reader.ts';

/** With fewer films nobody notices. */
const LONG_LOG = 300;
/** The code is quick after it ran a few times. */
const ROUNDS = 3;

/** Asks one of each kind, one after another, where the log is long. @returns settled when all are answered, or the server stops */
export async function readAhead(reading: Reader, { loads }: Repositories, nowMs: number): Promise<void> {
  if (loads.count() < LONG_LOG) return;
  const [latest] = loads.latest(1);
  try {
    for (let round = 0; round < ROUNDS; round++) {
      await reading.ask('found', { ...NO_FILTER, verdict: 'dark' });
      await reading.ask('found', { ...NO_FILTER, words: 'a' });
      await reading.ask('frames', { filter: { ...NO_FILTER, fromLv: 12, toLv: 13 }, most: 40 });
      await reading.ask('numbers', null);
      if (latest) await reading.ask('judge', { loadId: latest.id, nowMs });
    }
  } catch {
    // the server stops; who asks next is told what is wrong
  }
}
