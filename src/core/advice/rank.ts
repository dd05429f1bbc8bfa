// Which of a camera's settings to use, by the chance of the whole frame. Settings with lighten–darken off its middle stand aside
// unless they gain much. Among peers – settings about as likely, and about as likely to be good – what a photographer would
// rather do decides: where everything is still anyway the smaller aperture, which forgives the focus; else the shorter time.
import { allSettings, changesBetween, type Choice, type Setting } from '../camera/setting.ts';
import { aimStops } from '../chance/aim.ts';
import type { Chances } from '../chance/automatic-chance.ts';
import { candidateOf, type Candidate, type FrameAt } from '../chance/candidate.ts';
import { certainFailure, stillnessAt } from '../chance/conditions.ts';
import { prepare, type Prepared } from '../chance/prepared.ts';
import { judgeCandidate, LIKELY, type Verdict } from '../chance/verdict.ts';
import { errorSd, type Situation } from '../error/situation.ts';
import { purposeMeasure } from './purpose.ts';

/** Settings this close to the best are its peers, and at least this share of it. */
const PEER_POINTS = 0.05;
const PEER_SHARE = 0.8;
/** Settings this close to the best may serve a purpose. */
const PURPOSE_POINTS = 0.15;
/** Lighten–darken off its middle has to gain this much. */
const EXTRA_GAIN = 0.1;
/** Less than this is no chance at all. */
const NO_CHANCE = 0.01;
/** What depth may cost where the lens is focused by sight, of the chance. */
const DEPTH_POINTS = 0.015;
/** Nobody closes an aperture further for an ordinary frame than such a time allows, seconds. Common practice, no source. */
const LONGEST_FOR_DEPTH = 1;
/** Hand and subject are still for sure. */
const STILL = 0.98;

interface Tried {
  readonly candidate: Candidate;
  readonly chances: Chances;
  readonly isExtra: boolean;
}

/**
 * All settings of the camera, best first.
 * @param present where the controls stand now; counts against moving them when nothing else decides; {} = nothing is known
 * @returns at least one verdict for a camera without faults
 */
export function rankSettings(situation: Situation, present: Choice): readonly Verdict[] {
  const prepared = prepare(situation);
  const { lv } = situation.light;
  const tried = triedAt(lv, candidatesOf(prepared, present), false);
  const first = orderedPeers({ prepared, present, lv }, tried);
  const chosen = new Set(first);
  const rest = tried.filter((t) => !chosen.has(t)).sort((a, b) => b.chances.usable - a.chances.usable);
  return [...first, ...rest].map((t) => judgeCandidate(prepared, t.candidate));
}

/** The best setting, or null for a camera that has none. */
export function bestSetting(situation: Situation, present: Choice): Verdict | null {
  const prepared = prepare(situation);
  const best = bestAt({ prepared, present, lv: situation.light.lv }, candidatesOf(prepared, present));
  return best ? judgeCandidate(prepared, best.candidate) : null;
}

/** Where settings are compared: a situation, where the controls stand, and a light in place of the situation's own. */
export interface Place {
  readonly prepared: Prepared;
  readonly present: Choice;
  readonly lv: number;
}

/** The settings worth trying, ready to be asked about any light. */
export function candidatesOf(prepared: Prepared, present: Choice): readonly Candidate[] {
  return settingsFor(prepared.situation, present).map((setting) => candidateOf(prepared, setting));
}

/** The best of some candidates at a light; null for none. `most`: the greatest chance among them, of which the best may be a peer. */
export function bestAt(
  place: Place,
  candidates: readonly Candidate[]
): { readonly candidate: Candidate; readonly most: number } | null {
  const tried = triedAt(place.lv, candidates, true);
  const [best] = orderedPeers(place, tried);
  return best ? { candidate: best.candidate, most: bestOf(tried) } : null;
}

/** Whether any of some candidates reaches a chance at a light: quicker than asking for the best. @param least 0…1 */
export function reaches(lv: number, candidates: readonly Candidate[], least: number): boolean {
  return candidates.some((c) => c.boundAt(lv) >= least && c.chancesAt(lv).usable >= least);
}

/** The settings worth trying: focus is tried too when it is what the purpose is about. */
export function settingsFor(situation: Situation, present: Choice): readonly Setting[] {
  return allSettings(situation.camera, present, situation.purpose === 'most-in-focus');
}

/** @param onlyBest leaves out what cannot come near the best of its own kind */
function triedAt(lv: number, candidates: readonly Candidate[], onlyBest: boolean): readonly Tried[] {
  // the best so far with lighten–darken in the middle, and off it
  const least = [0, 0];
  return candidates.flatMap((candidate): readonly Tried[] => {
    const isExtra = candidate.setting.compensationStops !== 0 || candidate.setting.overridden;
    const kind = isExtra ? 1 : 0;
    const most = least[kind] ?? 0;
    if (onlyBest && most > PURPOSE_POINTS && candidate.boundAt(lv) < Math.min(LIKELY, most - PURPOSE_POINTS))
      return [];
    const chances = candidate.chancesAt(lv);
    least[kind] = Math.max(most, chances.usable);
    return [{ candidate, chances, isExtra }];
  });
}

const bestOf = (tried: readonly Tried[]): number => tried.reduce((p, t) => Math.max(p, t.chances.usable), 0);

/** What may be chosen from, in order. */
function orderedPeers(place: Place, all: readonly Tried[]): readonly Tried[] {
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
function hopeless({ prepared, lv }: Place, all: readonly Tried[]): readonly Tried[] {
  const { limits } = prepared;
  const keyed = all.map((tried) => {
    const { setting } = tried.candidate;
    const { exposure, deltaStops }: FrameAt = tried.candidate.frameAt(lv);
    const key = [
      certainFailure(limits, setting, exposure.seconds) ? 1 : 0,
      Math.round(100 * Math.abs(deltaStops - aimAt(prepared, tried))),
      Math.abs(setting.compensationStops),
      exposure.seconds
    ];
    return { tried, key };
  });
  return keyed.sort((a, b) => compareKeys(a.key, b.key)).map((k) => k.tried);
}

function compareKeys(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] ?? 0) - (b[i] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}
