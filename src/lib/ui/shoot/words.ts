// Words of Shoot: purposes, motions, contrasts, checks before a press, and what an evening still holds.
import { formatDecimal } from '#core/units/decimal.ts';
import type { AimOff } from '#core/focus/aim-off.ts';
import type { Contrast } from '#core/light/contrast.ts';
import type { PressCheck } from '#core/log/before-press.ts';
import type { Told } from '#core/log/told-before.ts';
import { formatFNumber } from '#core/units/aperture.ts';
import { markOfFNumber } from '#core/units/series.ts';
import type { Enough } from '#core/advice/enough.ts';
import type { DistanceBy, Motion, Purpose, Support } from '#core/error/situation.ts';
import { formatStops } from '#core/units/stops.ts';
import { chanceInHundred, sayMetres, sayTime } from '../text/say.ts';

/** What a frame may be for. */
export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  'good-frame': 'a good frame',
  'most-in-focus': 'as much in focus as can be',
  'blurred-background': 'a blurred background',
  'stop-motion': 'to stop a motion',
  'light-trails': 'trails of light',
  'whole-seconds': 'whole seconds to count'
};

/** How a camera is held. */
export const SUPPORT_WORDS: Readonly<Record<Support, string>> = {
  hand: 'in the hand',
  leaning: 'leaning, or on a taut strap',
  standing: 'on a support'
};

/** The same where there is no room. */
export const HELD_WORDS: Readonly<Record<Support, string>> = {
  hand: 'in the hand',
  leaning: 'leaning',
  standing: 'set down'
};

/** A filter by its name and what it takes: "Smoke 2, 2 stops"; "grey, 3 stops". */
export function sayFilter({ name, stops }: { readonly name: string; readonly stops: number }): string {
  return `${name === '' ? 'grey' : name}, ${formatStops(stops)}`;
}

/** How a distance is known. */
export const DISTANCE_WORDS: Readonly<Record<DistanceBy, string>> = {
  eye: 'by eye',
  paces: 'paced, or by a symbol',
  measured: 'measured'
};

/** Contrasts in words. */
export const CONTRAST_WORDS: Readonly<Record<Contrast, string>> = {
  flat: 'flat: overcast, open shade',
  normal: 'normal: lit from the front, rooms',
  hard: 'hard: side light, street lamps',
  backlit: 'lit from behind'
};

/** How subjects move. Speeds: common practice, no source. */
export const MOTIONS: readonly { readonly words: string; readonly motion: Motion | null }[] = [
  { words: 'it keeps still', motion: null },
  { words: 'a person walks across', motion: { metresPerSecond: 1.4, way: 'across' } },
  { words: 'a person walks towards me', motion: { metresPerSecond: 1.4, way: 'towards' } },
  { words: 'children at play', motion: { metresPerSecond: 3, way: 'oblique' } },
  { words: 'a bicycle across', motion: { metresPerSecond: 5, way: 'across' } },
  { words: 'a ferry or tram across', motion: { metresPerSecond: 8, way: 'across' } },
  { words: 'a car in town across', motion: { metresPerSecond: 13, way: 'across' } }
];

/** Smaller shares of the frame than this are within how well anybody frames. */
const AIM_WORTH = 0.03;

/** Where to aim: "Aim higher by a fifth of the frame."; '' when the finder is good enough. */
export function sayAimOff({ rightShare, upShare }: AimOff): string {
  const part = (share: number, plus: string, minus: string): string =>
    Math.abs(share) < AIM_WORTH
      ? ''
      : `${share > 0 ? plus : minus} by ${Math.round(Math.abs(share) * 100)} % of the frame`;
  const parts = [part(upShare, 'higher', 'lower'), part(rightShare, 'further right', 'further left')].filter(
    (p) => p !== ''
  );
  return parts.length === 0 ? '' : `The picture lies ${parts.join(' and ')} than the finder shows.`;
}

/** One line of the checklist. */
export function sayCheck(check: PressCheck): string {
  switch (check.check) {
    case 'pack-filter':
      return `${check.name === '' ? 'A filter' : check.name} of ${formatStops(check.stops)} belongs on this pack: lay it on.`;
    case 'remark':
      return `Noticed on the last film: ${check.words}`;
    case 'compensation-left':
      return `Lighten–darken still stands at ${check.mark}: turn it to ${check.wanted}.`;
    case 'dial-left':
      return `The speed dial still stands at ${check.mark}: turn it to ${check.wanted}.`;
    case 'filter-on':
      return `The filter of the last frame (${filterName(check)}) comes off.`;
    case 'filter-gone':
      return `${filterName(check)} goes on before this frame.`;
    case 'too-near':
      return `Step back: sharp from ${sayMetres(check.nearM)}.`;
    case 'focus':
      return `Set the focus to ${check.mark}.`;
    case 'eye-elsewhere':
      return `The eye sees ${formatStops(check.stops)} ${check.stops > 0 ? 'more' : 'less'} light than the subject has.`;
    case 'finder-frame':
      return `Look through ${check.frame}: the ${check.mark} is on.`;
    case 'flash-ready':
      return 'Wait for the flash’s ready light.';
    case 'own':
      return check.words.charAt(0).toUpperCase() + check.words.slice(1);
  }
}

function filterName({ name, stops }: { readonly name: string; readonly stops: number }): string {
  return name === '' ? `the grey filter of ${formatStops(stops)}` : name;
}

/** What the evening still holds. @param clock writes a moment as the clocks at the place show it @param helped whether something brings it above that */
export function sayEnough(enough: Enough, clock: (ms: number) => string, helped = false): string {
  if (enough.kind === 'works') {
    return enough.untilMs === null ? '' : `This pair works until about ${clock(enough.untilMs)}.`;
  }
  const again = enough.againMs === null ? '' : ` It would be good again about ${clock(enough.againMs)}.`;
  // what helps stands right below
  return `${helped ? 'Not like this' : 'Stop here'}: ${chanceInHundred(enough.chance)} in 100 is less than you set.${again}`;
}

/** Hands other than one's own on most days, by how long they hold still against a usual one. Common practice, no source. */
export const HANDS = [
  { factor: 1.5, words: 'steadier than most' },
  { factor: 0.6, words: 'shaky, cold or out of breath' }
] as const;

/** One's own hand on most days. */
export function sayHand(factor: number): string {
  if (Math.abs(Math.log(factor)) < 0.05) return 'as most people’s';
  return `as I was found to hold: ${formatDecimal(factor, 1)} times as long as most`;
}

/** What is worth knowing before the press. */
export function sayTold(told: Told): string {
  switch (told.told) {
    case 'cast':
      return {
        orange: 'Colours will lean to orange: this film is made for daylight.',
        blue: 'Colours will lean to blue: this film is made for lamps.',
        'dark-reds': 'This film is blind to red: red things and lips come out dark.'
      }[told.cast];
    case 'stops-subject':
      return `${sayTime(told.seconds)} or shorter stops the subject.`;
    case 'no-figures':
      return `This film has no figures beyond 1 s: what ${sayTime(told.seconds)} loses is not counted. Look them up on its sheet.`;
    case 'eye':
      return told.found === 'dead'
        ? 'Its eye was found dead: what it sets by itself is chance. Set it by hand, or hold it open.'
        : 'Its eye was found not to follow the light by as much as it changes: trust it in middling light only.';
    case 'aim':
      return sayAimOff(told);
    case 'fill-flash':
      return `Lit from behind: ${told.name === '' ? 'the flash' : told.name} lights a face up to ${sayMetres(told.toM)}.`;
    case 'rule':
      return `The rule of one over the film’s speed would say ${formatFNumber(markOfFNumber(told.fNumber))} at ${sayTime(told.seconds)}.`;
  }
}
