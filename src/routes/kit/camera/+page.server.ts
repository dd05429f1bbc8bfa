import { fail, redirect } from '@sveltejs/kit';
import { filledSheet } from '#schema/sheet/entry.ts';
import { readSheet } from '#schema/sheet/sheet-read.ts';
import { sheetFrom } from '#schema/sheet/sheet-write.ts';
import { typicalSheet } from '#schema/sheet/sheet.ts';
import { textsOf } from '#server/http/form.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The sheet to start with: a kind's typical answers, or another camera's own (`like=`). */
export const load: PageServerLoad = ({ url }) => {
  const like = store().cameras.find(url.searchParams.get('like') ?? '');
  const start = like
    ? { ...sheetFrom(like.value), name: `${like.value.name}, another`.slice(0, 80) }
    : { ...typicalSheet('symbols'), has: 'symbols' };
  return { start, like: like?.value.name ?? null };
};

export const actions: Actions = {
  default: async ({ request }) => {
    const texts = textsOf(await request.formData());
    const read = readSheet(filledSheet(texts), crypto.randomUUID());
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    store().cameras.add(read.value, serverNow());
    redirect(303, '/kit');
  }
};
