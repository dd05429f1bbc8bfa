// A camera that sets itself, hand and subject in one: the time hangs on its reading x = LV + o + w, so what is still stands
// inside the integral over x. Given x, the error is normal (closed form); over x Gauss–Legendre, piece by piece of the camera's
// answer, trimmed to where the window can be met, with as many nodes as the steepest of its parts asks for.
import { gaussLegendre, type Quadrature } from '../numeric/gauss-legendre.ts';
import { quickBetween } from '../numeric/quick-cdf.ts';
import type { FilmWindow } from '../film/window.ts';
import type { Piece } from './pieces.ts';

/** Chances 0…1 of one setting: its exposure, and with each further condition. */
export interface Chances {
  /** Exposure in the usable window. */
  readonly exposure: number;
  /** And the shutter not locked. */
  readonly released: number;
  /** And the hand still. */
  readonly held: number;
  /** And the subject still. */
  readonly still: number;
  /** And the subject in focus: the whole frame. */
  readonly usable: number;
  /** The whole frame in the good window. */
  readonly good: number;
}

/** What of hand, subject and focus hangs on what the camera gives. */
export interface ConditionsAt {
  readonly hand: (wanted: number) => number;
  readonly subject: (wanted: number) => number;
  readonly focus: (wanted: number) => number;
  /** Sum of 1/spread² of those of hand and subject that hang on the time, spreads of its logarithm. */
  readonly steepness: number;
}

/** The light and the reading. */
export interface ReadingModel {
  readonly meanWanted: number;
  /** > 0: an eye always strays from the subject’s light. */
  readonly wantedSd: number;
  /** Share of a surprise in the reading that is the light's own. */
  readonly share: number;
  /** One sd of the error given the reading, > 0. */
  readonly givenSd: number;
  /** Mean error + EVset − r(t) when the reading is at its mean, stops. */
  readonly atMean: number;
}

/** Reading sds over which the sum runs. */
const SPAN = 4.5;
/** Errors this many sds beyond the window count for nothing. */
const WINDOW_SPAN = 5;
const NODES_PER_UNIT = 0.8;
const [LEAST_NODES, MOST_NODES] = [4, 40];
/** ln 2: by how much the logarithm of the time moves with a stop. */
const LN2 = Math.LN2;

const rules = new Map<number, Quadrature>();
function ruleOf(nodes: number): Quadrature {
  const known = rules.get(nodes);
  if (known) return known;
  const rule = gaussLegendre(nodes);
  rules.set(nodes, rule);
  return rule;
}

/** @param locked whether the shutter stays shut below its longest time */
export function automaticChances(
  pieces: readonly Piece[],
  model: ReadingModel,
  { usable, good }: FilmWindow,
  conditions: ConditionsAt,
  locked: boolean
): Chances {
  const { meanWanted, wantedSd, share, givenSd, atMean } = model;
  const sum = { exposure: 0, released: 0, held: 0, still: 0, usable: 0, good: 0 };
  const add = (wanted: number, weight: number, mean: number, isLocked: boolean): void => {
    const exposed = weight * quickBetween(mean, givenSd, usable.lo, usable.hi);
    if (exposed === 0) return;
    sum.exposure += exposed;
    if (isLocked) return;
    sum.released += exposed;
    const hand = conditions.hand(wanted);
    sum.held += exposed * hand;
    const subject = hand * conditions.subject(wanted);
    sum.still += exposed * subject;
    const all = subject * conditions.focus(wanted);
    sum.usable += exposed * all;
    sum.good += weight * quickBetween(mean, givenSd, good.lo, good.hi) * all;
  };
  for (const [index, piece] of pieces.entries()) {
    const slope = share - piece.beta;
    const meanAt = (wanted: number): number =>
      atMean + share * (wanted - meanWanted) - piece.alpha - piece.beta * wanted;
    const isLocked = locked && index === 0;
    // the readings for which the error is near the window; all of them, or none, where it does not move with the reading
    const zero = meanAt(0);
    const a = (usable.lo - WINDOW_SPAN * givenSd - zero) / slope;
    const b = (usable.hi + WINDOW_SPAN * givenSd - zero) / slope;
    const from = Math.max(piece.from, meanWanted - SPAN * wantedSd, Math.min(a, b));
    const to = Math.min(piece.to, meanWanted + SPAN * wantedSd, Math.max(a, b));
    if (!(to > from)) continue;
    const steep = piece.beta === 0 ? 0 : LN2 ** 2 * conditions.steepness;
    const edge = (slope / givenSd) ** 2;
    const unit = 1 / Math.sqrt(1 / wantedSd ** 2 + edge + steep);
    const count = Math.min(
      MOST_NODES,
      Math.max(LEAST_NODES, Math.ceil((NODES_PER_UNIT * (to - from)) / unit))
    );
    const { nodes, weights } = ruleOf(count);
    const [half, middle] = [(to - from) / 2, (to + from) / 2];
    const scale = half / (wantedSd * Math.sqrt(2 * Math.PI));
    for (let i = 0; i < count; i++) {
      const wanted = middle + half * (nodes[i] ?? 0);
      const z = (wanted - meanWanted) / wantedSd;
      add(wanted, (weights[i] ?? 0) * scale * Math.exp((-z * z) / 2), meanAt(wanted), isLocked);
    }
  }
  return sum;
}
