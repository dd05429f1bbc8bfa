// Mistakes that frames are lost to, as stops of exposure. Common practice, no source; the stops follow from what was done.

/** A mistake: what it is, and what it does to the exposure. */
export const MISTAKES = [
  'speed-set-too-high',
  'speed-set-too-low',
  'filter-left-on',
  'snow-uncorrected',
  'corrected-wrong-way',
  'night-mark-in-sun',
  'sun-mark-in-shade',
  'long-uncorrected'
] as const;
/** @see MISTAKES */
export type Mistake = (typeof MISTAKES)[number];

/** What each does, stops, + = lighter. */
const STOPS: Readonly<Record<Mistake, number>> = {
  // ISO 400 for a film of 100, and the other way round
  ...{ 'speed-set-too-high': -2, 'speed-set-too-low': 2 },
  // a filter of factor 8
  'filter-left-on': -3,
  // a meter takes snow for grey
  'snow-uncorrected': -1.5,
  // + 1½ was meant, − 1½ was set
  'corrected-wrong-way': -3,
  // f/8 in place of f/22
  'night-mark-in-sun': 3,
  // f/16 in place of f/5.6
  'sun-mark-in-shade': -3,
  // a film that loses a stop and a half at ten seconds
  'long-uncorrected': -1.5
};

/** Stops that a mistake makes a frame lighter by. */
export const mistakeStops = (mistake: Mistake): number => STOPS[mistake];
