// The ways to take the frames of a stop with what is owned: each pair in the hand and set down, bare, with each filter, with a
// flash; with another film only where nothing else does it. Each way says what has to be carried for it.
import { isServedByFilters } from '../advice/purpose-served.ts';
import { applied, type RemedyStep } from '../advice/remedy.ts';
import { flashUses } from '../advice/remedy-steps.ts';
import { setsItself } from '../camera/camera.ts';
import { misfitsOf } from '../camera/fits.ts';

import { sharedFormat } from '../chance/conditions.ts';
import type { Verdict } from '../chance/verdict.ts';
import type { Support } from '../error/situation.ts';
import { crossingLengths } from './crossing.ts';
import type { DayPoint } from './day-light.ts';
import type { Stop } from './outing.ts';
import { servingAt, situationAt, type PlanPair } from './serving.ts';

/** A loaded camera that could come along. */
export interface OutingPair {
  /** Of its load. */
  readonly key: string;
  readonly pair: PlanPair;
  /** Frames left on its film, ≥ 0. */
  readonly framesLeft: number;
}

/** A way to take the frames of a stop. */
export interface StopWay {
  /** Of the pair. */
  readonly key: string;
  readonly support: Support;
  /** Filters, flash or film to put on. */
  readonly steps: readonly RemedyStep[];
  readonly verdict: Verdict;
  /** Whether it is worth pressing for, and the purpose reached. */
  readonly serves: boolean;
}

/** Something that has to be carried. */
export type Item =
  | { readonly kind: 'camera'; readonly key: string }
  | { readonly kind: 'filter'; readonly name: string; readonly stops: number }
  | { readonly kind: 'flash'; readonly name: string }
  | { readonly kind: 'film'; readonly id: string; readonly name: string }
  | { readonly kind: 'support' };

const HELD = ['hand', 'standing'] as const satisfies readonly Support[];

/**
 * A pair asked for what a stop is about.
 * @returns a new pair with the purpose of the stop, and the lengths that hold its mover
 */
export function pairAtStop(
  { pair }: OutingPair,
  { purpose, mover }: Pick<Stop, 'purpose' | 'mover'>
): PlanPair {
  const { camera, film } = pair.situation;
  const format = sharedFormat(camera, film) ?? camera.formats[0];
  const trails = mover && format ? crossingLengths(format, camera.focalMm, mover) : null;
  return { ...pair, situation: { ...pair.situation, purpose, ...(trails ? { trails } : {}) } };
}

/**
 * Every way that a light leaves to a stop, those that serve and those that do not.
 * @param pairs those of the outing @param point the moment, with its light
 * @returns by pair and by how the camera is held
 */
export function waysOfStop(
  pairs: readonly OutingPair[],
  stop: Pick<Stop, 'purpose' | 'mover' | 'loadId'>,
  point: DayPoint
): readonly StopWay[] {
  const asked = pairs
    .filter(({ key }) => stop.loadId === null || stop.loadId === key)
    .map((outing) => ({ key: outing.key, pair: pairAtStop(outing, stop) }));
  const bare = asked.flatMap(({ key, pair }) =>
    HELD.flatMap((support): readonly StopWay[] => {
      const serving = servingAt(pair, point, support);
      return serving ? [{ key, support, ...serving }] : [];
    })
  );
  const isBare = (key: string, support: Support): boolean =>
    bare.some((w) => w.key === key && w.support === support && w.serves);
  const dressed = asked.flatMap(({ key, pair }) =>
    HELD.filter((support) => !isBare(key, support)).flatMap((support) =>
      dressedWays(key, pair, point, support, stepsFor(pair, point, support))
    )
  );
  const ways = [...bare, ...dressed];
  if (ways.some((w) => w.serves)) return ways;
  const refilled = asked.flatMap(({ key, pair }) =>
    HELD.flatMap((support) => dressedWays(key, pair, point, support, filmsFor(pair)))
  );
  return [...ways, ...refilled];
}

/** Filters and flashes that may help; a purpose that filters serve has tried them already. */
function stepsFor(pair: PlanPair, point: DayPoint, support: Support): readonly RemedyStep[] {
  const { situation, atHand } = pair;
  const { camera, purpose = 'good-frame' } = situation;
  const place = setsItself(camera) ? 'lens-and-eye' : 'lens';
  const filters = isServedByFilters(purpose)
    ? []
    : atHand.filters.map(({ name, stops }): RemedyStep => ({
        kind: 'filter',
        filter: { name, stops, place }
      }));
  const flashes =
    purpose === 'good-frame' && support === 'hand'
      ? flashUses(situationAt(pair, point, support), atHand).map((flash): RemedyStep => ({
          kind: 'flash',
          flash
        }))
      : [];
  return [...filters, ...flashes];
}

function filmsFor({ situation: { camera, film }, atHand }: PlanPair): readonly RemedyStep[] {
  return atHand.films
    .filter((f) => f.id !== film.id && misfitsOf(camera, f).length === 0)
    .map((f): RemedyStep => ({ kind: 'film', film: f }));
}

function dressedWays(
  key: string,
  pair: PlanPair,
  point: DayPoint,
  support: Support,
  steps: readonly RemedyStep[]
): readonly StopWay[] {
  return steps.flatMap((step): readonly StopWay[] => {
    const changed = { ...pair, situation: applied(pair.situation, step) };
    const serving = servingAt(changed, point, support);
    return serving ? [{ key, support, ...serving, steps: [step, ...serving.steps] }] : [];
  });
}

/** What a way needs carried. @param isOwn whether a flash is the camera's own */
export function itemsOf({ key, support, steps }: StopWay, isOwn: boolean): readonly Item[] {
  return [
    { kind: 'camera', key },
    ...(support === 'standing' ? [{ kind: 'support' } as const] : []),
    ...steps.flatMap((step): readonly Item[] => {
      if (step.kind === 'filter') {
        const { name, stops } = step.filter;
        return [{ kind: 'filter', name, stops }];
      }
      if (step.kind === 'flash') return isOwn ? [] : [{ kind: 'flash', name: step.flash.unit.name }];
      return step.kind === 'film' ? [{ kind: 'film', id: step.film.id, name: step.film.name }] : [];
    })
  ];
}

/**
 * The same for the same thing.
 * @returns equal for what is packed once
 */
export function itemKey(item: Item): string {
  switch (item.kind) {
    case 'camera':
      return `camera ${item.key}`;
    case 'filter':
      return `filter ${item.stops} ${item.name}`;
    case 'flash':
      return `flash ${item.name}`;
    case 'film':
      return `film ${item.id}`;
    case 'support':
      return 'support';
  }
}
