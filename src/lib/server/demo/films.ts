// Demonstration films. Names are invented; ranges are the typical ones of their kinds.
import { PLAIN_FILM_TRAITS } from '#core/film/traits.ts';
import { TYPICAL_RANGE, type Film, type FilmKind } from '#core/film/film.ts';

const film = (id: string, name: string, kind: FilmKind, iso: number, more: Partial<Film>): Film => ({
  ...{ id, name, kind, iso },
  belowStops: TYPICAL_RANGE[kind].below,
  aboveStops: TYPICAL_RANGE[kind].above,
  reciprocity: { kind: 'none' },
  ...{ developmentStops: 0, ageStops: 0, sdStops: 0.2, formats: ['135'], frames: 36 },
  ...PLAIN_FILM_TRAITS,
  ...more
});

/** Films of the demonstration, of every kind. */
export const DEMO_FILMS: readonly Film[] = [
  film('demo-tidewater', 'Tidewater 125', 'negative-bw', 125, {
    formats: ['roll-6x6', 'roll-6x9', '135', '135-panorama'],
    frames: 12,
    reciprocity: { kind: 'exponent', p: 1.26, startSeconds: 1 }
  }),
  film('demo-saltmarsh', 'Saltmarsh 160', 'negative-colour', 160, {
    ...{ formats: ['roll-6x6', 'roll-6x9', '135', '135-panorama'], frames: 12, price: 9 },
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
  film('demo-minutepack', 'Minutepack 640', 'instant-colour', 640, {
    ...{ formats: ['instant-square'], frames: 8, price: 19, packBattery: true },
    temperature: { fromC: 13, toC: 28, stopsPerTenC: 0.6 }
  }),
  film('demo-slowpack', 'Slowpack 160', 'instant-colour', 160, {
    ...{ formats: ['instant-square'], frames: 8, price: 21, packBattery: true },
    temperature: { fromC: 13, toC: 28, stopsPerTenC: 0.6 },
    reciprocity: { kind: 'exponent', p: 1.2, startSeconds: 1 }
  }),
  film('demo-soot', 'Sootpeel 2500', 'instant-bw', 2500, { formats: ['pack'], frames: 10, sdStops: 0.5 }),
  film('demo-reel', 'Daylight reel 40', 'reversal', 40, {
    ...{ formats: ['cine-8'], frames: 30, feet: 25, perforation: 'double-run-8', price: 34 }
  }),
  film('demo-barepack', 'Barepack 640', 'instant-colour', 640, {
    ...{ formats: ['instant-square'], frames: 8, price: 15 },
    temperature: { fromC: 13, toC: 28, stopsPerTenC: 0.6 }
  }),
  film('demo-gate', 'Gatereel 50', 'reversal', 50, {
    ...{ formats: ['cine-16'], frames: 40, feet: 100, perforation: '16-one-edge', price: 58 }
  }),
  film('demo-lantern', 'Lantern 400', 'negative-colour', 400, {
    ...{ formats: ['135', 'roll-6x6', '135-panorama'], frames: 36, price: 11 }
  })
];
