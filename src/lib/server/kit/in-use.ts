// Which film a page is about, by its address and by what is in use on the device that asks.
import type { Load } from '#core/log/load.ts';
import { IN_USE_COOKIE } from '#schema/settings/settings.ts';
import type { Repositories } from '../repositories.ts';

/** What of a request says which film it is about. */
export interface Asking {
  readonly url: URL;
  readonly cookies: { readonly get: (name: string) => string | undefined };
}

/** The load in use: the one that the address names, else the one chosen last on this device unless it is finished, else anywhere. */
export function loadInUse(store: Repositories, { url, cookies }: Asking): Load | null {
  return named(store, url.searchParams.get('load')) ?? ownOf(store, cookies) ?? store.loads.inUse();
}

/** The load in use on this device, whatever an address names. */
export function loadInUseHere(store: Repositories, cookies: Asking['cookies']): Load | null {
  return ownOf(store, cookies) ?? store.loads.inUse();
}

/** The film that a page of the log is about: the one that the address asks for, else the one in use. */
export function filmAsked(store: Repositories, asking: Asking): Load | null {
  return named(store, asking.url.searchParams.get('film')) ?? loadInUse(store, asking);
}

/** The same, else the film that was loaded last. */
export function filmAskedOrLatest(store: Repositories, asking: Asking): Load | null {
  return filmAsked(store, asking) ?? store.loads.latest(1)[0] ?? null;
}

const named = (store: Repositories, id: string | null): Load | null =>
  id === null ? null : store.loads.find(id);

function ownOf(store: Repositories, cookies: Asking['cookies']): Load | null {
  const own = named(store, cookies.get(IN_USE_COOKIE) ?? null);
  return own?.finishedAt === null ? own : null;
}
