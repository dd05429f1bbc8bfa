// The address and the state that pages share, kept alike: the light, what was asked of it and the film in use stand in the address, so
// that it can be kept, shared and reloaded; and what an address names is taken up.
import { afterNavigate, replaceState } from '$app/navigation';
import { page } from '$app/state';
import { ASKED_KEY, askedFromQuery, textFromAsked } from '#schema/address/asked-query.ts';
import { LIGHT_KEYS, lightFromQuery, queryFromLight } from '#schema/address/light-query.ts';
import type { NoteReaders } from '#schema/address/notes.ts';
import type { Current } from './current.svelte.ts';
import { usedHere, useHere } from './in-use.ts';
import { keepTold, toldByAddress, toldLately } from './light/told-here.ts';
import { sayDone, sayTrouble } from './notices/say.ts';
import { whenRested } from './when-rested.svelte.ts';

const SHARED_KEYS = new Set<string>([...LIGHT_KEYS, ASKED_KEY, 'load']);
/** How long the light rests before the address follows, ms. */
const REST_MS = 250;

const tellsLight = (params: URLSearchParams): boolean => LIGHT_KEYS.some((key) => params.has(key));
const problemsOf = (params: URLSearchParams, readers: NoteReaders | null): readonly string[] => [
  ...lightFromQuery(params, readers).problems,
  ...askedFromQuery(params, readers).problems
];

/** What a page begins with by its address. */
export function begun(current: Current, readers: NoteReaders | null): void {
  const params = page.url.searchParams;
  current.asked = askedFromQuery(params, readers).asked;
  if (tellsLight(params)) current.told = { light: current.light, atMs: Date.now() };
}

/** The address of the pages; made once, with the layout. */
export class Address {
  /** What of the address is not understood, in words. */
  problems = $state.raw<readonly string[]>([]);
  /** What the links lead to: the light as it last rested, or as it is when somebody is about to take one. */
  linked = $state.raw('');
  readonly #current: Current;
  readonly #readers: () => NoteReaders | null;
  /** The shared state as a query, "?…" or ''. */
  readonly query: string = $derived.by(() => {
    const { told, light, asked } = this.#current;
    const text = textFromAsked(asked);
    const pieces = [
      // a light that nobody told stands in no address: whoever opens it later would tell it
      ...(told ? [queryFromLight(light).toString()] : []),
      ...(text === '' ? [] : [`${ASKED_KEY}=${encodeURIComponent(text)}`])
    ].filter((piece) => piece !== '');
    return pieces.length === 0 ? '' : `?${pieces.join('&')}`;
  });

  /** @param isOwn whether a page's address is its own, with no light in it @param readers of what it says in JSON */
  constructor(current: Current, isOwn: () => boolean, readers: () => NoteReaders | null) {
    this.#current = current;
    this.#readers = readers;
    this.problems = problemsOf(page.url.searchParams, readers());
    this.linked = this.query;
    afterNavigate(({ to }) => {
      if (to) this.#take(to.url.searchParams);
    });
    $effect(() => {
      if (current.told) keepTold(current.told);
    });
    // a moment after the light rests
    whenRested(
      () => [current.light, current.pair, current.asked, isOwn(), this.problems],
      REST_MS,
      () => {
        this.settle();
        if (!isOwn() && this.problems.length === 0) this.#write();
      }
    );
  }

  /** The links lead to the light as it is now. */
  settle(): void {
    this.linked = this.query;
  }

  #write(): void {
    // what a page keeps in its address for itself stays there
    const own = location.search
      .slice(1)
      .split('&')
      .filter((part) => !SHARED_KEYS.has(part.split('=')[0] ?? ''));
    const parts = [this.query.slice(1), ...own].filter((part) => part !== '');
    const search = parts.length === 0 ? '' : `?${parts.join('&')}`;
    if (location.search !== search) replaceState(`${location.pathname}${search}`, {});
  }

  #take(params: URLSearchParams): void {
    const current = this.#current;
    const readers = this.#readers();
    this.problems = problemsOf(params, readers);
    if (tellsLight(params)) {
      const { light } = lightFromQuery(params, readers);
      current.light = light;
      current.nowMs = Date.now();
      current.told = toldByAddress(light, current.nowMs);
    } else if (!current.told) {
      // nothing is told by this address: what was told on this device a while ago still counts
      const lately = toldLately(Date.now(), readers);
      if (lately) current.light = lately.light;
      current.told = lately;
    }
    const named = params.get('load');
    if (named !== null) this.#sayUsed(named);
    if (params.has(ASKED_KEY)) current.asked = askedFromQuery(params, readers).asked;
  }

  /** An address that names a film takes it in use, and it is said. */
  #sayUsed(named: string): void {
    const { pair } = this.#current;
    if (!pair) return;
    const names = `${pair.camera.name} with ${pair.film.name}`;
    if (pair.loadId !== named)
      sayTrouble(`The film that this address names is not in the kit any more. ${names} is in use.`);
    else if (usedHere() !== named) {
      useHere(named);
      sayDone(`${names} is in use now, as this address says.`);
    }
  }
}
