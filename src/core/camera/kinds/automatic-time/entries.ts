// Cameras that time themselves.
import type { SheetEntry } from '../program-kind.ts';

/** With an eye, and with a speed dial and a scene lever as well. */
export const automaticTimeEntries: readonly SheetEntry[] = [
  {
    name: 'timed',
    typical: {
      ...{ name: 'My automatic camera', formats: 'instant-square', focal: '100', aperture: 'f/10' },
      ...{ shortest: '1/200', longest: '1s', believes: '640', lighten: '-⅔ 0 +⅔', condition: 'automatic' }
    },
    first: ['aperture', 'shortest', 'longest', 'believes', 'lighten'],
    film: ['instant-colour', '640', '8'],
    figure: [
      { path: 'M34 30h92v54H34zM50 30l8-14h44l8 14' },
      { circle: [74, 57, 20] },
      { circle: [112, 46, 7], tone: 'eye' },
      { path: 'M104 66h16', tone: 'thick' },
      { circle: [112, 66, 5], tone: 'knob' }
    ]
  },
  {
    name: 'scene',
    typical: {
      ...{ name: 'My folding camera', formats: 'instant-square', focal: '110', dial: '64 125 400 3200' },
      ...{ scene: 'bright: 9 13 22 60 | dull: 9 9 9 20', lighten: '-1 0 +1' },
      ...{ shortest: '1/1000', longest: '8s', believes: '125', condition: 'unsure', focusing: 'scale' }
    },
    first: ['dial', 'scene', 'lighten', 'shortest', 'longest'],
    film: ['instant-colour', '640', '8'],
    figure: [
      { path: 'M40 22h80v62H40zM40 22l12-10h56l12 10' },
      { circle: [80, 56, 19] },
      { circle: [80, 56, 11] },
      { path: 'M80 37v6M66 43l4 4M94 43l-4 4', tone: 'red' },
      { path: 'M56 84h30', tone: 'thick' },
      { circle: [72, 84, 5], tone: 'knob' },
      { circle: [108, 34, 6], tone: 'eye' }
    ]
  }
];
