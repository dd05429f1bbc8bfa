// The chance by day and hour off the main thread, week by week so that it can be broken off.
import { chanceMap, type ChanceMap, type MapDays } from '#core/plan/chance-map.ts';
import type { PlanPair } from '#core/plan/serving.ts';
import { serve } from './serve.ts';

/** The pairs that are compared, and the days. */
export interface ChancesQuestion {
  readonly pairs: readonly PlanPair[];
  readonly span: MapDays;
}

/** How far it is, 0…1, and in the end the chances. */
export type ChancesAnswer =
  { readonly part: 'share'; readonly share: number } | ({ readonly part: 'map' } & ChanceMap);

serve<ChancesQuestion, ChancesAnswer>(self, function* ({ pairs, span }) {
  const steps = chanceMap(pairs, span);
  let step = steps.next();
  while (step.done !== true) {
    yield { part: 'share', share: step.value };
    step = steps.next();
  }
  yield { part: 'map', ...step.value };
});
