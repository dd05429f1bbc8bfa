// Words and usual numbers for the kit.
import { framesIn } from '#core/film/formats.ts';
import type { Camera } from '#core/camera/camera.ts';
import { developedRange, type Film, type FilmKind } from '#core/film/film.ts';
import type { FrameFormat } from '#core/film/formats.ts';
import type { Balance } from '#core/film/traits.ts';
import type { Thing, ThingData } from '#core/kit/thing.ts';
import { sharedFormat } from '#core/chance/conditions.ts';
import { formatFilmSpeed } from '#core/units/film-speed.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { formatStops, formatThirds } from '#core/units/stops.ts';

/** What each kind of film is called. */
export const FILM_KIND_WORDS: Readonly<Record<FilmKind, string>> = {
  'instant-colour': 'instant, colour',
  'instant-bw': 'instant, black and white',
  'negative-colour': 'colour negative',
  'negative-bw': 'black and white negative',
  reversal: 'colour reversal',
  'reversal-bw': 'black and white reversal'
};

/** What each size of picture is called. */
export const FORMAT_WORDS: Readonly<Record<FrameFormat, string>> = {
  'roll-6x6': 'roll film, 6 × 6',
  'roll-6x9': 'roll film, 6 × 9',
  '135': '35 mm, 24 × 36',
  '135-panorama': '35 mm, panorama',
  'instant-square': 'instant, square',
  'instant-small': 'instant, small',
  'instant-small-square': 'instant, small square',
  'instant-wide': 'instant, wide',
  pack: 'instant, peel-apart pack',
  'cine-8': '8 mm cine',
  'cine-16': '16 mm cine'
};

/** What light a film is made for. */
export const BALANCE_WORDS: Readonly<Record<Balance, string>> = {
  daylight: 'daylight',
  tungsten: 'lamps',
  panchromatic: 'any light (black and white)',
  orthochromatic: 'blue and green light (blind to red)'
};

/** A film in one line: kind, speed and what it can take. */
export function sayFilm(film: Film): string {
  const { below, above } = developedRange(film);
  return `${FILM_KIND_WORDS[film.kind]}, ${formatFilmSpeed(film.iso)}, holds ${formatThirds(below)} under to ${formatThirds(above)} over mid grey`;
}

/** Frames a film usually gives in a camera: the size of the picture decides on roll and 35 mm film. */
export function typicalFrames(camera: Camera, film: Film): number {
  const [counted] = film.formats;
  const taken = sharedFormat(camera, film);
  return counted && taken ? framesIn(film.frames, counted, taken) : film.frames;
}

/** What each kind of thing is called, one and many. */
export const THING_WORDS: Readonly<Record<ThingData['kind'], readonly [string, string]>> = {
  filter: ['Filter', 'Filters'],
  flash: ['Flash', 'Flashes'],
  meter: ['Meter', 'Meters'],
  support: ['Support', 'Supports'],
  lamp: ['Lamp', 'Lamps'],
  modifier: ['Lamp modifier', 'Lamp modifiers'],
  developer: ['Developer', 'Developers'],
  phone: ['Phone as a meter', 'Phones as meters']
};

const METER_WORDS = {
  'incident-dome': 'incident, with a dome',
  'incident-flat': 'incident, flat',
  reflected: 'reflected'
} as const;

/** What each kind of meter is called. */
export function sayMeterKind(reads: keyof typeof METER_WORDS): string {
  return METER_WORDS[reads];
}

/** The numbers of a thing in one line; '' when there are none. */
export function sayThing({ data }: Thing): string {
  switch (data.kind) {
    case 'filter':
    case 'modifier':
      return `takes ${formatStops(data.stops)}`;
    case 'flash':
      return `guide number ${formatDecimal(data.guideNumber, 1)} in metres at ISO 100${data.powers.length > 1 ? `, ${data.powers.length} powers` : ''}`;
    case 'meter':
      return `${sayMeterKind(data.reads)}${data.offsetStops === 0 ? '' : `, reads ${formatStops(data.offsetStops)} too ${data.offsetStops > 0 ? 'high' : 'low'}`}${data.showsTenths ? ', shows tenths' : ''}`;
    case 'support':
      return '';
    case 'developer':
      return `${data.dilution.map((p) => formatDecimal(p, 2)).join('+')}, ${formatDecimal(data.fromMinutes, 1)}${data.toMinutes === data.fromMinutes ? '' : ` to ${formatDecimal(data.toMinutes, 1)}`} min at ${formatDecimal(data.atC, 1)} °C${data.lossStops === 0 ? '' : `, costs ${formatStops(data.lossStops)}`}`;
    case 'phone': {
      const off = data.offsetStops;
      const reads =
        formatStops(Math.abs(off)) === formatStops(0)
          ? 'reads true'
          : `read ${formatStops(Math.abs(off))} ${off > 0 ? 'higher' : 'lower'}`;
      return `${reads}, by ${data.readings} ${data.readings === 1 ? 'reading' : 'readings'}`;
    }
    case 'lamp':
      return `${formatDecimal(data.luxAtOneMetre, 0)} lux at one metre, ${formatDecimal(data.kelvin, 0)} K`;
  }
}
