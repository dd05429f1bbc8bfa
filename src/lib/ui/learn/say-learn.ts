// Judging and what it teaches, in words.
import type { Estimate } from '#core/learn/bias.ts';
import type { Outlier } from '#core/learn/outliers.ts';
import type { Suggestion } from '#core/learn/suggest.ts';
import type { Judgement, Outcome, Word } from '#core/learn/judgement.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';
import { cancelling } from '#core/learn/cancel.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { nearestMarkedSpeed } from '#core/units/film-speed.ts';
import { formatStops } from '#core/units/stops.ts';

/** What the words are called. */
export const WORD_WORDS: Readonly<Record<Word, string>> = {
  'nothing-dark': 'Black, nothing on it',
  'too-dark': 'Too dark',
  right: 'Right',
  'too-light': 'Too light',
  'nothing-light': 'White, nothing on it',
  'shadows-empty': 'Shadows empty',
  thin: 'Thin',
  dense: 'Dense',
  'highlights-blocked': 'Highlights blocked'
};

/** What the faults are called. */
export const FAULT_WORDS: Readonly<Record<string, string>> = {
  'highlights-gone': 'Highlights gone',
  'colour-cast': 'Colour cast',
  blur: 'Blur',
  'focus-too-near': 'Focus too near',
  flare: 'Flare',
  leak: 'Light leak',
  streaks: 'Streaks',
  smears: 'Smears',
  'dark-corners': 'Dark corners',
  'cap-on': 'Cap on',
  fogged: 'Fogged',
  'double-exposure': 'Double exposure',
  'film-fault': 'Film fault'
};

/** A tone of the strip: "1 stop lighter". */
export function sayTone(stops: number): string {
  if (stops === 0) return 'as it should be';
  return `${formatStops(Math.abs(stops))} ${stops > 0 ? 'lighter' : 'darker'}`;
}

/** How a frame came out, in a word or two. */
export function sayOutcome(outcome: Outcome): string {
  return outcome.kind === 'tone' ? sayTone(outcome.stops) : WORD_WORDS[outcome.word].toLowerCase();
}

/** What a scan suggests. */
export function saySuggestion({ stops, shadowsLost, highlightsLost }: Suggestion): string {
  const lost = [shadowsLost ? 'shadows' : '', highlightsLost ? 'highlights' : ''].filter((s) => s !== '');
  const tone =
    stops === 0 ? 'about right' : `about ${formatStops(Math.abs(stops))} too ${stops > 0 ? 'light' : 'dark'}`;
  return `By its middle tone the scan is ${tone}${lost.length > 0 ? `, with ${lost.join(' and ')} lost` : ''}.`;
}

/** A judgement with its faults. */
export function sayJudgement({ outcome, faults }: Judgement): string {
  return [sayOutcome(outcome), ...faults.map((f) => (FAULT_WORDS[f] ?? f).toLowerCase())].join(', ');
}

/** A bias with how sure it is: "0.8 ± 0.2 stop lighter than its marks promise"; where nothing sure is known, as its marks promise. */
export function sayBias({ stops, sd }: Estimate): string {
  const size = formatDecimal(Math.abs(stops), 1);
  const unsure = formatDecimal(sd, 1);
  if (Math.abs(stops) < sd || size === '0') return `as its marks promise, give or take ${unsure} stop`;
  const noun = Math.abs(stops) < 1 ? 'stop' : 'stops';
  return `${size} ± ${unsure} ${noun} ${stops > 0 ? 'lighter' : 'darker'} than its marks promise`;
}

/** A frame that disagrees: "7 on Tidewater, 1.8 stops lighter". */
export function sayOutlier({ label, byStops }: Outlier & { readonly label: string }): string {
  if (byStops === null) return label;
  return `${label}, ${formatDecimal(Math.abs(byStops), 1)} stops ${byStops > 0 ? 'lighter' : 'darker'}`;
}

/** What to do about a bias: "Dial at 150, ring at +½: that cancels it."; '' without need or means. */
export function sayCancelling(camera: Camera, film: Film, { stops }: Estimate): string {
  const way = cancelling(camera, film, stops);
  if (!way) return '';
  if (way.by === 'meter')
    return `Until answers count with it, meter this film at ISO ${nearestMarkedSpeed(way.iso)}: that cancels it.`;
  const marks = way.marks.map(({ label, mark }) => `${label} at ${mark}`).join(', ');
  const left =
    Math.abs(way.leftStops) < 1 / 6
      ? 'that cancels it'
      : `${formatStops(Math.abs(way.leftStops))} too ${way.leftStops > 0 ? 'light' : 'dark'} is left`;
  return `${marks.charAt(0).toUpperCase()}${marks.slice(1)}: ${left}.`;
}
