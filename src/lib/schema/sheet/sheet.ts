// A camera as its owner fills it in: a sheet of texts, one for each thing that can be said about it. Each kind of camera asks
// for a few of them and starts from typical answers; everything else can come later.

/** What a camera has, as its owner sees it; decides which texts are asked for first. */
export const SHEET_KINDS = [
  'nothing',
  'symbols',
  'scales',
  'gears',
  'timed',
  'scene',
  'line',
  'needle',
  'cine'
] as const;
/** @see SHEET_KINDS */
export type SheetKind = (typeof SHEET_KINDS)[number];

/** Everything that can be said. */
export const SHEET_FIELDS = [
  ...['has', 'name', 'formats', 'focal'],
  ...['aperture', 'time', 'dial', 'scene', 'lighten', 'focus'],
  ...['shortest', 'longest', 'lowLight', 'widest', 'smallest', 'line', 'believes', 'eye', 'eyeAngle'],
  ...['focusing', 'fixedAt', 'sharpFrom'],
  ...['flash', 'guideNumber', 'flashBelow', 'flashOverride', 'flashQuench', 'sync'],
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
  ...['finderRight', 'finderUp', 'aimRight', 'aimUp']
] as const;

/** The texts of a camera by field; what is left out was not said. */
export type Sheet = Readonly<Record<string, string>>;

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
  ...{ focus: '', focusing: 'fixed', fixedAt: '', sharpFrom: '' },
  ...{
    flash: 'none',
    guideNumber: '9',
    flashBelow: '10',
    flashOverride: 'yes',
    flashQuench: 'yes',
    sync: ''
  },
  ...{ moves: 'still', sweep: '0.5s', pictures: '16', needle: 'hand', perforations: '', checks: '' },
  ...{ lighten: '', dial: '', lowLight: 'closes', eye: 'outside', eyeAngle: '' },
  ...{ finderRight: '0', finderUp: '0', aimRight: '0', aimUp: '0' }
};

/** Starting answers for each kind of camera. Common practice, no source; each is there to be changed. */
export const TYPICAL_SHEETS: Readonly<Record<SheetKind, Sheet>> = {
  nothing: {
    ...PLAIN_SHEET,
    ...{
      name: 'My box camera',
      formats: 'roll-6x9',
      focal: '100',
      singleElement: 'yes',
      aperture: 'f/14',
      time: '1/40'
    }
  },
  symbols: {
    ...PLAIN_SHEET,
    ...{
      name: 'My toy camera',
      formats: 'roll-6x6',
      focal: '60',
      singleElement: 'yes',
      aperture: 'sun=13 cloud=9'
    },
    ...{ time: '1/90', focus: '', focusing: 'symbols' }
  },
  scales: {
    ...PLAIN_SHEET,
    ...{ name: 'My meterless camera', formats: '135', focal: '45', aperture: '2.8 4 5.6 8 11 16' },
    ...{ time: '1 2 4 8 15 30 60 125 250 500', focusing: 'scale' }
  },
  gears: {
    ...PLAIN_SHEET,
    ...{ name: 'My panoramic camera', formats: '135-panorama', focal: '28', aperture: '2.8 4 5.6 8 11' },
    ...{ time: 'white: 200 100 60 | red: 15 8 4', moves: 'swing', sweep: '0.4s', fixedAt: '10' }
  },
  timed: {
    ...PLAIN_SHEET,
    ...{ name: 'My automatic camera', formats: 'instant-square', focal: '100', aperture: 'f/10' },
    ...{ shortest: '1/200', longest: '1s', believes: '640', lighten: '-⅔ 0 +⅔', condition: 'automatic' }
  },
  scene: {
    ...PLAIN_SHEET,
    ...{ name: 'My folding camera', formats: 'instant-square', focal: '110', dial: '64 125 400 3200' },
    ...{ scene: 'bright: 9 13 22 60 | dull: 9 9 9 20', lighten: '-1 0 +1' },
    ...{ shortest: '1/1000', longest: '8s', believes: '125', condition: 'unsure', focusing: 'scale' }
  },
  line: {
    ...PLAIN_SHEET,
    ...{
      name: 'My point-and-press camera',
      formats: '135',
      focal: '35',
      line: '2.8 at 1s, 2.8 at 1/40, 16 at 1/400'
    },
    ...{ believes: '200', condition: 'automatic' }
  },
  needle: {
    ...PLAIN_SHEET,
    ...{ name: 'My needle camera', formats: '135', focal: '40', time: '1/60', widest: '2.8' },
    ...{ smallest: '22', believes: '100', condition: 'unsure' }
  },
  cine: {
    ...PLAIN_SHEET,
    ...{ name: 'My cine camera', formats: 'cine-8', focal: '12', aperture: '1.9 2.8 4 5.6 8 11 16' },
    ...{ time: '1/33', moves: 'cine', pictures: '16', widest: '1.9', smallest: '16', believes: '25' },
    condition: 'old'
  }
};

/** The texts that a kind asks for first, beside its name, size and focal length. */
export const FIRST_FIELDS: Readonly<Record<SheetKind, readonly string[]>> = {
  nothing: ['aperture', 'time'],
  symbols: ['aperture', 'time'],
  scales: ['aperture', 'time'],
  gears: ['aperture', 'time'],
  timed: ['aperture', 'shortest', 'longest', 'believes', 'lighten'],
  scene: ['dial', 'scene', 'lighten', 'shortest', 'longest'],
  line: ['line', 'believes', 'lighten'],
  needle: ['time', 'widest', 'smallest', 'believes'],
  cine: ['needle', 'aperture', 'time', 'pictures']
};
