// The look of the pages: day, evening, dark-adapted. Shown at once, remembered by the server.
import { SCHEMES, type Scheme } from '#schema/settings/settings.ts';
import { changeSettings } from './offline/remember.ts';
import type { Current } from './current.svelte.ts';

/** What each look is called. */
export const SCHEME_WORDS: Readonly<Record<Scheme, string>> = {
  day: 'Day',
  evening: 'Evening',
  dark: 'Dark'
};

/** The look after this one. */
export function schemeAfter(scheme: Scheme): Scheme {
  return SCHEMES[(SCHEMES.indexOf(scheme) + 1) % SCHEMES.length] ?? 'day';
}

/** Turns to the next look. */
export function nextScheme(current: Current): void {
  const scheme = schemeAfter(current.settings.scheme);
  current.settings = { ...current.settings, scheme };
  void changeSettings({ scheme }, current.settings);
}
