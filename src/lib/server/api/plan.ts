// Plans for other programs: a question comes in, an answer goes out, nothing is stored.
import { atHandFrom } from '#core/advice/at-hand.ts';
import { chanceMap, DAY_HOURS } from '#core/plan/chance-map.ts';
import type { PlanPair } from '#core/plan/serving.ts';
import { pairDay } from '#core/plan/windows.ts';
import { questionFrom, type questionSchema } from '#schema/engine/question.ts';
import {
  chancesQuestionSchema,
  mapDaysFrom,
  planDayFrom,
  windowsAnswer,
  windowsQuestionSchema
} from '#schema/plan/plan-question.ts';
import type { InferType } from 'yup';
import { jsonAnswer } from '../http/json-answer.ts';
import { readBody } from '../http/json-body.ts';
import { badFields, problem } from '../http/problem.ts';
import { store } from '../store.ts';
import { shelfOf } from './engine.ts';

/** No outing has that id. */
export function noOuting(id: string): Response {
  return problem(404, 'no-outing', 'No such outing', `There is no outing “${id}”.`);
}

type PairBody = Omit<InferType<typeof questionSchema>, 'light' | 'contrast'> & {
  readonly leastChance?: number | undefined;
};

/** The pair that is asked about, or what is wrong with it. */
function pairFrom(body: PairBody): PlanPair | Response {
  const s = store();
  // a plan brings its own light
  const question = questionFrom({ ...body, light: { lv: 0, sdStops: 0 }, contrast: 'normal' }, shelfOf(s));
  if (!question.ok) return badFields(question.error);
  const things = s.things.list();
  const owned = things.some((t) => t.data.kind === 'filter');
  const atHand = atHandFrom([], things);
  return {
    ...question.value,
    atHand: { ...atHand, filters: owned ? atHand.filters : [] },
    leastChance: body.leastChance ?? s.settings.read().leastChance
  };
}

/** When a pair works, in the hand and on something. */
export async function windowsOfRequest(request: Request): Promise<Response> {
  const body = await readBody(request, windowsQuestionSchema);
  if (body instanceof Response) return body;
  const pair = pairFrom(body);
  if (pair instanceof Response) return pair;
  const day = planDayFrom(body);
  return jsonAnswer({
    hand: windowsAnswer(pairDay(pair, day, 'hand').windows),
    standing: windowsAnswer(pairDay(pair, day, 'standing').windows)
  });
}

/** The chance by day and hour, worked out week by week so that others have their turn. */
export async function chancesOfRequest(request: Request): Promise<Response> {
  const body = await readBody(request, chancesQuestionSchema);
  if (body instanceof Response) return body;
  const pair = pairFrom(body);
  if (pair instanceof Response) return pair;
  const steps = chanceMap([pair], mapDaysFrom(body));
  let step = steps.next();
  while (step.done !== true) {
    await new Promise((next) => setImmediate(next));
    step = steps.next();
  }
  const { dates, chances } = step.value;
  const [all = new Float32Array()] = chances;
  return jsonAnswer({
    days: dates.map((date, day) => ({
      date,
      chances: [...all.slice(day * DAY_HOURS, (day + 1) * DAY_HOURS)].map((c) => (Number.isNaN(c) ? null : c))
    }))
  });
}
