// The columns of a table of ours.

/** Columns of JSON: what the columns for people do not say whole comes back from here. */
export const KEPT = {
  light: 'light as kept',
  guess: 'guess as kept',
  conditions: 'conditions as kept',
  judgement: 'judgement as kept',
  development: 'development as kept'
} as const;

/** Columns that are written, in their order. */
export const CSV_COLUMNS = [
  ...[
    'id',
    'camera',
    'film',
    'load',
    'number',
    'taken at (UTC)',
    'zone',
    'light LV',
    'light sd',
    'light from',
    'set'
  ],
  ...[
    'expected stops',
    'sd',
    'chance',
    'came out',
    'faults',
    'subject',
    'reason',
    'tags',
    'note',
    'held s',
    'heard s',
    'place',
    'bracket',
    'also',
    'heard sd',
    'grade',
    'guess LV',
    'guess sd',
    'developed',
    ...Object.values(KEPT)
  ]
] as const;
