// The demonstration kit: invented cameras, films and frames on an invented coast.
import type { Camera, Position } from '#core/camera/camera.ts';
import type { MarkSymbol } from '#core/camera/camera.ts';
import { TYPICAL_RANGE, type Film, type FilmKind } from '#core/film/film.ts';
import { exactFNumber, exactSeconds } from '#core/units/series.ts';
import { formatFNumber } from '#core/units/aperture.ts';

const at = (mark: string, value: number, symbol: MarkSymbol | null = null): Position => ({
  mark,
  symbol,
  value
});

const BOX: Camera = {
  id: 'demo-pebble',
  name: 'Pebble box',
  formats: ['roll-6x9'],
  focalMm: 104,
  condition: 'old',
  handHeldSeconds: 1 / 30,
  controls: [
    { kind: 'fixed', id: 'aperture', label: 'opening', acts: 'aperture', position: at('one hole', 13.2) },
    { kind: 'fixed', id: 'time', label: 'shutter', acts: 'time', position: at('I', 1 / 38) }
  ]
};

const TOY: Camera = {
  id: 'demo-marigold',
  name: 'Marigold 6',
  formats: ['roll-6x6', 'instant-square'],
  focalMm: 64,
  condition: 'mechanical',
  handHeldSeconds: null,
  controls: [
    {
      kind: 'marked',
      id: 'aperture',
      label: 'aperture lever',
      acts: 'aperture',
      shape: 'lever',
      positions: [at('sun', 12.3, 'sun'), at('cloud', 7.4, 'cloud')]
    },
    { kind: 'fixed', id: 'time', label: 'shutter', acts: 'time', position: at('N', 1 / 85) },
    {
      kind: 'marked',
      id: 'focus',
      label: 'focus ring',
      acts: 'focus',
      shape: 'ring',
      positions: [
        at('1.2 m', 1.2, 'person'),
        at('2.5 m', 2.5, 'people'),
        at('5 m', 5, 'group'),
        at('∞', Infinity, 'mountain')
      ]
    }
  ]
};

const METERLESS: Camera = {
  id: 'demo-corvane',
  name: 'Corvane 35',
  formats: ['135'],
  focalMm: 43,
  condition: 'mechanical',
  handHeldSeconds: null,
  controls: [
    {
      kind: 'marked',
      id: 'aperture',
      label: 'aperture ring',
      acts: 'aperture',
      shape: 'ring',
      positions: [2.8, 4, 5.6, 8, 11, 16].map((m) => at(formatFNumber(m).slice(2), exactFNumber(m, 'full')))
    },
    {
      kind: 'marked',
      id: 'time',
      label: 'speed wheel',
      acts: 'time',
      shape: 'wheel',
      positions: [1, 2, 4, 8, 15, 30, 60, 125, 250, 500].map((d) =>
        at(String(d), exactSeconds(1 / d, 'full'))
      )
    }
  ]
};

const film = (id: string, name: string, kind: FilmKind, iso: number, more: Partial<Film>): Film => ({
  id,
  name,
  kind,
  iso,
  belowStops: TYPICAL_RANGE[kind].below,
  aboveStops: TYPICAL_RANGE[kind].above,
  reciprocity: { kind: 'none' },
  developmentStops: 0,
  ageStops: 0,
  sdStops: 0.2,
  formats: ['135'],
  frames: 36,
  ...more
});

/** Cameras of the demonstration. */
export const DEMO_CAMERAS: readonly Camera[] = [TOY, BOX, METERLESS];

/** Films of the demonstration, one of each of four kinds. */
export const DEMO_FILMS: readonly Film[] = [
  film('demo-tidewater', 'Tidewater 125', 'negative-bw', 125, {
    formats: ['roll-6x6', 'roll-6x9', '135'],
    frames: 12,
    reciprocity: { kind: 'exponent', p: 1.26, startSeconds: 1 }
  }),
  film('demo-saltmarsh', 'Saltmarsh 160', 'negative-colour', 160, {
    formats: ['roll-6x6', 'roll-6x9', '135'],
    frames: 12,
    reciprocity: { kind: 'exponent', p: 1.15, startSeconds: 1 }
  }),
  film('demo-heliodor', 'Heliodor 64', 'reversal', 64, {
    reciprocity: {
      kind: 'table',
      rows: [
        { meteredSeconds: 1, neededSeconds: 1 },
        { meteredSeconds: 10, neededSeconds: 17 },
        { meteredSeconds: 60, neededSeconds: 150 }
      ]
    }
  }),
  film('demo-minutepack', 'Minutepack 640', 'instant-colour', 640, { formats: ['instant-square'], frames: 8 })
];
