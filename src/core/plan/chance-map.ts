// Which film? The chance of a usable frame for every hour of every day of a stretch of days, by camera and film, over the skies that
// the days may have. Chances are worked out once for each light and looked up for every quarter of an hour. The moon is left out.
import { bestAt, candidatesOf } from '../advice/rank.ts';
import { prepare } from '../chance/prepared.ts';
import type { Support } from '../error/situation.ts';
import { CONTRASTS, type Contrast } from '../light/contrast.ts';
import { LV_RANGE } from '../light/lv.ts';
import { type Facing, type Ground, SKIES, type Sky } from '../sky/sky-scene.ts';
import type { SunAndMoon } from '../sky/position.ts';
import { skyLight } from '../sky/sky-light.ts';
import { sunOver } from '../sky/sun-course.ts';
import { dayBounds, wallClock } from '../sky/wall-clock.ts';
import type { NamedPlace } from '../ways/choice.ts';
import { lvOfBoth, TOLD_THEN_SD, type LampFloor } from './day-light.ts';
import { situationAt, type PlanPair } from './serving.ts';

/** How often each sky is to be expected: shares that add up to 1. */
export type SkyShares = Readonly<Record<Sky, number>>;

/** Each as often, until the person says. */
export const EVEN_SKIES: SkyShares = { clear: 1 / 3, partly: 1 / 3, cloudy: 1 / 3 };

/** Days at a place. */
export interface MapDays {
  readonly place: NamedPlace;
  /** The first day, YYYY-MM-DD. */
  readonly from: string;
  /** How many days, 1…366. */
  readonly days: number;
  readonly facing: Facing;
  readonly ground: Ground;
  readonly lamps: LampFloor | null;
  readonly skies: SkyShares;
  readonly support: Support;
}

/** The chance by day and hour. */
export interface ChanceMap {
  /** YYYY-MM-DD of each day. */
  readonly dates: readonly string[];
  /** For each pair, day after day, 24 hours each by the clocks of the place: chances 0…1, NaN for an hour that the clocks skip. */
  readonly chances: readonly Float32Array[];
}

/** Hours of a day. */
export const DAY_HOURS = 24;
const QUARTER_MS = 15 * 60_000;
const HOUR_MS = 4 * QUARTER_MS;
/** Step of the table of chances, LV. */
const STEP_LV = 0.1;
/** A moon that has set. */
const NO_MOON: Pick<SunAndMoon, 'moon' | 'moonPhaseAngle'> = {
  moon: { altitude: -90, azimuth: 0 },
  moonPhaseAngle: 180
};

/** Chances of a pair by light, worked out where they are asked for. */
class ChanceTable {
  readonly #chances: Float32Array;
  readonly #ask: (lv: number) => number;

  constructor(pair: PlanPair, support: Support, contrast: Contrast, lightKind: 'daylight' | 'lamps') {
    const point = { ms: 0, lv: 0, sdStops: TOLD_THEN_SD, contrast, lightKind };
    const prepared = prepare(situationAt(pair, point, support));
    const candidates = candidatesOf(prepared, pair.present);
    this.#chances = new Float32Array(Math.ceil((LV_RANGE.max - LV_RANGE.min) / STEP_LV) + 1).fill(NaN);
    this.#ask = (lv) =>
      bestAt({ prepared, present: pair.present, lv }, candidates)?.candidate.chancesAt(lv).usable ?? 0;
  }

  at(lv: number): number {
    const i = Math.round((lv - LV_RANGE.min) / STEP_LV);
    const known = this.#chances[i] ?? 0;
    if (!Number.isNaN(known)) return known;
    const made = this.#ask(LV_RANGE.min + i * STEP_LV);
    this.#chances[i] = made;
    return made;
  }
}

/**
 * The chance of a usable frame by day and hour.
 * @param pairs at least one
 * @yields the share that is done, 0…1, a week at a time
 */
export function* chanceMap(pairs: readonly PlanPair[], span: MapDays): Generator<number, ChanceMap> {
  const { place, days, facing, ground, lamps, skies, support } = span;
  const sun = sunOver(place);
  const tables = pairs.map((pair) => ({
    daylight: new Map(CONTRASTS.map((c) => [c, new ChanceTable(pair, support, c, 'daylight')])),
    lamps: lamps && new ChanceTable(pair, support, lamps.contrast, 'lamps')
  }));
  const chances = pairs.map(() => new Float32Array(days * DAY_HOURS));
  const dates: string[] = [];
  let date = span.from;
  const sums = pairs.map(() => new Float64Array(DAY_HOURS));
  const quarters = new Float64Array(DAY_HOURS);
  for (let day = 0; day < days; day++) {
    dates.push(date);
    const { fromMs, toMs } = dayBounds(date, place.zone);
    const isWhole = toMs - fromMs === DAY_HOURS * HOUR_MS;
    for (const sum of sums) sum.fill(0);
    quarters.fill(0);
    for (let ms = fromMs; ms < toMs; ms += QUARTER_MS) {
      const hour = isWhole
        ? Math.floor((ms - fromMs) / HOUR_MS)
        : Number(wallClock(ms, place.zone).time.slice(0, 2));
      quarters[hour] = (quarters[hour] ?? 0) + 1;
      const bodies = { sun: sun(ms), ...NO_MOON };
      for (const sky of SKIES) {
        if (skies[sky] === 0) continue;
        const own = skyLight(bodies, { sky, facing, ground });
        const byLamps = lamps !== null && lamps.lv > own.lv;
        const lv = lamps === null ? own.lv : Math.min(LV_RANGE.max, lvOfBoth(own.lv, lamps.lv));
        tables.forEach((table, i) => {
          const chance = (byLamps ? table.lamps : table.daylight.get(own.contrast))?.at(lv) ?? 0;
          const sum = sums[i];
          if (sum) sum[hour] = (sum[hour] ?? 0) + skies[sky] * chance;
        });
      }
    }
    chances.forEach((all, i) => {
      for (let hour = 0; hour < DAY_HOURS; hour++) {
        const [sum, count] = [sums[i]?.[hour] ?? 0, quarters[hour] ?? 0];
        all[day * DAY_HOURS + hour] = count === 0 ? NaN : sum / count;
      }
    });
    date = wallClock(toMs + HOUR_MS, place.zone).date;
    if (day % 7 === 6) yield (day + 1) / days;
  }
  return { dates, chances };
}

/** What a film brings over the hours in which one is out. */
export interface FilmWorth {
  /** Mean chance of a usable frame, 0…1. */
  readonly chance: number;
  /** Share of the hours in which a frame is worth pressing for, 0…1. */
  readonly hoursThatWork: number;
  /** Usable frames of a pack or roll, pressed evenly over these hours. */
  readonly keepers: number;
  /** Price of a usable frame; null = no price is entered, or there is none. */
  readonly costPerKeeper: number | null;
}

/**
 * What a film brings.
 * @param chances of {@link ChanceMap}
 * @param hours the first hour and the one after the last, 0…24; over midnight where the first is the later
 * @param film its frames, and its price for all of them
 * @param leastChance below it a frame is not worth pressing for
 */
export function filmWorth(
  chances: Float32Array,
  hours: readonly [from: number, to: number],
  film: { readonly frames: number; readonly price: number | null },
  leastChance: number
): FilmWorth {
  const [from, to] = hours;
  const isOut = (hour: number): boolean =>
    from < to ? hour >= from && hour < to : hour >= from || hour < to;
  const all = [...chances].filter((chance, i) => isOut(i % DAY_HOURS) && !Number.isNaN(chance));
  const chance = all.length === 0 ? 0 : all.reduce((sum, c) => sum + c, 0) / all.length;
  const keepers = chance * film.frames;
  return {
    ...{ chance, keepers },
    hoursThatWork: all.length === 0 ? 0 : all.filter((c) => c >= leastChance).length / all.length,
    costPerKeeper: film.price === null || keepers < 1e-3 ? null : film.price / keepers
  };
}
