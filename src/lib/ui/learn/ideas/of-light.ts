// Ideas about light: stops, the two schools, incident and reflected.
import { setsItself } from '#core/camera/camera.ts';
import { lightByEye, NO_MODIFIERS, SCHOOLS } from '#core/light/by-eye.ts';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { lighterStops, SURFACES, type Surface } from '#core/picture/tones.ts';
import { formatFNumberDigits } from '#core/units/aperture.ts';
import { formatLv, formatSignedThirds } from '#core/units/stops.ts';
import { CLUE_WORDS } from '../../text/say-light.ts';
import type { Idea } from './figure.ts';

/** Twice the light, half the light. */
export const stops: Idea = {
  id: 'stops',
  name: 'Stops',
  line: 'Twice the light is a stop more, half of it a stop less.',
  says: [
    'Eye and film go by doubling. Each step on the aperture ring, on the shutter and in film speed is twice or half of the one beside it: a stop. Two stops are four times, three are eight.',
    'So light, film and camera can be added and taken away in one currency. A third of a stop is the least that anybody sees in a print.'
  ],
  figure: ({ judged }) => ({
    kind: 'prints',
    prints: [-2, -1, 0, 1, 2].map((deltaStops) => ({
      ...{ film: judged.pair.film, tone: judged.tone, deltaStops },
      label: deltaStops === 0 ? 'right' : `${Math.abs(deltaStops)} ${deltaStops < 0 ? 'under' : 'over'}`
    }))
  }),
  caption: ({ judged }) => `The same scene on ${judged.pair.film.name}, a stop apart.`
};

/** The shadow's edge, and the sky. */
export const schools: Idea = {
  id: 'schools',
  name: 'Two schools of light',
  line: `Look at the edge of a shadow, or at the sky: ${SCHOOLS.length} ways to know the light without a meter.`,
  says: [
    'In full sun an aperture of 16 at a time of one over the film’s speed is right. Every softer shadow opens it by a stop: soft 11, barely there 8, none 5.6, in deep shade 2.8.',
    'The other school looks at the sky instead: clear, few clouds, mostly clouded, overcast. Where shadows cannot be seen the sky can, and the other way round. Say what you see before you read a meter: that is how an eye learns.'
  ],
  figure: ({ judged }) => ({
    kind: 'table',
    head: ['The shadow', 'Aperture at 1/ISO', 'LV', judged.pair.film.name],
    rows: SHADOW_STEPS.map((step) => {
      const { lv } = lightByEye({ school: 'shadow', clue: step.clue }, NO_MODIFIERS);
      const off = lv - judged.light.lv;
      return [
        CLUE_WORDS[step.clue].edge,
        formatFNumberDigits(step.markedFNumber),
        formatLv(lv),
        Math.abs(off) < 1 / 6 ? 'as it is now' : `${formatSignedThirds(off)} against now`
      ];
    })
  }),
  caption: () => 'Common practice, no source: the sunny sixteen rule and its cousins.'
};

const SHOWN_SURFACES: readonly Surface[] = [
  'black-coat',
  'grass',
  'grey-card',
  'light-skin',
  'concrete',
  'snow'
];

/** What a meter sees, against what there is. */
export const reflected: Idea = {
  id: 'reflected',
  name: 'Incident and reflected',
  line: 'One meter reads the light, the other what comes back: snow fools it, and so does a black coat.',
  says: [
    'An incident meter stands at the subject and reads what falls on it. A reflected meter, a camera’s eye too, looks at the subject and takes whatever it sees for grey.',
    'Snow therefore reads as more light than there is, and comes out grey; a black coat as less, and comes out grey as well. Give the difference back: lighten for what is lighter than grey, darken for what is darker.'
  ],
  figure: () => ({
    kind: 'bars',
    unit: 'stops',
    from: -3,
    to: 3,
    rows: SHOWN_SURFACES.map((surface) => {
      const stop = lighterStops(surface);
      return {
        ...{ name: SURFACES[surface].name, from: Math.min(0, stop), to: Math.max(0, stop) },
        says: formatSignedThirds(stop)
      };
    })
  }),
  caption: ({ judged }) =>
    `By so much a reflected reading in one and the same light is too high (+) or too low (−)${
      setsItself(judged.pair.camera) ? `; the eye of the ${judged.pair.camera.name} is no different` : ''
    }.`
};
