// Cameras on which the photographer sets everything there is to set.
import type { SheetEntry } from '../program-kind.ts';

/** From a box with nothing on it to scales of numbers. */
export const manualEntries: readonly SheetEntry[] = [
  {
    name: 'nothing',
    typical: {
      ...{ name: 'My box camera', formats: 'roll-6x9', focal: '100', singleElement: 'yes' },
      ...{ aperture: 'f/14', time: '1/40' }
    },
    first: ['aperture', 'time'],
    film: ['negative-bw', '100', '8'],
    figure: [
      { path: 'M38 14h84v70H38z' },
      { circle: [80, 52, 17] },
      { circle: [80, 52, 4], tone: 'ink' },
      { path: 'M122 34h10v8' }
    ]
  },
  {
    name: 'symbols',
    typical: {
      ...{ name: 'My toy camera', formats: 'roll-6x6', focal: '60', singleElement: 'yes' },
      ...{ aperture: 'sun=13 cloud=9', time: '1/90', focus: '', focusing: 'symbols' }
    },
    first: ['aperture', 'time'],
    film: ['negative-colour', '400', '12'],
    figure: [
      { path: 'M30 26h100v58H30zM62 26l6-12h24l6 12' },
      { circle: [80, 55, 21] },
      { path: 'M58 30h44', tone: 'thick' },
      { circle: [58, 30, 6], tone: 'knob' },
      { circle: [44, 40, 4] },
      { path: 'M44 33v-2M44 49v-2M37 40h-2M53 40h-2M112 46a4 4 0 0 1 0-7 5 5 0 0 1 9 0 4 4 0 0 1 0 7z' }
    ]
  },
  {
    name: 'scales',
    typical: {
      ...{ name: 'My meterless camera', formats: '135', focal: '45', aperture: '2.8 4 5.6 8 11 16' },
      ...{ time: '1 2 4 8 15 30 60 125 250 500', focusing: 'scale' }
    },
    first: ['aperture', 'time'],
    film: ['negative-colour', '200', '36'],
    figure: [
      { path: 'M22 28h116v56H22zM96 28v-9h22v9' },
      { circle: [76, 56, 25] },
      { circle: [76, 56, 15] },
      { path: 'M76 31v7M58 38l5 6M94 38l-5 6M51 56h7M101 56h-7' },
      { path: 'M102 19h10M107 14v5' }
    ]
  },
  {
    name: 'gears',
    typical: {
      ...{ name: 'My panoramic camera', formats: '135-panorama', focal: '28', aperture: '2.8 4 5.6 8 11' },
      ...{ time: 'white: 200 100 60 | red: 15 8 4', moves: 'swing', sweep: '0.4s', fixedAt: '10' }
    },
    first: ['aperture', 'time'],
    film: ['negative-colour', '200', '36'],
    figure: [
      { path: 'M20 34h120v50H20z' },
      { path: 'M60 34a26 26 0 0 1 46 0', tone: 'thick' },
      { path: 'M83 34v50' },
      { circle: [120, 24, 12] },
      { path: 'M120 12v5M109 21l4 2M131 21l-4 2', tone: 'red' },
      { path: 'M112 32l3-3M128 32l-3-3' },
      { path: 'M34 48h34M98 48h28M34 70h34M98 70h28' }
    ]
  }
];
