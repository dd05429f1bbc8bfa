// A scene: a kind of light, where the sun stands, what lies on the ground and what stands there; the same for the same number. How
// much light is on the subject comes from the light model itself: sun and sky in the open, the published guides under lamps.
import { lightByEye, type LightByEye } from '../light/by-eye.ts';
import type { Contrast } from '../light/contrast.ts';
import { seeded, type Seeded } from '../numeric/seeded.ts';
import type { Facing } from '../sky/sky-scene.ts';
import { namedLight, openLight } from './light-in.ts';
import { scaledTo, type Lighting, type Vector } from './lighting.ts';
import {
  clueOf,
  SCENE_LIGHTS,
  SCENE_LIGHT_NAMES,
  type Floor,
  type NamedLight,
  type OpenLight,
  type SceneLight
} from './lights.ts';
import type { SkyLook } from './colours.ts';
import { boundsOf, type Bounds, type Piece } from './outline.ts';
import { piecesOf, type ThingName } from './shapes.ts';

/** A thing on its place. */
export interface SceneThing {
  readonly name: ThingName;
  readonly pieces: readonly Piece[];
  readonly bounds: Bounds;
  /** Where its foot stands, metres to the right and away. */
  readonly x: number;
  readonly z: number;
}

/** A wall across the back, metres away, and the window in it. */
export interface SceneWall {
  readonly z: number;
  readonly window: { readonly x: number; readonly width: number } | null;
}

/** A scene. */
export interface DrawnScene {
  readonly seed: number;
  readonly kind: SceneLight;
  /** The light on the subject: LV as a dome that faces the camera reads it. */
  readonly lv: number;
  readonly contrast: Contrast;
  /** A named scene that it is; null = out in the open by day. */
  readonly named: string | null;
  /** How the subject stands to the sun; null = there is none. */
  readonly facing: Facing | null;
  readonly sunAltitude: number;
  readonly lighting: Lighting;
  /** Width of a shadow's edge for each metre, and the share of the beam that throws it. */
  readonly edge: readonly [perMetre: number, share: number];
  readonly floor: Floor;
  readonly subject: SceneThing;
  /** All that stands there, the farthest first; the subject among them. */
  readonly things: readonly SceneThing[];
  readonly sky: SkyLook;
  /** A wall across the back; null = open land. */
  readonly wall: SceneWall | null;
  /** Beyond this distance the sun shines while the subject stands in the shade, metres; null = there is no such place. */
  readonly sunlitFrom: number | null;
  readonly seen: number;
}

function thing(name: ThingName, x: number, z: number, random: Seeded): SceneThing {
  const pieces = piecesOf(name, random);
  return { name, pieces, bounds: boundsOf(pieces), x, z };
}

const SUBJECTS: Readonly<Record<'land' | 'water' | 'inside' | 'porch' | 'street', readonly ThingName[]>> = {
  land: ['person', 'tree', 'house', 'statue', 'bench', 'fir'],
  ...{
    water: ['boat'],
    inside: ['person', 'statue'],
    porch: ['person', 'statue', 'bench'],
    street: ['person', 'bench', 'post', 'house']
  }
};
const FAR: Readonly<Record<Floor, readonly ThingName[]>> = {
  grass: ['tree', 'fir', 'house', 'bench', 'post'],
  road: ['house', 'post', 'tree', 'person'],
  sand: ['boat', 'person', 'house'],
  snow: ['fir', 'fir', 'house', 'post'],
  water: ['boat', 'boat'],
  boards: []
};
/** Big things stand farther away. */
const AWAY: Readonly<Partial<Record<ThingName, number>>> = { house: 13, tree: 10, fir: 9, boat: 9, post: 7 };

function skyOf(kind: SceneLight, light: OpenLight | NamedLight): SkyLook {
  if (light.under !== 'sky') return kind === 'dusk' ? 'dusk' : 'night';
  return light.sky === 'clear' ? 'clear' : light.sky === 'partly' ? 'milky' : 'grey';
}

/**
 * The scene of a number.
 * @param seed a whole number @param kind of light; null = any
 */
export function sceneOf(seed: number, kind: SceneLight | null = null): DrawnScene {
  const random = seeded(seed);
  const name = random.oneOf(SCENE_LIGHT_NAMES);
  const chosen = kind ?? name;
  const light: OpenLight | NamedLight = SCENE_LIGHTS[chosen];
  const floor = random.oneOf(light.floors);
  const inside = light.under === 'window' || chosen === 'lamps' || chosen === 'stage';
  const place = inside
    ? 'inside'
    : floor === 'boards'
      ? 'porch'
      : floor === 'water'
        ? 'water'
        : chosen === 'street'
          ? 'street'
          : 'land';
  const subjectName = random.oneOf(SUBJECTS[place]);
  const z = (AWAY[subjectName] ?? 4.6) + random.between(-0.4, 0.8);
  const subject = thing(subjectName, random.between(-0.12, 0.12) * z, z, random);
  const far = FAR[floor];
  const others =
    inside || far.length === 0
      ? []
      : [-1, 1, -1, 1].map((side, i) => {
          const at = z * 1.5 + 5 + 6 * i + random.between(0, 4);
          return thing(random.oneOf(far), side * at * random.between(0.18, 0.42), at, random);
        });
  const shared = {
    ...{ seed, kind: chosen, floor, subject, seen: light.seen, sky: skyOf(chosen, light) },
    things: [...others, subject].sort((a, b) => b.z - a.z)
  };
  const card: Vector = [subject.x, 1.4, subject.z - 0.3];
  if (light.under === 'sky') {
    const { lighting, facing, altitude, lv } = openLight(light, floor, random);
    const contrast: LightByEye['contrast'] = lightByEye(clueOf(light), light.modifiers).contrast;
    const shaded = facing === 'open-shade';
    return {
      ...shared,
      ...{ lv, contrast, named: null, facing, sunAltitude: altitude, edge: light.edge },
      // the sum of the drawn lights is the model's: what the shade takes, and a face turned from the sun, are in it
      lighting: scaledTo(lighting, card, lv),
      wall: floor === 'boards' ? { z: z + 1.6, window: null } : null,
      sunlitFrom: shaded && floor !== 'boards' ? z + random.between(4, 9) : null
    };
  }
  const { lighting, lv, scene, side } = namedLight(light, random);
  const window = light.under === 'window' ? { x: side * 2.1, width: 1.5 } : null;
  return {
    ...shared,
    ...{ lv, contrast: scene.contrast, named: scene.id, facing: null, sunAltitude: -4 },
    ...{ edge: [1, 0], sunlitFrom: null },
    lighting: scaledTo(lighting, card, lv),
    wall: inside ? { z: z + (chosen === 'stage' ? 3.5 : 1.8), window } : null
  };
}

/**
 * So many scenes, one after the other, in which no two neighbours share their kind of light and none is there twice.
 * @param seed a whole number @param count how many
 */
export function scenesFrom(seed: number, count: number): readonly DrawnScene[] {
  const random = seeded(seed);
  const scenes: DrawnScene[] = [];
  let kinds: SceneLight[] = [];
  while (scenes.length < count) {
    // every kind once, in any order, then again
    if (kinds.length === 0) kinds = [...SCENE_LIGHT_NAMES].sort(() => random.between(-1, 1));
    const kind = kinds.find((k) => k !== scenes.at(-1)?.kind) ?? kinds[0];
    if (kind === undefined) break;
    kinds = kinds.filter((k) => k !== kind);
    scenes.push(sceneOf(Math.floor(random.between(0, 2 ** 31)), kind));
  }
  return scenes;
}
