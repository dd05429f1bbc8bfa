// The demonstration's practice: one week in the field and the beginning of another, and some drills. Its person calls shade too bright.
import type { Exercise } from '#core/practice/exercise.ts';
import { knownScene } from '#core/light/scenes.ts';
import { AT_SUBJECT } from '#core/light/metering.ts';
import { moment } from '#core/sky/moment.ts';
import { choiceFromScene, choiceFromShadow, type LightChoice } from '#core/ways/choice.ts';

const ZONE = 'Europe/Lisbon';

/** Guess, what the meter read, and what the guess went by; a reading of null = it was never read. */
type Guess = readonly [date: string, day: number, guess: LightChoice, read: number | null, reason: string];

const GUESSES: readonly Guess[] = [
  ['2026-08-17', 1, choiceFromShadow('sharp'), 14.7, 'edge of my hat on the quay'],
  ['2026-08-18', 2, choiceFromShadow('leaf'), 9.3, 'blue side of the market street'],
  ['2026-08-19', 3, choiceFromShadow('sharp', { backlit: true }), 13.2, 'her shadow came towards me'],
  ['2026-08-20', 4, choiceFromShadow('deep'), 8.7, 'under the arcade'],
  ['2026-08-22', 5, choiceFromScene(knownScene('by-window')), 8.3, 'at the kitchen table'],
  ['2026-08-23', 6, choiceFromScene(knownScene('ten-after')), null, 'sun gone behind the bar'],
  ['2026-08-25', 7, choiceFromScene(knownScene('kitchen')), 5.7, 'one lamp over the table'],
  ['2026-09-01', 1, choiceFromShadow('soft'), 13.5, 'thin cloud, soft edge'],
  ['2026-09-03', 2, choiceFromShadow('leaf'), 9.5, 'under the plane trees'],
  ['2026-09-06', 4, choiceFromShadow('leaf'), 9.2, 'boat shed, doors open'],
  ['2026-09-08', 5, choiceFromScene(knownScene('room-day')), 5.7, 'two steps from the window']
];

/** Kind of light named, and by how much it was off. */
const NAMED = [
  ...[
    ['sharp', 0.2],
    ['none', 0.4],
    ['leaf', 1.3],
    ['indoors', 1.6],
    ['soft', -0.3]
  ],
  ...[
    ['leaf', 0.9],
    ['deep', 1.1],
    ['dusk', -0.5],
    ['night', 0.6],
    ['sharp', -0.1]
  ]
] as const;

const metered = (lv: number): LightChoice => ({
  ...{ lv, sdStops: 0.25, contrast: 'normal' },
  way: { kind: 'reading', text: `EV ${lv} at 100`, ...AT_SUBJECT }
});

/** All of it, the oldest first. */
export const DEMO_EXERCISES: readonly Exercise[] = [
  ...GUESSES.map(([date, day, guess, read, reason], i): Exercise => ({
    ...{ kind: 'day', id: `demo-day-${i + 1}`, at: moment(`${date}T16:00:00Z`, ZONE), day, guess, reason },
    read: read === null ? null : { light: metered(read), at: moment(`${date}T16:04:00Z`, ZONE) }
  })),
  ...NAMED.map(([group, errorStops], i): Exercise => ({
    ...{ kind: 'drill', id: `demo-drill-${i + 1}`, drill: 'light', group, seed: 100 + i, errorStops },
    ...{ at: moment(`2026-09-1${Math.floor(i / 5)}T18:0${i % 5}:00Z`, ZONE), seconds: 7 },
    right: Math.abs(errorStops) <= 0.7
  }))
];
