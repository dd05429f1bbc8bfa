// Words of the camera's sheet: what each text is called, and what a hand needs to know to fill it in.
import type { CameraCondition } from '#core/camera/camera.ts';
import type { ControlActs } from '#core/camera/position.ts';

/** What each kind has, in a few words. */
export const SHEET_KIND_WORDS: Readonly<Record<string, readonly [name: string, more: string]>> = {
  nothing: ['Nothing to set', 'one opening, one time'],
  symbols: ['A lever with symbols', 'sun and cloud'],
  scales: ['Scales of numbers', 'apertures and times'],
  gears: ['A wheel in two colours', 'the lens swings by'],
  timed: ['It times itself', 'with an electric eye'],
  scene: ['Speed dial and scene lever', 'it times itself'],
  line: ['It sets all by itself', 'aperture and time'],
  needle: ['A needle sets the opening', 'one time, with an electric eye'],
  cine: ['A spring motor', 'moving pictures']
};

/** Kinds of controls that are said by name: what they are called, and how their marks are written. */
export const CONTROL_KIND_WORDS: Readonly<Partial<Record<string, readonly [name: string, hint: string]>>> = {
  clicked: ['a ring that stops between its marks too', 'Write the marks only: 2.8 4 5.6.'],
  plate: ['a sliding plate', 'It clicks at its marks and between them. Write the marks only: 8 11 16.'],
  override: ['a dial with an A', 'Beside the A: 30 60 125 or 2.8 4 5.6.'],
  'held-open': [
    'a trick: held open',
    'Say what opens it and what closes it. What its maker’s sheet forbids comes first.'
  ],
  blades: ['three blades: sun, cloud, moon', 'The moon is B. Write the two times: 1/125 1/60.']
};

/** A text of the sheet: its label and, below it, how to write it. */
export interface FieldWords {
  readonly label: string;
  readonly hint: string;
  readonly wide?: boolean;
}

const MARKS = 'As they stand on it: 2.8 4 5.6.';

/** Labels and hints by field. */
const FIELD_WORDS: Readonly<Record<string, FieldWords>> = {
  name: { label: 'What you call it', hint: '' },
  focal: { label: 'Focal length, mm', hint: '' },
  aperture: { label: 'Openings', hint: MARKS, wide: true },
  time: {
    label: 'Times',
    hint: 'As they stand on it: 30 60 125 B.',
    wide: true
  },
  dial: { label: 'Marks on the speed dial', hint: 'From left to right: 64 125 400', wide: true },
  scene: {
    label: 'Openings of the scene lever',
    hint: 'Its place, then one opening for each dial mark.',
    wide: true
  },
  lighten: { label: 'Lighten–darken marks', hint: 'As they stand on it: -1 0 +1. Empty: none.' },
  lenses: {
    label: 'Other lenses that fit it',
    hint: '35 f/4–22, 90 f/5.6–22 (red frame): millimetres, from its widest opening to its smallest, which frame of the finder is its own. Empty: none.',
    wide: true
  },
  focus: {
    label: 'Focus marks, metres',
    hint: 'As they stand on it: 1 2.5 ∞, or person mountain. Empty: fixed.',
    wide: true
  },
  shortest: { label: 'Its shortest time', hint: '' },
  longest: { label: 'Its longest time', hint: '' },
  line: {
    label: 'What it sets, from dark to bright',
    hint: '2.8 at 1s, 2.8 at 1/40, 16 at 1/400',
    wide: true
  },
  believes: { label: 'Film speed it expects', hint: '' },
  opens: { label: 'How it is opened', hint: 'cover the eye, press', wide: true },
  closes: { label: 'How it is closed', hint: 'uncover the eye towards a lamp', wide: true },
  after: { label: 'Then, to get the picture out', hint: 'Empty: nothing.', wide: true },
  caution: { label: 'Mind', hint: 'What can go wrong: a door that must not be forced.', wide: true },
  widest: { label: 'Widest opening of its needle', hint: '' },
  smallest: { label: 'Smallest opening of its needle', hint: '' },
  pictures: { label: 'Pictures a second', hint: '' },
  eyeAngle: { label: 'Angle its eye sees, degrees', hint: 'Empty: not known.' },
  fixedAt: { label: 'Focused at, metres', hint: 'Empty: worked out from the widest opening.' },
  sharpFrom: {
    label: 'Sharp from, metres',
    hint: 'As you found it; believed over the sum. At some openings only: 8=2 16=1.2'
  },
  nearest: { label: 'It focuses from, metres', hint: '' },
  guideNumber: { label: 'Guide number, metres', hint: 'At ISO 100 and full power.' },
  flashBelow: { label: 'It fires below LV', hint: '' },
  sync: { label: 'Shortest time with flash', hint: 'Empty: any.' },
  fittedTime: {
    label: 'With a flash fitted it sets',
    hint: 'A time such as 1/40. Empty: it goes on timing the light.'
  },
  fittedAperture: { label: 'and the aperture', hint: 'Empty: as without a flash.' },
  sweep: { label: 'How long the lens swings', hint: '' },
  checks: {
    label: 'Before each press, remind me',
    hint: 'In few words, with semicolons: cap off; cock the shutter',
    wide: true
  },
  tolerance: { label: 'How sure its values are, stops', hint: 'Empty: by its condition.' },
  held: { label: 'Longest time you hold it', hint: 'Empty: by focal length.' },
  bias: { label: 'It exposes too much by, stops', hint: '−0.5: half a stop too little.' },
  finderRight: { label: 'Finder right of the lens, mm', hint: '' },
  finderUp: { label: 'Finder above the lens, mm', hint: '' },
  aimRight: { label: 'Picture lies right by, % of the frame', hint: 'At any distance.' },
  aimUp: { label: 'Picture lies up by, % of the frame', hint: '' },
  filterThread: { label: 'Filter thread, mm', hint: 'empty where it has none' },
  stand: { label: 'It stands by', hint: '' },
  release: { label: 'Cable release', hint: '' }
};

/** Where a kind asks for a text in words of its own. */
const KIND_WORDS: Readonly<Record<string, Readonly<Record<string, FieldWords>>>> = {
  nothing: {
    aperture: { label: 'Its opening', hint: 'Focal length divided by the width of the hole.' },
    time: { label: 'Its shutter time', hint: 'With a B as well: I B' }
  },
  symbols: {
    aperture: { label: 'Marks on the lever', hint: 'What stands on it: sun cloud.', wide: true },
    time: { label: 'Its shutter time', hint: 'With a B as well: N B' }
  },
  scales: {
    aperture: { label: 'Apertures on the ring', hint: MARKS, wide: true },
    time: { label: 'Times on the wheel', hint: 'As they stand on it: 1 2 4 8 … 500 B.', wide: true }
  },
  gears: {
    aperture: { label: 'Apertures on the ring', hint: MARKS, wide: true },
    time: {
      label: 'Times of each colour',
      hint: 'The colour, then its numbers as they stand on the wheel.',
      wide: true
    }
  },
  timed: { aperture: { label: 'Its opening, or all', hint: MARKS } },
  cine: {
    aperture: { label: 'Apertures on the ring', hint: MARKS, wide: true },
    time: { label: 'Time of a picture', hint: 'About half of one over the pictures a second.' }
  }
};

/** Label and hint of a text on the sheet of a kind. */
export function fieldWords(has: string, field: string): FieldWords {
  return KIND_WORDS[has]?.[field] ?? FIELD_WORDS[field] ?? { label: field, hint: '' };
}

/** What each condition is called. */
export const CONDITION_WORDS: Readonly<Record<CameraCondition, string>> = {
  automatic: 'modern, automatic (within ¼ stop)',
  mechanical: 'plastic or mechanical (⅓ stop)',
  old: 'old, mechanical (½ stop)',
  unsure: 'old cell, converted or repaired (1 stop)'
};

/** Texts that are bare numbers: the number keyboard opens for them. Times, marks and stops need more than it has. */
const NUMBERS: readonly string[] = [
  ...['focal', 'believes', 'pictures', 'eyeAngle', 'nearest', 'guideNumber', 'flashBelow'],
  ...['widest', 'smallest', 'iso', 'frames']
];

/** Whether a text of the sheet is a bare number. */
export function isNumber(field: string): boolean {
  return NUMBERS.includes(field);
}

/** Texts that are the marks of a control. */
export const MARK_FIELDS: Readonly<Partial<Record<string, ControlActs>>> = {
  aperture: 'aperture',
  time: 'time',
  focus: 'focus',
  lighten: 'compensation',
  dial: 'dial'
};

/** Marks in groups: what a group is called, and what stands in it. */
export const GROUP_WORDS: Readonly<Partial<Record<string, readonly [name: string, marks: string]>>> = {
  time: ['Colour', 'Times of colour'],
  scene: ['Place of the lever', 'Openings at place']
};
