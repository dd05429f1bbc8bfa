// A frame's border note: the light it was set for, the guess, and when.
import type { LightChoice } from '#core/ways/choice.ts';
import { formatLv, formatStops, formatThirds } from '#core/units/stops.ts';
import { sayWay } from '../text/say-light.ts';

/** The light in short: "LV 13⅔ from “soft edge”". */
export function sayLightShort(light: LightChoice): string {
  const lv = `LV ${formatLv(light.lv)}`;
  return light.way.kind === 'hand' ? lv : `${lv} from ${sayWay(light.way)}`;
}

/** The guess against what was found, or ''. */
export function sayGuess(guess: LightChoice | null, light: LightChoice): string {
  if (!guess) return '';
  const off = guess.lv - light.lv;
  const by = formatThirds(off) === '0' ? 'right' : `${formatStops(off)} too ${off > 0 ? 'bright' : 'dark'}`;
  return `Guessed LV ${formatLv(guess.lv)}: ${by}`;
}

/** Making one takes longer than a hundred dates. */
const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(timeZone: string): Intl.DateTimeFormat {
  const known = clocks.get(timeZone);
  if (known) return known;
  const clock = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone });
  clocks.set(timeZone, clock);
  return clock;
}

/** Date and time of day, as on a border: "12 Sep 2026 09:24". Times are shown in UTC unless a zone is given. */
export function sayWhen(iso: string, timeZone: string): string {
  return clockOf(timeZone).format(new Date(iso));
}
