// The drills in words: what is asked, the answers to choose from, and what was right and why.
import { settingOf } from '#core/camera/setting.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { DrillName } from '#core/practice/exercise.ts';
import type { Mistake } from '#core/practice/mistakes.ts';
import { sameExposure, type Graded, type Option, type Question } from '#core/practice/question.ts';
import { formatLv, formatSignedThirds, formatStops } from '#core/units/stops.ts';
import { frameMarks } from '#core/log/border-note.ts';
import { sayLightShort } from '../log/say-frame.ts';
import { chanceInHundred, instructionParts } from '../text/say.ts';
import { nearestName } from '../text/say-light.ts';
import { SCENE_REASONS } from './scene-words.ts';

/** The drills by name, each with what it trains in a line. */
export const DRILL_WORDS: Readonly<Record<DrillName, { readonly name: string; readonly line: string }>> = {
  light: { name: 'Name the light', line: 'How much light is on the subject?' },
  setting: { name: 'Set the camera', line: 'Which of your camera’s settings does it take?' },
  compensation: { name: 'Lighten, darken', line: 'What does a meter get wrong here?' },
  film: { name: 'Which film?', line: 'Which of your films fits this light?' },
  'comes-out': { name: 'Will it come out?', line: 'Press, or leave it?' },
  mistake: { name: 'What went wrong?', line: 'Find the mistake in a print.' },
  same: { name: 'Same exposure', line: 'Another aperture: which time?' },
  print: { name: 'Judge a print', line: 'By how much is it off?' }
};

const MISTAKE_WORDS: Readonly<Record<Mistake, string>> = {
  'speed-set-too-high': 'Film of ISO 100, the dial at 400',
  'speed-set-too-low': 'Film of ISO 400, the dial at 100',
  'filter-left-on': 'A filter of factor 8 left on, not counted',
  'snow-uncorrected': 'Metered off snow, nothing corrected',
  'corrected-wrong-way': '+1½ was meant, −1½ was set',
  'night-mark-in-sun': 'f/8 set where f/22 was right',
  'sun-mark-in-shade': 'f/16 set where f/5.6 was right',
  'long-uncorrected': 'Ten seconds, and the film’s loss not counted'
};

const exposure = ({ markedFNumber, perSecond }: Option & { kind: 'exposure' }): string =>
  `f/${markedFNumber} at 1/${perSecond}`;

/** An answer to choose. @param camera the one in hand; null = there is none */
export function sayOption(option: Option, camera: Camera | null): string {
  switch (option.kind) {
    case 'setting': {
      const setting = camera && settingOf(camera, option.choice);
      return setting ? instructionParts(camera, setting).join(', ') : 'as it stands';
    }
    case 'film':
      return `${option.film.name}, ISO ${option.film.iso}`;
    case 'yes-no':
      return option.comesOut ? 'It comes out' : 'It does not';
    case 'mistake':
      return MISTAKE_WORDS[option.mistake];
    case 'bare':
      return 'The filter off';
    case 'nothing':
      return 'Nothing on this camera';
    case 'exposure':
      return exposure(option);
  }
}

/** By how much a frame was off, in a sentence. */
const sayOff = (stops: number): string =>
  Math.abs(stops) < 0.5
    ? 'Its light was right, and it was not to come out.'
    : `It got ${formatStops(stops)} too ${stops > 0 ? 'much' : 'little'}.`;

/** What is asked, in a sentence. */
export function sayAsk(
  { drill, seed, own, printStops }: Question,
  names: { readonly camera: string; readonly film: string }
): string {
  switch (drill) {
    case 'light':
      return 'How much light falls on the subject?';
    case 'setting':
      return `${names.camera}, ${names.film}: what do you set?`;
    case 'compensation':
      return 'A meter reads the whole scene. By how much do you correct, so that the subject comes out right?';
    case 'film':
      return `${names.camera}: which film do you load for this?`;
    case 'comes-out':
      return `${names.camera}, ${names.film}, set as well as can be, in the hand: does the frame come out?`;
    case 'mistake':
      if (!own) return 'This is the print. What went wrong?';
      return `Your frame ${own.frame.number} on ${own.film.name} in ${own.camera.name}: ${frameMarks(own.frame)}, ${sayLightShort(own.frame.light)}. ${sayOff(printStops)} What would have saved it?`;
    case 'same':
      return `${exposure(sameExposure(seed).given)} is right. What gives the same exposure?`;
    case 'print':
      return `A print on ${names.film}. By how much is the frame off?`;
  }
}

/** A number of stops while it is chosen. */
export function sayStopsAnswer({ drill }: Question, value: number): string {
  if (drill === 'light') return `LV ${formatLv(value)}, as ${nearestName(value)}`;
  if (drill === 'compensation') return value === 0 ? 'no correction' : `${formatSignedThirds(value)} stops`;
  return value === 0 ? 'right as it is' : `${formatStops(value)} ${value > 0 ? 'over' : 'under'}`;
}

/** What was right. */
export function sayTruth(question: Question, camera: Camera | null): string {
  const { asks } = question;
  if (asks.kind === 'stops') {
    const said = sayStopsAnswer(
      question,
      question.drill === 'light' ? asks.truth : Math.round(asks.truth * 2) / 2
    );
    return question.drill === 'light' ? `A meter at the subject reads ${said}.` : `It was ${said}.`;
  }
  const right = asks.options[asks.right];
  return right ? `Right: ${sayOption(right, camera)}.` : '';
}

/** How the answer was, in a few words. */
export function sayGraded({ drill }: Question, { right, errorStops }: Graded): string {
  if (errorStops === null || drill === 'setting' || drill === 'same')
    return right ? 'Right.' : 'Not this one.';
  const by = formatStops(errorStops);
  if (Math.abs(errorStops) < 0.25) return 'Spot on.';
  if (drill === 'print') return right ? `Good: off by ${by}.` : `Off by ${by}.`;
  const side = drill === 'light' ? ['too bright', 'too dark'] : ['too much', 'too little'];
  return `${right ? 'Good: ' : ''}${by} ${errorStops > 0 ? side[0] : side[1]}.`;
}

/** Why it is so; '' = the answer says it all. */
export function sayWhy({ drill, scene, printStops, own, asks }: Question): string {
  if (own) {
    const right = asks.kind === 'one-of' ? asks.options[asks.right]?.kind : undefined;
    if (right === 'nothing') return 'In that light no setting of this camera would likely have come out.';
    return `It would have come out ${chanceInHundred(own.savedChance)} times in 100.`;
  }
  if (drill === 'same') return 'A stop smaller opening takes twice the time.';
  if (drill === 'mistake')
    return `The frame had ${formatStops(printStops)} too ${printStops > 0 ? 'much' : 'little'} light.`;
  if (drill === 'compensation')
    return scene && scene.contrast === 'backlit'
      ? 'The bright ground behind makes a meter close down on a subject in its own shade.'
      : 'A meter takes what it sees for middle grey: bright surroundings need more, dark ones less.';
  return scene && drill !== 'print' ? SCENE_REASONS[scene.kind] : '';
}
