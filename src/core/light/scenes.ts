// Light of named scenes indoors, at dusk and by night, as LV on the subject. After the published exposure-value guides for
// artificial light and night (ANSI PH2.7-1973, Photographic Exposure Guide), rounded to half stops; from memory. A spread of
// one stop where the guide gives one value, more where it gives a range.
import type { Contrast } from './contrast.ts';

/** Where a scene belongs. */
export type SceneGroup = 'indoors' | 'dusk' | 'night';
/** @see SceneGroup */
export const SCENE_GROUPS = ['indoors', 'dusk', 'night'] as const satisfies readonly SceneGroup[];

/** A scene with its light. */
export interface NamedScene {
  readonly id: string;
  readonly name: string;
  /** Other words it may be looked for by. */
  readonly also: string;
  readonly group: SceneGroup;
  readonly lv: number;
  readonly sdStops: number;
  readonly contrast: Contrast;
  readonly lamps: boolean;
}

type Row = readonly [string, string, string, number, number, Contrast, boolean];

const scenes = (group: SceneGroup, rows: readonly Row[]): readonly NamedScene[] =>
  rows.map(([id, name, also, lv, sdStops, contrast, lamps]) => ({
    ...{ id, name, also, group, lv, sdStops, contrast, lamps }
  }));

/** Every scene, brightest first in its group. */
export const SCENES: readonly NamedScene[] = [
  ...scenes('indoors', [
    ['by-window', 'Beside a big window by day', 'room daylight portrait sill', 9, 1.2, 'hard', false],
    ['gallery', 'Picture gallery', 'museum exhibition', 8.5, 1.5, 'normal', true],
    ['office', 'Office or classroom, tubes on', 'work school fluorescent', 8, 1, 'flat', true],
    ['stage-bright', 'Stage in bright light', 'show theatre concert spotlight', 9, 1.5, 'hard', true],
    ['stage', 'Stage, average', 'show theatre concert', 7.5, 1.5, 'hard', true],
    ['hall', 'Sports hall', 'gym basketball game indoors', 8, 1, 'normal', true],
    ['shop', 'Shop, well lit', 'store market indoors', 8, 1, 'flat', true],
    ['kitchen', 'Kitchen or workbench, lamp above', 'home work', 7, 1, 'normal', true],
    ['room-day', 'Room by day, away from the window', 'home living room daylight', 6.5, 1.2, 'flat', false],
    ['room-evening', 'Living room in the evening', 'home lamps night', 5.5, 1, 'normal', true],
    ['church', 'Church or old hall inside', 'chapel cathedral', 5, 1.2, 'normal', true],
    ['restaurant', 'Restaurant, dim', 'pub bar table', 4.5, 1.2, 'hard', true],
    ['candles', 'Face lit by candles', 'birthday cake candlelight', 4, 1, 'hard', true],
    ['cellar', 'Cellar or attic, one bulb', 'dim lamp', 3.5, 1.2, 'hard', true]
  ]),
  ...scenes('dusk', [
    ['sun-just-set', 'The sun has just set', 'sunset dusk afterglow', 10, 1, 'flat', false],
    ['ten-after', 'Ten minutes after sunset', 'dusk twilight', 8, 1, 'flat', false],
    ['blue-hour', 'Blue hour, lamps come on', 'dusk twilight evening', 5, 1.2, 'normal', false],
    ['last-light', 'Last light in the west', 'dusk twilight night falls', 1.5, 1.2, 'normal', false]
  ]),
  ...scenes('night', [
    ['fire', 'Face at a bonfire', 'camp campfire flames', 7, 1.2, 'hard', true],
    ['street-bright', 'Bright shopping street', 'neon city signs lamps', 7.5, 1, 'hard', true],
    ['shop-window', 'Before a shop window', 'display street', 7.5, 1, 'hard', true],
    ['fair', 'Fair or funfair', 'carnival rides lights', 7, 1, 'hard', true],
    ['floodlit-sport', 'Floodlit sports ground', 'stadium football game', 8.5, 1, 'normal', true],
    ['station', 'Station platform', 'train railway stop', 5.5, 1, 'normal', true],
    ['floodlit', 'Floodlit building', 'monument fountain castle', 4, 1.2, 'hard', true],
    ['street', 'Street under its lamps', 'road city', 4, 1.2, 'hard', true],
    ['lane', 'Lane with few lamps', 'village back street', 2, 1.2, 'hard', true],
    ['full-moon-snow', 'Snow under a full moon', 'moonlight winter', -2, 1, 'normal', false],
    ['full-moon', 'Field under a full moon', 'moonlight landscape', -3, 1, 'normal', false],
    ['half-moon', 'Field under a half moon', 'moonlight landscape', -6, 1, 'normal', false],
    ['stars', 'Starlight alone', 'moonless night', -7.5, 1.2, 'flat', false]
  ])
];

/**
 * A scene by its id.
 * @param id as in {@link SCENES}
 * @returns the scene; null when there is none
 */
export function sceneById(id: string): NamedScene | null {
  return SCENES.find((s) => s.id === id) ?? null;
}

/**
 * A scene that is known to be there.
 * @param id as in {@link SCENES}
 * @returns the scene
 * @throws {RangeError} when it is not
 */
export function knownScene(id: string): NamedScene {
  const scene = sceneById(id);
  if (!scene) throw new RangeError(`id must be one of the named scenes, got ${id}`);
  return scene;
}

/**
 * Scenes that have every word of a search in their name or other words.
 * @param words in any case; empty finds all
 * @returns the scenes in their order
 */
export function findScenes(words: string): readonly NamedScene[] {
  const wanted = words
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');
  return SCENES.filter((s) => {
    const text = `${s.name} ${s.also} ${s.group}`.toLowerCase();
    return wanted.every((w) => text.includes(w));
  });
}
