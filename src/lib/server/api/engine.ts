// The engine for other programs: a question comes in, an answer goes out, nothing is stored.
import { jsonAnswer } from '../http/json-answer.ts';
import type { Schema } from 'yup';
import { atHandFrom } from '#core/advice/at-hand.ts';
import { rankSettings, bestSetting } from '#core/advice/rank.ts';
import { reachBoth, reachOf } from '#core/advice/reach.ts';
import { remediesFor } from '#core/advice/remedies.ts';
import { reachAnswer, remediesAnswer, verdictAnswer } from '#schema/engine/answers.ts';
import { questionFrom, questionSchema, type Question, type Shelf } from '#schema/engine/question.ts';
import { readBody } from '../http/json-body.ts';
import { badFields } from '../http/problem.ts';
import { store, type Store } from '../store.ts';

/** Verdicts answered at most: beyond the best twenty nobody chooses. */
const MOST_VERDICTS = 20;

async function questionOf(request: Request): Promise<Question | Response> {
  const schema: Schema<Parameters<typeof questionFrom>[0]> = questionSchema;
  const body = await readBody(request, schema);
  if (body instanceof Response) return body;
  const question = questionFrom(body, shelfOf(store()));
  return question.ok ? question.value : badFields(question.error);
}

/** Where stored cameras and films are looked up. */
export function shelfOf(s: Store): Shelf {
  return {
    camera: (id) => s.cameras.find(id)?.value ?? null,
    film: (id) => s.films.find(id)?.value ?? null
  };
}

/** Every setting, best first. */
export async function matchAnswer(request: Request): Promise<Response> {
  const question = await questionOf(request);
  if (question instanceof Response) return question;
  const verdicts = rankSettings(question.situation, question.present).slice(0, MOST_VERDICTS);
  return jsonAnswer({ verdicts: verdicts.map(verdictAnswer) });
}

/** The reach of the pair. */
export async function reachOfRequest(request: Request): Promise<Response> {
  const question = await questionOf(request);
  if (question instanceof Response) return question;
  const { situation, present } = question;
  const both = reachBoth(situation, present);
  const { support = 'hand' } = situation;
  const said = support === 'leaning' ? reachOf(situation, present) : both[support];
  return jsonAnswer(reachAnswer(said, both));
}

/** What would help. */
export async function remediesOfRequest(request: Request): Promise<Response> {
  const question = await questionOf(request);
  if (question instanceof Response) return question;
  const { situation, present } = question;
  const advice = bestSetting(situation, present);
  if (!advice) return badFields([{ field: 'camera', message: 'The camera has no setting.' }]);
  const atHand = atHandFrom(
    store()
      .films.list()
      .map((f) => f.value),
    store().things.list()
  );
  return jsonAnswer(remediesAnswer(advice, remediesFor(situation, present, atHand)));
}
