// Cameras that set all by themselves.
import type { SheetEntry } from '../program-kind.ts';

/** Point and press. */
export const lineEntries: readonly SheetEntry[] = [
  {
    name: 'line',
    typical: {
      ...{ name: 'My point-and-press camera', formats: '135', focal: '35' },
      ...{ line: '2.8 at 1s, 2.8 at 1/40, 16 at 1/400', believes: '200', condition: 'automatic' }
    },
    first: ['line', 'believes', 'lighten'],
    film: ['negative-colour', '200', '36'],
    figure: [
      { path: 'M24 30h112v54H24zM60 30l5-9h30l5 9' },
      { circle: [80, 57, 18] },
      { circle: [80, 57, 9], tone: 'ink' },
      { circle: [117, 43, 7], tone: 'eye' },
      { path: 'M34 24h14', tone: 'thick' }
    ]
  }
];
