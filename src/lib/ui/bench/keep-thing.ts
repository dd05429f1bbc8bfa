// What was found of something in the bag is kept with it, and taken back with one press.
import { invalidateAll } from '$app/navigation';
import type { Thing } from '#core/kit/thing.ts';
import { changeThing, newThing } from '../api.ts';
import { sayDone, sayTrouble } from '../notices/say.ts';

/** The revision of a thing as the server has it now; null = it does not answer. */
async function revisionOf(id: string): Promise<number | null> {
  try {
    const response = await fetch(`/api/v1/things/${encodeURIComponent(id)}`);
    const tag = (response.headers.get('etag') ?? '').replaceAll('"', '');
    return response.ok && tag !== '' ? Number(tag) : null;
  } catch {
    return null;
  }
}

async function put(thing: Thing): Promise<boolean> {
  const revision = await revisionOf(thing.id);
  const sent = revision === null ? null : await changeThing(thing, revision);
  if (sent?.ok) return true;
  sayTrouble(sent?.error.words ?? 'The server does not answer. Nothing is lost: try again when it does.');
  return false;
}

/** Stores how something in the bag is now. @param before as it was @returns whether it is stored */
export async function keepThing(before: Thing, now: Thing, words: string): Promise<boolean> {
  if (!(await put(now))) return false;
  await invalidateAll();
  sayDone(words, () => {
    void put(before).then(async (isBack) => {
      await invalidateAll();
      if (isBack) sayDone(`${before.name} is as it was.`);
    });
  });
  return true;
}

/** Puts something new into the bag. @returns whether it is stored */
export async function addThing(thing: Thing, words: string): Promise<boolean> {
  const sent = await newThing(thing);
  if (!sent.ok) {
    sayTrouble(sent.error);
    return false;
  }
  await invalidateAll();
  sayDone(words);
  return true;
}
