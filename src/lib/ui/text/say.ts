// What the core says, in words for the person holding the camera. Every sentence of the verdict is made here.
import { type Camera, positionCount, setOf, setsItself, setsOf } from '#core/camera/camera.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import { isLeftAlone, type ControlActs } from '#core/camera/position.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import type { Exposure } from '#core/camera/respond.ts';
import { positionAt, type Setting } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import type { Failure } from '#core/chance/conditions.ts';
import type { TermKind } from '#core/error/delta.ts';
import type { Room } from '#core/chance/room.ts';
import type { Factor, Verdict } from '#core/chance/verdict.ts';
import { formatFNumber, formatFNumberDigits } from '#core/units/aperture.ts';
import { markOfFNumber, markOfSeconds, nearestTimeMark } from '#core/units/series.ts';
import { formatShutter } from '#core/units/shutter.ts';
import { formatStops, formatThirds } from '#core/units/stops.ts';

/** A chance as a count of frames in a hundred; never 0 or 100, since nothing is sure. */
export function chanceInHundred(p: number): number {
  return Math.min(99, Math.max(1, Math.round(p * 100)));
}

/** "Too dark by 2 stops"; less than a sixth of a stop is told without a number. */
function byStops(words: string, stops: number): string {
  return formatThirds(stops) === '0' ? `Just ${words.toLowerCase()}` : `${words} by ${formatStops(stops)}`;
}

/** What spoils most frames, where it is not the exposure. */
const WORST_WORDS: Readonly<Record<Exclude<Factor['kind'], 'exposure'>, string>> = {
  hand: 'Too long for the hand',
  subject: 'Too long for what moves',
  focus: 'Too near for the focus',
  lock: 'Too dark: the shutter locks',
  sync: 'Too short for the flash',
  counted: 'Seconds are not for the hand'
};

/** The verdict in a few words. */
export function sayVerdict(verdict: Verdict): string {
  if (verdict.chance === 'likely') return 'It will likely come out';
  if (verdict.chance === 'possible') return 'It may come out';
  const [worst] = [...verdict.factors].sort((a, b) => a.chance - b.chance);
  const isFar = verdict.failures.some((f) => f.condition === 'too-far');
  const words = worst && worst.kind !== 'exposure' ? WORST_WORDS[worst.kind] : '';
  if (words !== '') return worst?.kind === 'focus' && isFar ? 'Too far for the focus' : words;
  if (verdict.slackUnderStops < 0) return byStops('Too dark', verdict.slackUnderStops);
  if (verdict.slackOverStops < 0) return byStops('Too light', verdict.slackOverStops);
  return 'Too unsure to say';
}

/** What the chance is made of, where more than the exposure counts; '' else. */
export function sayFactors({ factors }: Verdict): string {
  if (factors.every((f) => f.kind === 'exposure' || f.chance >= NOT_WORTH_SAYING)) return '';
  const parts = factors
    .filter((f) => f.kind === 'exposure' || f.chance < NOT_WORTH_SAYING)
    .map(({ kind, chance }) => `${FACTOR_NAMES[kind]} ${chanceInHundred(chance)}`);
  return `${parts.join(' · ')} in 100`;
}

/** A condition as likely as this is nothing to speak of. */
const NOT_WORTH_SAYING = 0.95;

const FACTOR_NAMES: Readonly<Record<Factor['kind'], string>> = {
  exposure: 'Exposure',
  hand: 'hand still',
  subject: 'subject still',
  focus: 'in focus',
  lock: 'shutter opens',
  sync: 'flash in time',
  counted: 'counted'
};

/** Controls that are spoken of by what they do, where their mark is a number. */
const BY_FUNCTION: Partial<Readonly<Record<ControlActs, string>>> = {
  ...{ aperture: 'aperture', time: 'shutter' },
  ...{ compensation: 'lighten–darken', dial: 'speed dial' }
};
/** Of these the function is told even where the mark is a word: "lighten–darken to dark". */
const ALWAYS_BY_FUNCTION: readonly ControlActs[] = ['compensation', 'dial'];

/** What the hand has to do, one part for each control that can be moved; empty when there is nothing to set. */
export function instructionParts(camera: Camera, setting: Setting): readonly string[] {
  return camera.controls.flatMap((control) => {
    if (isLeftAlone(control.acts) || positionCount(control) < 2) return [];
    const mark = positionAt(control, setting.choice)?.mark ?? '';
    const noun = control.label.split(' ').at(-1) ?? control.label;
    const gear = setOf(control, setting.choice[control.id] ?? 0);
    const name = BY_FUNCTION[control.acts];
    if (name !== undefined && /\d/.test(mark)) return [`${name} ${gear === null ? '' : `${gear} `}${mark}`];
    const spoken = name !== undefined && ALWAYS_BY_FUNCTION.includes(control.acts) ? name : noun;
    return [`${spoken} to ${gear === null ? '' : `${gear} `}${mark}`];
  });
}

/** The instruction in parts that should not be broken: ["Lever to cloud"], ["Ring to 11,", "wheel to 125"]. */
export function sayInstruction(camera: Camera, setting: Setting): readonly string[] {
  const parts = instructionParts(camera, setting);
  if (parts.length === 0) return ['Nothing to set.', 'Just press.'];
  return parts.map((p, i) => {
    const begun = i === 0 ? p.charAt(0).toUpperCase() + p.slice(1) : p;
    return i < parts.length - 1 ? `${begun},` : begun;
  });
}

/** What the film gets, in numbers: "f/7.4 for 1/85 s". */
export function sayValues({ fNumber, seconds }: Pick<Exposure, 'fNumber' | 'seconds'>): string {
  return `${formatFNumber(markOfFNumber(fNumber))} for ${sayTime(seconds)}`;
}

/** What happens then, and who does it: "That gives …", also where the camera is overridden, or what the camera does by itself and where it meets its limit. */
export function sayExposure(camera: Camera, exposure: Exposure, overridden = false): string {
  if (!setsItself(camera) || overridden) return `That gives ${sayValues(exposure)}`;
  const timed = !setsOf(camera).aperture;
  const near = nearestTimeMark(exposure.seconds, 'full');
  const given = timed
    ? `The camera times it: about ${sayTime(exposure.seconds > 0.3 || exposure.limit !== 'none' ? exposure.seconds : near)} at ${formatFNumber(markOfFNumber(exposure.fNumber))}`
    : `The camera takes about ${formatFNumber(exposure.fNumber)} for ${sayTime(exposure.seconds)}`;
  if (exposure.limit === 'bright') return `${given}, and can go no shorter or smaller`;
  if (exposure.limit === 'dark') return `${given}, and can go no longer or wider`;
  return exposure.seconds >= 0.5 ? `${given}; you will hear it` : given;
}

/** A time with its unit. */
export function sayTime(seconds: number): string {
  const text = formatShutter(markOfSeconds(seconds));
  return /[a-z]/.test(text) ? text : `${text} s`;
}

/** What a position's mark means, for people who wonder: "f/8", "1/125 s", "2.5 m". */
export function sayPosition(control: Control, value: number): string {
  switch (control.acts) {
    case 'aperture':
      return formatFNumber(markOfFNumber(value));
    case 'time':
      return sayTime(value);
    case 'compensation':
      return value === 0 ? 'as it comes' : `${formatStops(value)} ${value > 0 ? 'lighter' : 'darker'}`;
    case 'dial':
      return `ISO ${value}`;
    case 'lens':
      return `${formatDecimal(value, 1)} mm`;
    case 'focus':
      return value === Infinity ? 'far away' : `${formatFNumberDigits(value)} m`;
  }
}

/** A distance: "1.2 m", "12 m", "far away". */
export function sayMetres(metres: number): string {
  if (metres === Infinity) return 'far away';
  return `${formatFNumberDigits(metres < 3 ? Math.round(metres * 10) / 10 : Math.round(metres))} m`;
}

/** Over or under in words: "1⅓ stops over", "right on". */
export function sayError(deltaStops: number): string {
  if (formatThirds(deltaStops) === '0') return 'right on';
  return `${formatStops(deltaStops)} ${deltaStops > 0 ? 'over' : 'under'}`;
}

/** The reason in two parts, so that the second stays when the light changes: how far off, and what the film takes. */
export function sayReason(film: Film, verdict: Verdict): readonly [off: string, takes: string] {
  const { lo, hi } = verdict.window.usable;
  const error = sayError(verdict.deltaStops);
  const takes =
    lo < 0 && hi > 0
      ? `${film.name} takes ${formatThirds(lo)} under to ${formatThirds(hi)} over here`
      : `${film.name} wants ${lo >= 0 ? `${formatThirds(lo)} to ${formatThirds(hi)} over` : `${formatThirds(hi)} to ${formatThirds(lo)} under`} here`;
  return [`${error.charAt(0).toUpperCase()}${error.slice(1)};`, `${takes}.`];
}

/** How much the light may change before the frame is no longer possible, or what it lacks. */
export function saySlack(verdict: Verdict, room: Room | null): string {
  const { slackUnderStops: under, slackOverStops: over } = verdict;
  const amount = (stops: number): string => (formatThirds(stops) === '0' ? 'a little' : formatStops(stops));
  if (under < 0) return `It needs ${amount(under)} more light on the film before the darks hold.`;
  if (over < 0) return `It needs ${amount(over)} less light on the film before the lights hold.`;
  if (room === null) return 'The light is too unsure for this film: measure it, or shoot a test roll.';
  const side = (stops: number | null): string => (stops === null ? 'all the way' : formatStops(stops));
  return `The light may fall ${side(room.fallStops)} or rise ${side(room.riseStops)} before it is a coin toss.`;
}

/** What a term of the sum is called. */
export function termName(term: TermKind, film: Film, verdict: Verdict): string {
  switch (term) {
    case 'light':
      return 'Light';
    case 'film-speed':
      return `Film, ISO ${film.iso}`;
    case 'development':
      return film.developmentStops > 0 ? 'Pushed in development' : 'Development';
    case 'age':
      return 'Age of the film';
    case 'setting':
      return `Camera, ${sayValues(verdict.exposure)}`;
    case 'eye':
      return 'Subject against what the eye sees';
    case 'film-over-dial':
      return `Film ISO ${film.iso}, camera set for ${verdict.setting.dialIso ?? film.iso}`;
    case 'compensation':
      return verdict.setting.compensationStops > 0 ? 'Lighten' : 'Darken';
    case 'limit':
      return `Beyond the camera’s limit, ${sayTime(verdict.exposure.seconds)}`;
    case 'bias':
      return 'This camera’s own error';
    case 'eye-filter':
      return 'Filter over the eye';
    case 'filter':
      return 'Filter';
    case 'close-focus':
      return 'Lens moved out to focus';
    case 'reciprocity':
      return 'Long exposure loss';
    case 'light-kind':
      return 'Film under lamps';
    case 'temperature':
      return 'Cold or warm film';
    case 'flash':
      return 'Flash';
    case 'exposures':
      return 'Several exposures';
  }
}

/** A condition that does not hold, with its cure. */
export function sayFailure(failure: Failure): string {
  switch (failure.condition) {
    case 'locked':
      return `The shutter locks: this is less light than its ${sayTime(failure.longestSeconds)} can serve. Find more light or use flash.`;
    case 'hold':
      return `${sayTime(failure.seconds)} by hand: about ${chanceInHundred(failure.chance)} in 100 are still (${sayTime(failure.limitSeconds)} is held by most). Put the camera on something.`;
    case 'motion':
      return `At ${sayTime(failure.seconds)} the subject is likely to blur (${sayTime(failure.limitSeconds)} stops it): wait until it stands, follow it, or go further back.`;
    case 'too-near':
      return failure.focusMark === null
        ? `The subject is too near: it is sharp from ${sayMetres(failure.nearM)}. Step back.`
        : `The focus stands too far away: set it to ${failure.focusMark}.`;
    case 'too-far':
      return `The subject is beyond what is sharp (up to ${sayMetres(failure.farM)}): set the focus ${
        failure.focusMark === null ? 'further away' : `to ${failure.focusMark}`
      }.`;
    case 'sync':
      return `The flash needs ${sayTime(failure.syncSeconds)} or longer, or a part of the frame stays dark.`;
    case 'counted-in-hand':
      return `Nobody holds ${sayTime(failure.seconds)} in the hand: put the camera on something.`;
    case 'counted-too-short':
      return `${sayTime(failure.seconds)} is too short to count: count one second or more.`;
  }
}

/** A condition that does not hold, as a mark of few words. */
export function sayFailureMark(failure: Failure): string {
  switch (failure.condition) {
    case 'locked':
      return 'Shutter locks';
    case 'hold':
      return `${sayTime(failure.seconds)} by hand`;
    case 'motion':
      return 'Subject blurs';
    case 'too-near':
      return 'Too near';
    case 'too-far':
      return 'Too far';
    case 'sync':
      return 'Flash out of time';
    case 'counted-in-hand':
      return 'Seconds by hand';
    case 'counted-too-short':
      return 'Too short to count';
  }
}
