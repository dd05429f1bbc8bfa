// The error that the best setting would have at each light of a view: what the rule draws as tones.
import { deltaAt } from '#core/advice/reach.ts';
import type { Reach } from '#core/advice/reach-shape.ts';
import type { Situation } from '#core/error/situation.ts';
import type { View } from './view.ts';

/** Errors at `count` evenly spaced lights of the view, each with the setting that serves there. */
export function deltasAlong(
  view: View,
  count: number,
  reach: Reach,
  situation: Situation
): readonly number[] {
  return Array.from({ length: count }, (_, i) => {
    const lv = view.from + ((view.to - view.from) * i) / (count - 1);
    const serving = reach.services.find((s) => lv <= s.to) ?? reach.services.at(-1);
    return serving ? deltaAt(situation, serving.setting, lv) : 0;
  });
}
