// Ideas about film: what it forgives, long exposures, highlights, and speed that is too much.
import { developedRange, isNegative } from '#core/film/film.ts';
import { printTone } from '#core/film/print.ts';
import { neededSeconds } from '#core/film/reciprocity.ts';
import { filmWindow } from '#core/film/window.ts';
import { bestSetting } from '#core/advice/rank.ts';
import { formatSignedThirds } from '#core/units/stops.ts';
import { chanceInHundred, sayTime } from '../../text/say.ts';
import type { Idea } from './figure.ts';

/** What films forgive. */
export const latitude: Idea = {
  id: 'latitude',
  name: 'What a film forgives',
  line: 'Negatives forgive over, instant film and slides forgive little either way.',
  says: [
    'A film holds so many stops from black to white. What the scene does not use of that is left for your error.',
    'A negative is printed afterwards: too much light can be taken back, too little left nothing to print. Instant film and slides are looked at themselves: what is white stays white. When in doubt give negatives more; never slides or instant film.'
  ],
  figure: ({ judged, films }) => ({
    kind: 'bars',
    unit: 'stops',
    from: -4,
    to: 6,
    rows: [judged.pair.film, ...films.filter((f) => f.id !== judged.pair.film.id)].slice(0, 6).map((film) => {
      const { lo, hi } = filmWindow(film, judged.situation.contrast).usable;
      return {
        name: film.name,
        from: lo,
        to: hi,
        says: `${formatSignedThirds(lo)} to ${formatSignedThirds(hi)}`
      };
    })
  }),
  caption: ({ judged }) =>
    `How far off a frame may be and still be usable, in ${judged.situation.contrast} contrast.`
};

const METERED = [1, 2, 4, 8, 15, 30, 60] as const;

/** Long exposures. */
export const reciprocity: Idea = {
  id: 'reciprocity',
  name: 'Long exposures lose speed',
  line: 'Beyond a second most films need longer than the meter says.',
  says: [
    'Film counts light that comes quickly in full. What trickles in over seconds is partly lost: for a metered ten seconds it may want twenty.',
    'How much differs from film to film: its sheet says it. A camera that times itself knows nothing of it, and comes out dark at night.'
  ],
  figure: ({ judged }) => ({
    kind: 'table',
    head: ['Metered', 'Hold it for'],
    rows: METERED.map((s) => [
      sayTime(s),
      sayTime(Math.round(neededSeconds(judged.pair.film.reciprocity, s)))
    ])
  }),
  caption: ({ judged }) =>
    judged.pair.film.reciprocity.kind === 'none'
      ? `Of ${judged.pair.film.name} nothing is known here: enter its sheet’s table with the film.`
      : `${judged.pair.film.name}. Schwarzschild (1900) described it first.`
};

/** Keep the highlights. */
export const highlights: Idea = {
  id: 'highlights',
  name: 'Keep the highlights, or the shadows',
  line: 'Slides and instant film are exposed for the lights, negatives for the darks.',
  says: [
    'A face against the sky holds more stops than most films do. One end has to go, and you choose which.',
    'On film that is looked at itself a white patch is the first thing seen: expose for the lights, and let shadows be black. On negatives an empty shadow cannot be printed: expose for the darks, and let the printer bring the lights down.'
  ],
  figure: ({ judged, films }) => {
    const other = films.find((f) => isNegative(f.kind) !== isNegative(judged.pair.film.kind));
    return {
      kind: 'prints',
      prints: [judged.pair.film, ...(other ? [other] : [])].flatMap((film) =>
        [-1, 1].map((deltaStops) => ({
          ...{ film, deltaStops, tone: printTone(film, filmWindow(film, 'hard').usable) },
          label: `${film.name}, ${deltaStops < 0 ? 'a stop under' : 'a stop over'}`
        }))
      )
    };
  },
  caption: ({ judged }) => {
    const { below, above } = developedRange(judged.pair.film);
    return `${judged.pair.film.name} holds ${formatSignedThirds(-below)} to ${formatSignedThirds(above)} stops about mid grey.`;
  }
};

const LIGHTS = [
  [5, 'a living room'],
  [9, 'a shop window at dusk'],
  [12, 'overcast'],
  [14.6, 'full sun']
] as const;

/** Faster is not always better. */
export const tooFast: Idea = {
  id: 'too-fast',
  name: 'Why a faster film is not always better',
  line: 'It wins the evening, and loses the noon.',
  says: [
    'Four times the speed is two stops: a dim room comes within reach of your hand. At noon the same camera may have no shorter time and no smaller opening left.',
    'Count what you will meet: one film that serves most of the day is worth more than one that serves its darkest hour.'
  ],
  figure: ({ judged }) => ({
    kind: 'table',
    head: ['Light', ...[1, 4, 16].map((by) => `ISO ${judged.pair.film.iso * by}`)],
    rows: LIGHTS.map(([lv, name]) => [
      name,
      ...[1, 4, 16].map((by) => {
        const film = { ...judged.pair.film, iso: judged.pair.film.iso * by };
        const situation = { ...judged.situation, film, light: { lv, sdStops: 0.3 } };
        return String(chanceInHundred(bestSetting(situation, judged.pair.present)?.pUsable ?? 0));
      })
    ])
  }),
  caption: ({ judged }) => `Chances in 100 with the ${judged.pair.camera.name}, each at its best setting.`
};
