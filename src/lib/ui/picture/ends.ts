// The lights and darks that were touched: the contrast they mean, and where the film holds them.
import { developedRange } from '#core/film/film.ts';
import { fromTwoReadings, heldOn, type TwoReadings } from '#core/light/two-readings.ts';
import { formatStops } from '#core/units/stops.ts';
import type { Judged } from '../current-judge.ts';
import type { Picture } from './picture.svelte.ts';

/** Both ends as they were read; or only that they were touched the wrong way round. */
export interface Ends extends TwoReadings {
  readonly lightsLv: number;
  readonly darksLv: number;
  /** Whether one of them had run off the picture's scale. */
  readonly isBound: boolean;
}

/** The ends of a picture; null until both were touched, the lighter as the lights. */
export function spanOf(picture: Picture): Ends | null {
  const [lights, darks] = [picture.readAt('lights'), picture.readAt('darks')];
  if (!lights || !darks) return null;
  const two = fromTwoReadings(Math.max(lights.lv, darks.lv), Math.min(lights.lv, darks.lv));
  if (!two.ok) return null;
  return {
    ...two.value,
    lightsLv: Math.max(lights.lv, darks.lv),
    darksLv: Math.min(lights.lv, darks.lv),
    isBound: lights.bound !== 'exact' || darks.bound !== 'exact'
  };
}

/** In words. */
export function sayEnds(ends: Ends, judged: Judged | null): string {
  const least = ends.isBound ? 'at least ' : '';
  const apart = `Lights and darks lie ${least}${formatStops(ends.spanStops)} apart: ${ends.contrast} contrast.`;
  if (!judged) return apart;
  const { film } = judged.pair;
  const held = heldOn(developedRange(film), ends, judged.light.lv, judged.shown.deltaStops);
  const part = (name: string, lost: number): string =>
    lost < 1 / 6 ? `${name} held` : `${name} ${formatStops(lost)} beyond what it holds`;
  return `${apart} On ${film.name}: ${part('lights', held.lightsLost)}, ${part('darks', held.darksLost)}.`;
}
