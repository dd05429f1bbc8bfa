// Kinds of light that scenes are drawn in, each with the light model that says how much it is.
import type { EyeClue } from '../light/by-eye.ts';
import { NO_MODIFIERS, type LightModifiers } from '../light/by-eye.ts';
import type { ShadowClue } from '../light/shadow-edge.ts';
import type { Facing, Ground, Sky } from '../sky/sky-scene.ts';

/** What lies under a subject. */
export type Floor = 'grass' | 'road' | 'sand' | 'snow' | 'water' | 'boards';

/** A kind of light in the open, by sun and sky. */
export interface OpenLight {
  readonly under: 'sky';
  readonly clue: ShadowClue;
  readonly modifiers: LightModifiers;
  readonly sky: Sky;
  /** Lowest and highest sun, degrees. */
  readonly sun: readonly [from: number, to: number];
  readonly facings: readonly Facing[];
  readonly ground: Ground;
  readonly floors: readonly Floor[];
  /** How far one sees, metres. */
  readonly seen: number;
  /** Least and most share of the sky that is open above a subject in the shade, 0…1. */
  readonly open: readonly [from: number, to: number];
  /** Width of a shadow's edge, metres for each metre from what throws it; and how much of the sun's beam still throws it, 0…1. */
  readonly edge: readonly [perMetre: number, share: number];
}

/** A kind of light from lamps or a window, or left over after sunset. */
export interface NamedLight {
  readonly under: 'lamps' | 'window' | 'dusk';
  /** Named scenes that it may be. */
  readonly scenes: readonly string[];
  readonly floors: readonly Floor[];
  readonly seen: number;
}

/** The sun is half a degree wide: that is how soft its shadows are. */
const SUN_EDGE = [0.0093, 1] as const;

const open = (
  clue: ShadowClue,
  sky: Sky,
  sun: OpenLight['sun'],
  facings: readonly Facing[],
  more: Partial<Pick<OpenLight, 'ground' | 'floors' | 'seen' | 'modifiers' | 'open' | 'edge'>> = {}
): OpenLight => ({
  ...{ under: 'sky', clue, sky, sun, facings, ground: 'ground', seen: 4000, open: [1, 1], edge: SUN_EDGE },
  ...{ floors: ['grass', 'road', 'water'], modifiers: NO_MODIFIERS, ...more }
});

/** Every kind of light, with the words for it. */
export const SCENE_LIGHTS = {
  sun: open('sharp', 'clear', [28, 62], ['front', 'side']),
  hazy: open('soft', 'partly', [22, 42], ['front', 'side'], { seen: 900, edge: [0.12, 1] }),
  veiled: open('barely', 'cloudy', [48, 60], ['front'], { seen: 700, edge: [0.4, 0.16] }),
  overcast: open('none', 'cloudy', [24, 44], ['front'], { seen: 500 }),
  fog: open('none', 'cloudy', [18, 34], ['front'], { seen: 26 }),
  shade: open('leaf', 'clear', [35, 60], ['open-shade'], {
    floors: ['grass', 'road', 'boards'],
    open: [0.45, 0.8]
  }),
  'deep-shade': open('deep', 'clear', [30, 60], ['open-shade'], {
    floors: ['road', 'boards'],
    open: [0.18, 0.32]
  }),
  behind: open('sharp', 'clear', [18, 40], ['back'], { modifiers: { ...NO_MODIFIERS, backlit: true } }),
  snow: open('sharp', 'clear', [20, 45], ['front', 'side'], {
    ...{ ground: 'snow', floors: ['snow'], modifiers: { ...NO_MODIFIERS, bright: true } }
  }),
  beach: open('sharp', 'clear', [40, 62], ['front', 'side'], {
    ...{ ground: 'sand', floors: ['sand'], modifiers: { ...NO_MODIFIERS, bright: true } }
  }),
  window: { under: 'window', scenes: ['by-window', 'room-day'], floors: ['boards'], seen: 4000 },
  lamps: { under: 'lamps', scenes: ['room-evening', 'kitchen', 'cellar'], floors: ['boards'], seen: 4000 },
  stage: { under: 'lamps', scenes: ['stage', 'stage-bright'], floors: ['boards'], seen: 4000 },
  dusk: {
    under: 'dusk',
    scenes: ['sun-just-set', 'ten-after', 'blue-hour'],
    floors: ['grass', 'road', 'water'],
    seen: 1500
  },
  street: { under: 'lamps', scenes: ['street', 'street-bright', 'lane'], floors: ['road'], seen: 300 }
} as const satisfies Readonly<Record<string, OpenLight | NamedLight>>;

/** The name of a kind of light. */
export type SceneLight = keyof typeof SCENE_LIGHTS;
/** Whether there is such a kind. */
export const isSceneLight = (name: unknown): name is SceneLight =>
  typeof name === 'string' && Object.hasOwn(SCENE_LIGHTS, name);
/** All of them, brightest kinds of day first. */
export const SCENE_LIGHT_NAMES: readonly SceneLight[] = Object.keys(SCENE_LIGHTS).filter(isSceneLight);

/** The clue of a kind of light in the open. */
export const clueOf = ({ clue }: OpenLight): EyeClue => ({ school: 'shadow', clue });
