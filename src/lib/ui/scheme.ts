// The look of the pages: day, evening, dark-adapted. It is this device's own: a phone in the dark leaves the desk alone. Kept
// in a cookie, so that the server sends the first byte in it.
import { LOOK_COOKIE, SCHEMES, schemeOf, type Scheme, type Settings } from '#schema/settings/settings.ts';
import type { Current } from './current.svelte.ts';

/** What each look is called. */
export const SCHEME_WORDS: Readonly<Record<Scheme, string>> = {
  day: 'Day',
  evening: 'Evening',
  dark: 'Dark'
};

/** Ten years, in seconds. */
const KEPT_SECONDS = 10 * 365 * 86_400;

/** The look after this one. */
export function schemeAfter(scheme: Scheme): Scheme {
  return SCHEMES[(SCHEMES.indexOf(scheme) + 1) % SCHEMES.length] ?? 'day';
}

/** The settings with the look that this device was given, if it was given one. */
export function withLook(settings: Settings): Settings {
  if (typeof document === 'undefined') return settings;
  const value = document.cookie
    .split('; ')
    .find((c) => c.startsWith(`${LOOK_COOKIE}=`))
    ?.slice(LOOK_COOKIE.length + 1);
  return { ...settings, scheme: schemeOf(value) ?? settings.scheme };
}

/** Turns to the next look. */
export function nextScheme(current: Current): void {
  const scheme = schemeAfter(current.settings.scheme);
  current.settings = { ...current.settings, scheme };
  document.cookie = `${LOOK_COOKIE}=${scheme}; path=/; max-age=${KEPT_SECONDS}; samesite=lax`;
}
