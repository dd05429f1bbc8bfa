// When the light was told on this device, over reloads of the page and the closing of it.
import { lightFromQuery, queryFromLight } from '#schema/address/light-query.ts';
import type { NoteReaders } from '#schema/address/notes.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { TOLD_MINUTES } from '#core/ways/told.ts';
import type { Told } from '../current.svelte.ts';

const NAME = 'just-enough-told';
const textOf = (light: LightChoice): string => queryFromLight(light).toString();

/** Keeps when a light was told. */
export function keepTold({ light, atMs }: Told): void {
  try {
    localStorage.setItem(NAME, `${atMs} ${textOf(light)}`);
  } catch {
    // a private visit keeps nothing: the light is then told anew with each page
  }
}

/** What is kept: the moment in milliseconds since 1970 (0 = nothing is), and the light as an address has it. */
function kept(): { readonly atMs: number; readonly text: string } {
  try {
    const [at = '', ...text] = (localStorage.getItem(NAME) ?? '').split(' ');
    const atMs = Number(at);
    return atMs > 0 ? { atMs, text: text.join(' ') } : { atMs: 0, text: '' };
  } catch {
    // see above
    return { atMs: 0, text: '' };
  }
}

/** The light that is kept, as an address has it; '' = none is. */
export const keptText = (): string => kept().text;

/**
 * What an address tells that names a light: the light this device was told last keeps its age; another one is told by opening it.
 * @param nowMs milliseconds since 1970
 */
export function toldByAddress(light: LightChoice, nowMs: number): Told {
  const { atMs, text } = kept();
  return { light, atMs: atMs > 0 && text === textOf(light) ? atMs : nowMs };
}

/** The light that was told last on this device, if that is not too long ago to count. @param nowMs milliseconds since 1970 */
export function toldLately(nowMs: number, readers: NoteReaders | null): Told | null {
  const { atMs, text } = kept();
  if (atMs === 0 || nowMs - atMs > TOLD_MINUTES * 60_000) return null;
  const { light, problems } = lightFromQuery(new URLSearchParams(text), readers);
  return problems.length > 0 ? null : { light, atMs };
}
