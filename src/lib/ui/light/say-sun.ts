// Sun, moon and clocks in words.
import type { CoordinatesProblem } from '#core/sky/coordinates.ts';
import type { SkyEventKind } from '#core/sky/events.ts';
import type { ClockProblem } from '#core/sky/wall-clock.ts';
import { formatDecimal } from '#core/units/decimal.ts';

const EVENT_WORDS: Readonly<Record<SkyEventKind, string>> = {
  sunrise: 'sunrise',
  sunset: 'sunset',
  'civil-dawn': 'first light to read by',
  'civil-dusk': 'last light to read by',
  'nautical-dawn': 'horizon shows',
  'nautical-dusk': 'horizon fades',
  'astronomical-dawn': 'night ends',
  'astronomical-dusk': 'night begins',
  moonrise: 'moonrise',
  moonset: 'moonset'
};
const TWILIGHT_NAMES: Readonly<Partial<Record<SkyEventKind, string>>> = {
  'civil-dawn': 'civil twilight begins',
  'civil-dusk': 'civil twilight ends',
  'nautical-dawn': 'nautical twilight begins',
  'nautical-dusk': 'nautical twilight ends',
  'astronomical-dawn': 'astronomical twilight begins',
  'astronomical-dusk': 'astronomical twilight ends'
};

/** What happens: "sunset", "last light to read by (civil twilight ends)". */
export function sayEvent(kind: SkyEventKind): string {
  const name = TWILIGHT_NAMES[kind];
  return name === undefined ? EVENT_WORDS[kind] : `${EVENT_WORDS[kind]} (${name})`;
}

/** What a date or time still needs. */
export function explainClock(error: ClockProblem): string {
  switch (error.problem) {
    case 'bad-date':
      return `“${error.text}” is no day of the calendar. Write it as 2026-09-12, 12.9. or tomorrow.`;
    case 'bad-time':
      return `“${error.text}” is no time of day. Write it as 18:40 or 6:40 pm.`;
    case 'bad-zone':
      return `The time zone “${error.text}” is not known here. Choose the place again.`;
    case 'skipped':
      return 'The clocks jump over this time. Which did you mean?';
    case 'doubled':
      return 'The clocks show this time twice. Which did you mean?';
  }
}

/** What coordinates still need. */
export function explainCoordinates(error: CoordinatesProblem): string {
  if (error.problem === 'not-coordinates')
    return 'Write coordinates as 47.5 −28.2, or 47.5N 28.2W, or search for a place by its name.';
  const most = error.which === 'latitude' ? 90 : 180;
  return `${formatDecimal(error.value, 4)} is no ${error.which}: it lies between −${most} and ${most} degrees.`;
}

/** Coordinates as a name: "47.5 N, 28 W". */
export function sayCoordinates(latitude: number, longitude: number): string {
  const part = (value: number, plus: string, minus: string): string =>
    `${formatDecimal(Math.abs(value), 3)} ${value < 0 ? minus : plus}`;
  return `${part(latitude, 'N', 'S')}, ${part(longitude, 'E', 'W')}`;
}
