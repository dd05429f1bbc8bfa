// Works an outing out off the main thread.
import { sceneById } from '#core/light/scenes.ts';
import type { Outing } from '#core/plan/outing.ts';
import { outingPlan, type OutingPlan } from '#core/plan/outing-plan.ts';
import type { OutingPair } from '#core/plan/stop-ways.ts';
import { serve } from './serve.ts';

/** An outing and the cameras that could come along. */
export interface OutingQuestion {
  readonly outing: Outing;
  readonly pairs: readonly OutingPair[];
}

serve<OutingQuestion, OutingPlan>(self, function* ({ outing, pairs }, progress) {
  const lampsOf = (id: string) => {
    const scene = sceneById(id);
    return scene && { lv: scene.lv, contrast: scene.contrast };
  };
  yield outingPlan(outing, { pairs, lampsOf }, progress);
});
