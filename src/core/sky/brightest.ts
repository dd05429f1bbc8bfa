// The brightest light that is still to be had at a place today: what a clear sky would give from now until midnight there.
import { sunAndMoonAt, type Place } from './position.ts';
import { skyLight } from './sky-light.ts';
import { dayBounds, wallClock } from './wall-clock.ts';

/** The light of rooms and lamps, which is to be had at any hour, LV. A window seat by day, bright lamps by night. */
const INDOORS_LV = 8;
const STEP_MS = 900_000;

/** @param nowMs milliseconds since 1970 @param zone the clocks there @returns LV */
export function brightestToday(place: Place, zone: string, nowMs: number): number {
  const { toMs } = dayBounds(wallClock(nowMs, zone).date, zone);
  let brightest = INDOORS_LV;
  for (let ms = nowMs; ms < toMs; ms += STEP_MS) {
    const { lv } = skyLight(sunAndMoonAt(ms, place), { sky: 'clear', facing: 'front', ground: 'ground' });
    brightest = Math.max(brightest, lv);
  }
  return brightest;
}
