// A frame's border note: the light it was set for, the guess, and when.
import type { Doubt } from '#core/log/frame.ts';
import { zonePlace, type Moment } from '#core/sky/moment.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { formatLv, formatStops, formatThirds } from '#core/units/stops.ts';
import { sayWay } from '../text/say-light.ts';

/** The light in short: "LV 13⅔ from “soft edge”". @param light null = nobody told it */
export function sayLightShort(light: LightChoice | null): string {
  if (!light) return 'light not told';
  const lv = `LV ${formatLv(light.lv)}`;
  return light.way.kind === 'hand' ? lv : `${lv} from ${sayWay(light.way)}`;
}

/** The guess against what was found, or ''. */
export function sayGuess(guess: LightChoice | null, light: LightChoice | null): string {
  if (!guess || !light) return '';
  const off = guess.lv - light.lv;
  const by = formatThirds(off) === '0' ? 'right' : `${formatStops(off)} too ${off > 0 ? 'bright' : 'dark'}`;
  return `Guessed LV ${formatLv(guess.lv)}: ${by}`;
}

/** What cannot be told of a frame any more, and why. */
export const DOUBT_WORDS: Readonly<Record<Doubt, string>> = {
  setting:
    'The camera was changed after this frame, and how it was then is not kept: the marks may be others.',
  zone: 'Its clocks were not noted: they are those of the place that was set then.',
  time: 'Its time was unreadable: it stands at the frame before it.'
};

/** Making one takes longer than a hundred dates. */
const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(timeZone: string): Intl.DateTimeFormat {
  const known = clocks.get(timeZone);
  if (known) return known;
  const clock = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone });
  clocks.set(timeZone, clock);
  return clock;
}

/** Date and time of day by the moment's own clocks, as on a border: "12 Sep 2026, 09:24 Lisbon". */
export function sayWhen({ at, zone }: Moment): string {
  return `${clockOf(zone).format(new Date(at))} ${zonePlace(zone)}`;
}

/** The day alone by the moment's own clocks: "12 Sep 2026". */
export function sayDay({ at, zone }: Moment): string {
  return clockOf(zone).format(new Date(at)).split(',')[0] ?? '';
}
