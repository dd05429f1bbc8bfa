// Cameras whose needle sets the opening.
import type { SheetEntry } from '../program-kind.ts';

/** One time, an electric eye. */
export const automaticApertureEntries: readonly SheetEntry[] = [
  {
    name: 'needle',
    typical: {
      ...{ name: 'My needle camera', formats: '135', focal: '40', time: '1/60', widest: '2.8' },
      ...{ smallest: '22', believes: '100', condition: 'unsure' }
    },
    first: ['time', 'widest', 'smallest', 'believes'],
    film: ['negative-colour', '200', '36'],
    figure: [
      { path: 'M22 28h116v56H22zM96 28v-9h22v9' },
      { circle: [76, 56, 25] },
      { circle: [76, 56, 15] },
      { path: 'M76 31v7M58 38l5 6M94 38l-5 6M51 56h7M101 56h-7' },
      { path: 'M102 19h10M107 14v5' }
    ]
  }
];
