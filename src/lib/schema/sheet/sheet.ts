// A camera as its owner fills it in: a sheet of texts, one for each thing that can be said about it. Each kind of camera asks
// for a few of them and starts from typical answers; everything else can come later.
import { SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import type { SheetEntry } from '#core/camera/kinds/program-kind.ts';
import { PROGRAM_FORMS } from '#core/camera/kinds/program-forms.ts';
import { PROGRAM_KIND_NAMES } from '#core/camera/kinds/programs.ts';
import { FIELD_OF, type Sheet } from '#core/camera/kinds/sheet-texts.ts';
import { CONTROL_ACTS } from '#core/camera/position.ts';

/** Everything that can be said. */
export const SHEET_FIELDS = [
  ...['has', 'name', 'formats', 'focal'],
  ...['aperture', 'time', 'dial', 'scene', 'lighten', 'focus', 'lenses'],
  ...CONTROL_ACTS.map((acts) => `${FIELD_OF[acts]}By`),
  ...PROGRAM_KIND_NAMES.flatMap((name) => PROGRAM_FORMS[name].sheet.fields),
  ...['believes', 'eye', 'eyeAngle', 'opens', 'closes', 'after', 'caution'],
  ...['focusing', 'fixedAt', 'sharpFrom', 'nearest'],
  ...[
    'flash',
    'guideNumber',
    'flashBelow',
    'flashOverride',
    'flashQuench',
    'sync',
    'fittedTime',
    'fittedAperture'
  ],
  ...['moves', 'sweep', 'pictures', 'needle'],
  ...[
    'condition',
    'tolerance',
    'held',
    'bias',
    'singleElement',
    'repeats',
    'battery',
    'perforations',
    'checks'
  ],
  ...['finderRight', 'finderUp', 'aimRight', 'aimUp'],
  ...['filterThread', 'stand', 'release']
] as const;

/** What is the same on most cameras until its owner says otherwise. */
export const PLAIN_SHEET: Sheet = {
  ...{
    condition: 'mechanical',
    tolerance: '',
    held: '',
    bias: '0',
    singleElement: 'no',
    repeats: 'no',
    battery: 'no'
  },
  ...{ lenses: '', focus: '', focusing: 'fixed', fixedAt: '', sharpFrom: '', nearest: '0.5' },
  ...{
    flash: 'none',
    guideNumber: '9',
    flashBelow: '10',
    flashOverride: 'yes',
    flashQuench: 'yes',
    ...{ sync: '', fittedTime: '', fittedAperture: '' }
  },
  ...{ moves: 'still', sweep: '0.5s', pictures: '16', needle: 'hand', perforations: '', checks: '' },
  ...{ lighten: '', dial: '', lowLight: 'closes', eye: 'outside', eyeAngle: '' },
  ...{ finderRight: '0', finderUp: '0', aimRight: '0', aimUp: '0' },
  ...{ filterThread: '', stand: '', release: '' }
};

/** Starting answers for each camera that a sheet can be begun with. */
export function typicalSheet(has: string): Sheet {
  return { ...PLAIN_SHEET, ...SHEET_ENTRIES.find(({ name }) => name === has)?.typical };
}

/** The texts that it asks for first, beside its name, size and focal length. */
export function firstFields(has: string): readonly string[] {
  return SHEET_ENTRIES.find(({ name }) => name === has)?.first ?? [];
}

/** What is usually in such a camera: kind of film, speed, frames. */
export function usualFilm(has: string): SheetEntry['film'] {
  return SHEET_ENTRIES.find(({ name }) => name === has)?.film ?? ['negative-colour', '200', '36'];
}
