// In which order settings that were tried are preferred: lighten–darken off its middle has to gain much; among peers – settings
// about as likely, and about as likely to be good – what a photographer would rather do decides: where everything is still anyway
// the smaller aperture, which forgives the focus; else the shorter time.
import { changesBetween } from '../camera/setting.ts';
import { aimStops } from '../chance/aim.ts';
import type { FrameAt } from '../chance/candidate.ts';
import { certainFailure, stillnessAt } from '../chance/conditions.ts';
import type { Prepared } from '../chance/prepared.ts';
import { LIKELY } from '../chance/verdict.ts';
import { errorSd } from '../error/situation.ts';
import {
  bestOf,
  NO_CHANCE,
  PEER_POINTS,
  PEER_SHARE,
  PURPOSE_POINTS,
  type Place,
  type Tried
} from './contenders.ts';
import { purposeMeasure } from './purpose.ts';

/** Lighten–darken off its middle has to gain this much. */
const EXTRA_GAIN = 0.1;
/** What depth may cost where the lens is focused by sight, of the chance. */
const DEPTH_POINTS = 0.015;
/** Nobody closes an aperture further for an ordinary frame than such a time allows, seconds. Common practice, no source. */
const LONGEST_FOR_DEPTH = 1;
/** Hand and subject are still for sure. */
const STILL = 0.98;

/**
 * What may be chosen from, in order.
 * @param all candidates with their chances
 * @returns the best first; not empty unless `all` is
 */
export function orderedPeers(place: Place, all: readonly Tried[]): readonly Tried[] {
  const { prepared, lv } = place;
  const plain = all.filter((t) => !t.isExtra);
  const [withExtras, without] = [bestOf(all), bestOf(plain)];
  const needed =
    plain.length === 0 ||
    withExtras >= without + EXTRA_GAIN ||
    (withExtras >= NO_CHANCE && without < withExtras / 2);
  const tried = needed ? all : plain;
  const best = needed ? withExtras : without;
  if (best < NO_CHANCE) return hopeless(place, all);
  const { purpose = 'good-frame' } = prepared.situation;
  if (purpose === 'good-frame') return sorted(place, peersOf(tried, best));
  const serving = tried.filter(
    (t) => t.chances.usable >= best - PURPOSE_POINTS || t.chances.usable >= LIKELY
  );
  const frames = new Map(serving.map((t) => [t, t.candidate.frameAt(lv)]));
  const measures = new Map(
    [...frames].map(([t, frame]) => [
      t,
      purposeMeasure(prepared, t.candidate.setting, frame, aimAt(prepared, t))
    ])
  );
  const order = sorted(place, serving);
  // the sort is stable: what the purpose leaves open is decided as for any frame
  return [...order].sort((a, b) => (measures.get(a) ?? 0) - (measures.get(b) ?? 0));
}

function peersOf(tried: readonly Tried[], best: number): readonly Tried[] {
  const near = tried.filter(
    ({ chances: { usable } }) => usable >= best - PEER_POINTS && usable >= best * PEER_SHARE
  );
  const good = near.reduce((p, t) => Math.max(p, t.chances.good), 0);
  return near.filter((t) => t.chances.good >= good - PEER_POINTS);
}

/** The error worth aiming for hangs on how sure a setting is: settings that are equally sure share it. */
const aims = new WeakMap<Prepared, Map<number, number>>();

function aimAt(prepared: Prepared, { candidate }: Tried): number {
  const known = aims.get(prepared) ?? new Map<number, number>();
  aims.set(prepared, known);
  const { setting } = candidate;
  const counted = setting.timedByHand ? (setting.seconds ?? 0) : 0;
  const before = known.get(counted);
  if (before !== undefined) return before;
  const aim = aimStops(prepared.window.good, errorSd(prepared.situation, true, setting));
  known.set(counted, aim);
  return aim;
}

function sorted(place: Place, peers: readonly Tried[]): readonly Tried[] {
  if (peers.length < 2) return peers;
  const { focusing } = place.prepared.situation.camera;
  // where the distance is a guess, depth is worth as much as peers may differ; where it is seen, it must not show in the chance
  const guessed = focusing.kind === 'scale' || focusing.kind === 'symbols';
  const least = guessed ? 0 : bestOf(peers) - DEPTH_POINTS;
  const keyed = peers.map((tried) => ({ tried, key: keyOf(place, tried, tried.chances.usable >= least) }));
  return keyed.sort((a, b) => compareKeys(a.key, b.key)).map((k) => k.tried);
}

/** Numbers compared from the first on, the less the better. Printed order decides last. */
function keyOf({ prepared, present, lv }: Place, tried: Tried, mayClose: boolean): readonly number[] {
  const { situation, limits } = prepared;
  const { camera } = situation;
  const { setting } = tried.candidate;
  const frame = tried.candidate.frameAt(lv);
  const { seconds, fNumber } = frame.exposure;
  // a smaller aperture is not worth counting seconds for
  const isStill = mayClose && seconds <= LONGEST_FOR_DEPTH && stillnessAt(limits, seconds) >= STILL;
  return [
    tried.isExtra ? 1 : 0,
    ...[isStill ? 0 : 1, isStill ? -fNumber : 0],
    // to a hundredth of a stop: marks of the same name are the same time
    Math.round(100 * Math.log2(seconds)),
    Math.round(100 * Math.abs(frame.deltaStops - aimAt(prepared, tried))),
    Math.abs(setting.compensationStops),
    changesBetween(camera, present, setting.choice)
  ];
}

/** Nothing will come out: what is at least not spoiled for certain, and nearest to right. */
function hopeless(place: Place, all: readonly Tried[]): readonly Tried[] {
  const keyed = all.map((tried) => ({ tried, key: hopelessKey(place, tried) }));
  return keyed.sort((a, b) => compareKeys(a.key, b.key)).map((k) => k.tried);
}

/**
 * The first of {@link hopeless}.
 * @param all candidates with their chances
 * @returns undefined only for none
 */
export function nearestToRight(place: Place, all: readonly Tried[]): Tried | undefined {
  let best: { readonly tried: Tried; readonly key: readonly number[] } | undefined;
  for (const tried of all) {
    const key = hopelessKey(place, tried);
    if (!best || compareKeys(key, best.key) < 0) best = { tried, key };
  }
  return best?.tried;
}

function hopelessKey({ prepared, lv }: Place, tried: Tried): readonly number[] {
  const { setting } = tried.candidate;
  const { exposure, deltaStops }: FrameAt = tried.candidate.frameAt(lv);
  return [
    certainFailure(prepared.limits, setting, exposure.seconds) ? 1 : 0,
    Math.round(100 * Math.abs(deltaStops - aimAt(prepared, tried))),
    Math.abs(setting.compensationStops),
    exposure.seconds
  ];
}

function compareKeys(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] ?? 0) - (b[i] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}
