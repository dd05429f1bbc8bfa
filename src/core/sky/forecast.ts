// A stand-in for a weather forecast: made up, the same for the same place and day, offline. It has no knowledge of any
// weather; it keeps a sky for some hours and changes it now and then, so that plans have something to be overridden.
import { SKIES, type Sky } from './illuminance.ts';
import type { Place } from './position.ts';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Chance that a stretch of three hours keeps the sky of the one before it. */
const KEEPS = 0.6;
const STRETCH_MS = 3 * HOUR_MS;

/** A number 0…1 from whole numbers, the same every time (mulberry32, T. Ettinger, public domain). */
function seeded(...parts: readonly number[]): number {
  let seed = 0x9e3779b9;
  for (const part of parts) seed = Math.imul(seed ^ (part | 0), 0x85ebca6b) + 0x6d2b79f5;
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
}

/** The made-up sky at a moment. Places within half a degree share it. */
export function madeUpSky(ms: number, { latitude, longitude }: Place): Sky {
  const [lat, lon] = [Math.round(latitude * 2), Math.round(longitude * 2)];
  const day = Math.floor(ms / DAY_MS);
  const pick = (stretch: number): Sky =>
    SKIES[Math.floor(seeded(lat, lon, day, stretch, 1) * SKIES.length)] ?? 'clear';
  let stretch = Math.floor((ms - day * DAY_MS) / STRETCH_MS);
  while (stretch > 0 && seeded(lat, lon, day, stretch, 2) < KEEPS) stretch -= 1;
  return pick(stretch);
}
