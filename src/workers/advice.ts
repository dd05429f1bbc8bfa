// What takes many sums, off the main thread: remedies and fitting film speeds for one situation.
import type { Choice } from '#core/camera/setting.ts';
import { fittingSpeeds, type FittingSpeeds } from '#core/match/film-speeds.ts';
import type { AtHand } from '#core/match/at-hand.ts';
import { remediesFor, type Remedy } from '#core/match/remedies.ts';
import type { Situation } from '#core/match/situation.ts';

/** What is asked; the number comes back with the answer, so that a late one can be told. */
export interface AdviceQuestion {
  readonly type: 'advice';
  readonly number: number;
  readonly situation: Situation;
  readonly present: Choice;
  readonly atHand: AtHand;
}

/** The answer. */
export interface AdviceAnswer {
  readonly type: 'advice';
  readonly number: number;
  readonly remedies: readonly Remedy[];
  readonly speeds: FittingSpeeds | null;
}

self.onmessage = (event: MessageEvent<AdviceQuestion>): void => {
  const { number, situation, present, atHand } = event.data;
  const answer: AdviceAnswer = {
    type: 'advice',
    number,
    remedies: remediesFor(situation, present, atHand),
    speeds: fittingSpeeds(situation, present)
  };
  self.postMessage(answer);
};
