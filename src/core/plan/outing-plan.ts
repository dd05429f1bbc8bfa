// An outing worked out: what takes the frames of each stop, the smallest kit for all, how much film it needs, and what stands
// against it.
import { isServedByFilters } from '../advice/purpose-served.ts';
import { applied } from '../advice/remedy.ts';
import type { Sky } from '../sky/sky-scene.ts';
import type { ClockProblem } from '../sky/wall-clock.ts';
import { likelySky, lightUnderSky, skiesOf, type LampFloor, type PlanDay } from './day-light.ts';
import { BETWEEN_SECONDS, fitsIn, secondsAt } from './fits.ts';
import { filmNeeds, type FilmNeed } from './film-needs.ts';
import { dayOfStop, momentOfStop } from './outing-time.ts';
import { pressesOf, type Outing, type Stop } from './outing.ts';
import { smallestKit } from './packing.ts';
import { servingAt, type PlanPair } from './serving.ts';
import {
  itemKey,
  itemsOf,
  pairAtStop,
  waysOfStop,
  type Item,
  type OutingPair,
  type StopWay
} from './stop-ways.ts';
import { pairDay, type Stretch, type Window } from './windows.ts';

/** When a pair would work, held in some way. */
export interface WorksThen extends Stretch, Pick<StopWay, 'key' | 'support'> {}

/** What stands against a stop. */
export type StopTrouble =
  /** Its hour is none. */
  | { readonly kind: 'bad-time'; readonly problem: ClockProblem }
  | { readonly kind: 'clock-change'; readonly change: 'skipped' | 'doubled' }
  /** It is earlier than the stop before it. */
  | { readonly kind: 'out-of-order' }
  /** Nothing owned does it then. `best`: the highest chance, 0…1; `works`: when it would. */
  | { readonly kind: 'nothing-works'; readonly best: number; readonly works: WorksThen | null }
  /** It comes out under the likely sky, not under these. */
  | { readonly kind: 'not-under'; readonly skies: readonly Sky[] }
  /** The light goes before all presses are made. */
  | { readonly kind: 'runs-out'; readonly fit: number; readonly presses: number };

/** A stop worked out. */
export interface PlannedStop {
  readonly stop: Stop;
  /** Null = no hour: none was said and none works, or it was not understood. */
  readonly ms: number | null;
  /** Null = nothing does it. */
  readonly way: StopWay | null;
  /** When that way works around the hour; null = not even a minute. */
  readonly window: Window | null;
  readonly troubles: readonly StopTrouble[];
}

/** An outing worked out. */
export interface OutingPlan {
  readonly stops: readonly PlannedStop[];
  readonly items: readonly Item[];
  readonly films: readonly FilmNeed[];
  /** Of all films with a price. */
  readonly cost: number;
  /** After it no frame of the list works, milliseconds since 1970; null = none ever does, or some do until the day is over. */
  readonly lastMs: number | null;
}

/** What an outing is worked out with. */
export interface OutingKit {
  readonly pairs: readonly OutingPair[];
  /** Light of the lamps of a scene; null = none. */
  readonly lampsOf: (scene: string) => LampFloor | null;
}

/** A support has to bring this much chance to be set up for. A choice of ours. */
const SETTING_UP = 0.05;

interface Asked {
  readonly stop: Stop;
  readonly day: PlanDay;
  readonly ms: number | null;
  readonly ways: readonly StopWay[];
  readonly troubles: readonly StopTrouble[];
}

/**
 * Works an outing out.
 * @param progress told the share that is done, 0…1
 * @returns stops in their order; every stop is answered, also those that nothing serves
 */
export function outingPlan(
  outing: Outing,
  kit: OutingKit,
  progress: (share: number) => void = () => undefined
): OutingPlan {
  let beforeMs: number | null = null;
  const asked = outing.stops.map((stop, i): Asked => {
    const found = askStop(outing, stop, kit, beforeMs);
    beforeMs = found.ms ?? beforeMs;
    progress((i + 1) / (2 * outing.stops.length));
    return found;
  });
  const served = asked.filter((a) => a.ways.some((w) => w.serves));
  const chosen = smallestKit(
    served.map(({ ways }) =>
      ways
        .filter((w) => w.serves)
        .map((way) => ({
          way,
          items: itemsOf(way, hasOwnFlash(kit, way.key)).map(itemKey),
          // what comes out in the hand is not set up for
          worth: way.verdict.pUsable - (way.support === 'hand' ? 0 : SETTING_UP)
        }))
    )
  );
  const wayOf = new Map(served.map(({ stop }, i) => [stop.id, chosen[i] ?? null]));
  const worked = asked.map((a, i) => {
    const done = workStop(a, wayOf.get(a.stop.id) ?? null, kit);
    progress(0.5 + (i + 1) / (2 * outing.stops.length));
    return done;
  });
  const ways = worked.flatMap(({ planned: { way } }) => (way ? [way] : []));
  const items = ways.flatMap((way) => itemsOf(way, hasOwnFlash(kit, way.key)));
  const films = filmNeeds(
    worked.flatMap(({ planned: { stop, way } }) => (way ? [{ presses: pressesOf(stop), way }] : [])),
    kit.pairs
  );
  const ends = worked.flatMap(({ lastMs }) => (lastMs === null ? [] : [lastMs]));
  return {
    stops: worked.map((w) => w.planned),
    items: [...new Map(items.map((item) => [itemKey(item), item])).values()],
    films,
    cost: films.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
    lastMs: ends.length === 0 || ends.includes(Infinity) ? null : Math.max(...ends)
  };
}

function askStop(outing: Outing, stop: Stop, kit: OutingKit, beforeMs: number | null): Asked {
  const day = dayOfStop(outing, stop, kit.lampsOf(stop.lamps));
  const read = momentOfStop(outing.date, stop);
  if (!read.ok)
    return { stop, day, ms: null, ways: [], troubles: [{ kind: 'bad-time', problem: read.error }] };
  const ms = read.value ? read.value.ms : (firstWindow(stop, day, kit, beforeMs)?.fromMs ?? null);
  const change = read.value?.clockChange ?? null;
  const ways = ms === null ? [] : waysOfStop(kit.pairs, stop, lightUnderSky(day, likelySky(day))(ms));
  return {
    ...{ stop, day, ms, ways },
    troubles: [
      ...(change === null ? [] : [{ kind: 'clock-change', change } as const]),
      ...(ms !== null && beforeMs !== null && ms < beforeMs ? [{ kind: 'out-of-order' } as const] : [])
    ]
  };
}

/** When a stop could be: the first window of any pair that is not over by then, from its beginning or from then on. */
function firstWindow(stop: Stop, day: PlanDay, kit: OutingKit, beforeMs: number | null): WorksThen | null {
  const open = windowsOfAll(stop, day, kit)
    .filter(({ toMs }) => beforeMs === null || toMs > beforeMs)
    .map((w) => ({ ...w, fromMs: Math.max(w.fromMs, beforeMs ?? w.fromMs) }));
  return open.reduce<WorksThen | null>((best, w) => (best && best.fromMs <= w.fromMs ? best : w), null);
}

function windowsOfAll(stop: Stop, day: PlanDay, { pairs }: OutingKit): readonly WorksThen[] {
  return pairs
    .filter(({ key }) => stop.loadId === null || stop.loadId === key)
    .flatMap((outing) =>
      (['hand', 'standing'] as const).flatMap((support) =>
        pairDay(pairAtStop(outing, stop), day, support).windows.map((w) => ({
          ...{ key: outing.key, support },
          ...stretchOf(w)
        }))
      )
    );
}

const stretchOf = ({ from, to }: Window): Stretch => ({ fromMs: from.likelyMs, toMs: to.likelyMs });

function workStop(
  { stop, day, ms, ways, troubles }: Asked,
  way: StopWay | null,
  kit: OutingKit
): { readonly planned: PlannedStop; readonly lastMs: number | null } {
  const outing = way && kit.pairs.find((p) => p.key === way.key);
  if (ms === null || !way || !outing) {
    const all = troubles.some((t) => t.kind === 'bad-time') ? [] : windowsOfAll(stop, day, kit);
    const distance = ({ fromMs, toMs }: Stretch): number =>
      Math.max(0, fromMs - (ms ?? fromMs), (ms ?? toMs) - toMs);
    const [works = null] = [...all].sort((a, b) => distance(a) - distance(b));
    const best = Math.max(0, ...ways.map((w) => w.verdict.pUsable));
    const nothing: StopTrouble = { kind: 'nothing-works', best, works };
    const told = troubles.some((t) => t.kind === 'bad-time') ? troubles : [...troubles, nothing];
    return {
      planned: { stop, ms, way: null, window: null, troubles: told },
      lastMs: all.length === 0 ? null : Math.max(...all.map((w) => (w.toMs >= day.toMs ? Infinity : w.toMs)))
    };
  }
  const pair = dressed(pairAtStop(outing, stop), stop, way);
  const { windows } = pairDay(pair, day, way.support);
  const window = windows.find((w) => ms >= w.from.likelyMs - EDGE_MS && ms <= w.to.likelyMs + EDGE_MS);
  const presses = pressesOf(stop);
  const fit = window ? pressesFrom(ms, window, outing, presses) : presses;
  const under = skiesOf(day).filter((sky) => {
    const serving = servingAt(pair, lightUnderSky(day, sky)(ms), way.support);
    return serving?.serves !== true;
  });
  return {
    planned: {
      ...{ stop, ms, way, window: window ?? null },
      troubles: [
        ...troubles,
        ...(under.length > 0 ? [{ kind: 'not-under', skies: under } as const] : []),
        ...(fit < presses ? [{ kind: 'runs-out', fit, presses } as const] : [])
      ]
    },
    lastMs: Math.max(ms, ...windows.map(endOf))
  };
}

/** When a window closes; Infinity = it is still open when the day is over. */
const endOf = ({ to, openAtEnd }: Window): number => (openAtEnd ? Infinity : to.likelyMs);

/** Edges of windows are sharp to a quarter of a minute. */
const EDGE_MS = 60_000;

function pressesFrom(ms: number, window: Window, { pair }: OutingPair, presses: number): number {
  const rest = { fromMs: Math.max(ms, window.from.likelyMs), toMs: window.to.likelyMs };
  const each = (at: number): number => secondsAt(window.parts, at);
  return fitsIn(rest, each, BETWEEN_SECONDS, presses, pair.situation.film).frames;
}

/** The pair with what is carried for a way, and nothing else. */
function dressed(pair: PlanPair, { purpose }: Stop, { steps }: StopWay): PlanPair {
  const byLight = isServedByFilters(purpose);
  const filters = steps.flatMap((s) => (s.kind === 'filter' ? [s.filter] : []));
  const fixed = steps.filter((s) => s.kind !== 'filter' || !byLight);
  // which of its filters a purpose takes goes with the light
  const atHand = byLight ? { ...pair.atHand, filters } : pair.atHand;
  return { ...pair, atHand, situation: fixed.reduce(applied, pair.situation) };
}

function hasOwnFlash({ pairs }: OutingKit, key: string): boolean {
  const flash = pairs.find((p) => p.key === key)?.pair.situation.camera.flash.kind;
  return flash === 'switch' || flash === 'automatic';
}
