// What is to be seen in each kind of light, as one photographer tells another.
import type { SceneLight } from '#core/scene/lights.ts';
import type { DrawnScene } from '#core/scene/scene.ts';
import type { LightGroup } from '#core/ways/light-group.ts';

/** What told it. */
export const SCENE_REASONS: Readonly<Record<SceneLight, string>> = {
  sun: 'The shadow has a sharp edge: full sun, f/16 at one over the film speed.',
  hazy: 'The shadow is there with a soft edge: haze, a stop less than full sun.',
  veiled: 'The shadow is barely there: a bright veil over the sun, two stops less than full sun.',
  overcast: 'There is no shadow at all: overcast, three stops less than full sun.',
  fog: 'No shadow, and what is far is pale: fog by day is as light as an overcast sky, while it looks brighter.',
  shade: 'The subject stands in the shade while the sun shines behind it: open shade, about four stops less.',
  'deep-shade': 'Under a roof only a piece of the sky lights it: five stops less than full sun, or more.',
  behind: 'The shadow comes towards you: the side you see is lit by the sky alone.',
  snow: 'Snow throws the sun back from below: up to a stop more than on grass.',
  beach: 'Pale sand throws the sun back: more than on grass.',
  window: 'One window lights a room by day: each step away from it costs.',
  lamps: 'Household lamps look bright to the eye and are nine stops darker than the sun.',
  stage: 'A spotlight on a dark stage: the figure is far lighter than all around it.',
  dusk: 'The sun is down: what is left halves every few minutes.',
  street: 'Street lamps: bright under them, and a quarter of it two steps on.'
};

/** Kinds of light by name. */
export const GROUP_WORDS: Readonly<Record<LightGroup, string>> = {
  ...{ sharp: 'full sun', soft: 'hazy sun', barely: 'shadow barely there', none: 'overcast' },
  ...{ leaf: 'open shade', deep: 'deep shade', indoors: 'indoors', dusk: 'dusk', night: 'night' }
};

const SUBJECTS: Readonly<Record<DrawnScene['subject']['name'], string>> = {
  ...{ person: 'a person', tree: 'a tree', fir: 'a fir', house: 'a house', boat: 'a sailing boat' },
  ...{ statue: 'a statue', bench: 'a bench', post: 'a lamp post' }
};
const FLOORS: Readonly<Record<DrawnScene['floor'], string>> = {
  ...{ grass: 'on grass', road: 'on paving', sand: 'on sand', snow: 'in snow', water: 'on water' },
  boards: 'on boards'
};

/** What is to be seen, without the light: that is what is asked. "A person on grass". */
export function saySceneSubject({ subject, floor }: DrawnScene): string {
  const words = `${SUBJECTS[subject.name]} ${FLOORS[floor]}`;
  return words.charAt(0).toUpperCase() + words.slice(1);
}
