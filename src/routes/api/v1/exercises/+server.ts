import { json } from '@sveltejs/kit';
import { exerciseBodySchema, exerciseFrom } from '#schema/practice/exercise.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Answers of drills and days in the field, the oldest first. */
export const GET: RequestHandler = () =>
  json(
    store()
      .exercises.listAll()
      .map((exercise) => ({ exercise }))
  );

/** Keeps an exercise: 201 and how it is kept. What was answered or sealed before stays; a reading may come later. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, exerciseBodySchema);
  if (body instanceof Response) return body;
  return json({ exercise: store().exercises.put(exerciseFrom(body.exercise)) }, { status: 201 });
};
