// Plans a day off the main thread: its light, and when each pair works in it, a part for each pair and way of holding it.
import type { Support } from '#core/error/situation.ts';
import { dayBand, type BandPoint, type PlanDay } from '#core/plan/day-light.ts';
import type { PlanPair } from '#core/plan/serving.ts';
import { pairDay, type Looked, type Window } from '#core/plan/windows.ts';
import { serve } from './serve.ts';

/** A day and the pairs that it is planned for. */
export interface PlanQuestion {
  readonly day: PlanDay;
  readonly pairs: readonly { readonly key: string; readonly pair: PlanPair }[];
  readonly supports: readonly Support[];
}

/** A part of the plan. */
export type PlanAnswer =
  | { readonly part: 'light'; readonly band: readonly BandPoint[] }
  | {
      readonly part: 'pair';
      readonly key: string;
      readonly support: Support;
      readonly windows: readonly Window[];
      readonly looked: readonly Looked[];
    };

/** Steps of the light's course as it is drawn. */
const DRAWN_MS = 10 * 60_000;

serve<PlanQuestion, PlanAnswer>(self, function* ({ day, pairs, supports }, progress) {
  yield { part: 'light', band: dayBand(day, DRAWN_MS) };
  let done = 0;
  for (const { key, pair } of pairs)
    for (const support of supports) {
      const { windows, looked } = pairDay(pair, day, support);
      yield { part: 'pair', key, support, windows, looked };
      progress(++done / (pairs.length * supports.length));
    }
});
