// The time is the photographer's or fixed; a needle sets the aperture.
import { evFromSetting } from '../../../light/lv.ts';
import { formatFNumberDigits, parseFNumber } from '../../../units/aperture.ts';
import { eyeFaults, eyeTexts, limitFaults, readEye, type Eye } from '../eye.ts';
import type { ProgramKind } from '../program-kind.ts';
import { automaticApertureEntries } from './entries.ts';

/** The camera sets the aperture between two limits. */
export interface AutomaticApertureProgram {
  readonly kind: 'automatic-aperture';
  readonly widestFNumber: number;
  readonly smallestFNumber: number;
  readonly eye: Eye;
}

/** @see AutomaticApertureProgram */
export const automaticAperture: ProgramKind<AutomaticApertureProgram> = {
  sets: { aperture: true, time: false },
  eye: ({ eye }) => eye,
  range({ widestFNumber, smallestFNumber }, { seconds }) {
    const t = seconds ?? NaN;
    return { min: evFromSetting(widestFNumber, t), max: evFromSetting(smallestFNumber, t) };
  },
  at(_, { seconds }, ev) {
    const t = seconds ?? NaN;
    return { fNumber: Math.sqrt(t * 2 ** ev), seconds: t };
  },
  evAtSeconds: () => null,
  bends: () => [],
  locksBeyond: () => null,
  widest: ({ widestFNumber }) => widestFNumber,
  smallest: ({ smallestFNumber }) => smallestFNumber,
  faults: ({ eye, widestFNumber, smallestFNumber }) => [
    ...eyeFaults(eye),
    ...limitFaults(widestFNumber, smallestFNumber)
  ],
  sheet: {
    entries: automaticApertureEntries,
    fields: ['widest', 'smallest'],
    read: (ask) => ({
      kind: 'automatic-aperture',
      widestFNumber: ask.quantity('widest', parseFNumber),
      smallestFNumber: ask.quantity('smallest', parseFNumber),
      eye: readEye(ask)
    }),
    write: ({ eye, widestFNumber, smallestFNumber }) => ({
      ...eyeTexts(eye),
      needle: 'needle',
      ...{ widest: formatFNumberDigits(widestFNumber), smallest: formatFNumberDigits(smallestFNumber) }
    }),
    entryOf: () => 'needle'
  }
};
