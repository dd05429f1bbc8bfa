// What takes many sums, off the main thread: remedies and fitting film speeds for one situation, and a row of the pairs table.
import type { Choice } from '#core/camera/setting.ts';
import { fittingSpeeds, type FittingSpeeds } from '#core/match/film-speeds.ts';
import { enoughForToday, type Enough } from '#core/match/enough.ts';
import type { AtHand } from '#core/match/at-hand.ts';
import { reachOf } from '#core/match/reach.ts';
import type { LvInterval } from '#core/match/reach-shape.ts';
import { remediesFor, type Remedy } from '#core/match/remedies.ts';
import type { Situation } from '#core/match/situation.ts';

/** What is asked; the number comes back with the answer, so that a late one can be told. */
export interface AdviceQuestion {
  readonly type: 'advice';
  readonly number: number;
  readonly situation: Situation;
  readonly present: Choice;
  readonly atHand: AtHand;
  /** Chance below which the person wants to stop, 0…1. */
  readonly leastChance: number;
}

/** The answer. */
export interface AdviceAnswer {
  readonly type: 'advice';
  readonly number: number;
  readonly remedies: readonly Remedy[];
  readonly speeds: FittingSpeeds | null;
  readonly enough: Enough | null;
}

/** A row of the pairs table: what would help this pair, and in which light it works. */
export interface RowQuestion {
  readonly type: 'row';
  readonly key: string;
  readonly situation: Situation;
  readonly present: Choice;
  readonly atHand: AtHand;
}

/** @see RowQuestion */
export interface RowAnswer {
  readonly type: 'row';
  readonly key: string;
  /** The remedy that brings most; null = nothing is worth it. */
  readonly remedy: Remedy | null;
  readonly likely: readonly LvInterval[];
  readonly possible: readonly LvInterval[];
}

self.onmessage = (event: MessageEvent<AdviceQuestion | RowQuestion>): void => {
  self.postMessage(event.data.type === 'advice' ? advise(event.data) : answerRow(event.data));
};

function advise({ number, situation, present, atHand, leastChance }: AdviceQuestion): AdviceAnswer {
  return {
    type: 'advice',
    number,
    remedies: remediesFor(situation, present, atHand),
    speeds: fittingSpeeds(situation, present),
    enough: enoughForToday(situation, present, atHand.course, leastChance)
  };
}

function answerRow({ key, situation, present, atHand }: RowQuestion): RowAnswer {
  const remedies = remediesFor(situation, present, atHand);
  const [first] = remedies;
  const remedy = first
    ? remedies.reduce((best, r) => (r.verdict.pUsable > best.verdict.pUsable + 0.005 ? r : best), first)
    : null;
  const { likely, possible } = reachOf(situation, present);
  return { type: 'row', key, remedy, likely, possible };
}
