import { fail, redirect } from '@sveltejs/kit';
import { COOKIE, type Entry } from '#server/access/gate.ts';
import { textOf } from '#server/http/form.ts';
import { SESSION_SECONDS } from '#server/access/passcode.ts';
import { store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** A page of our own to go to; nothing else may be named in the address. */
function ownPage(to: string): string {
  return /^\/(?![/\\])[\w\-/?=&%.:,+~]*$/.test(to) ? to : '/shoot';
}

function sayTriesLeft(count: number): string {
  if (count === 0) return 'That was the last try for a while.';
  return count === 1 ? 'One try is left.' : `${count} tries are left.`;
}

function refusal(entry: Exclude<Entry, { kind: 'in' }>): string {
  if (entry.kind === 'shut')
    return `Too many wrong passcodes. The gate is shut for ${entry.minutes} ${entry.minutes === 1 ? 'minute' : 'minutes'}; nothing on your phone is lost.`;
  if (entry.kind === 'busy') return 'The gate is busy. Wait a few seconds, then try again.';
  return `That is not the passcode. ${sayTriesLeft(entry.triesLeft)}`;
}

export const load: PageServerLoad = ({ locals, url }) => ({
  signedIn: locals.signedIn,
  locked: store().config.locked,
  to: ownPage(url.searchParams.get('to') ?? '/shoot')
});

export const actions: Actions = {
  enter: async ({ request, cookies, getClientAddress, url }) => {
    const passcode = textOf(await request.formData(), 'passcode');
    if (passcode === '') return fail(422, { said: 'Give the passcode that was set on the server.' });
    const entry = await store().gate.enter(passcode, getClientAddress());
    if (entry.kind !== 'in') return fail(entry.kind === 'wrong' ? 401 : 429, { said: refusal(entry) });
    cookies.set(COOKIE, entry.token, {
      ...{ path: '/', httpOnly: true, secure: true, sameSite: 'lax', maxAge: SESSION_SECONDS }
    });
    redirect(303, ownPage(url.searchParams.get('to') ?? '/shoot'));
  },
  leave: ({ cookies }) => {
    store().access.signOut(cookies.get(COOKIE) ?? '');
    cookies.delete(COOKIE, { path: '/', secure: true });
    redirect(303, '/enter');
  },
  everywhere: ({ cookies, locals }) => {
    if (!locals.signedIn) return fail(401, { said: 'Sign in first.' });
    store().access.signOutEverywhere();
    cookies.delete(COOKIE, { path: '/', secure: true });
    redirect(303, '/enter');
  }
};
