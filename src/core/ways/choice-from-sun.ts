// The light by the sun, apart from the other ways: astronomy weighs more than all of them, and few pages need it.
import { sunAndMoonAt } from '../sky/position.ts';
import { skyLight } from '../sky/sky-light.ts';
import type { LightChoice, NamedPlace, SunWay } from './choice.ts';

/**
 * The light that sun, moon and sky give at a place and moment.
 * @param way place, moment, sky and how the subject stands
 * @returns LV with its spread
 */
export function choiceFromSun(way: SunWay): LightChoice {
  const { lv, sdStops, contrast } = skyLight(sunAndMoonAt(way.ms, way.place), way);
  return { lv, sdStops, contrast, way };
}

/** The light outdoors by the clock alone: under any sky, on a subject lit from the front. @param ms milliseconds since 1970 */
export function outdoorsAt(place: NamedPlace, ms: number): LightChoice {
  return choiceFromSun({ kind: 'sun', place, ms, sky: 'unsaid', facing: 'front', ground: 'ground' });
}
