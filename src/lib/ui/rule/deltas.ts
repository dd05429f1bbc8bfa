// The error that the best setting would have at each light of a view: what the rule draws as tones.
import type { Reach, Service } from '#core/match/reach.ts';
import { centreLv } from '#core/match/reach.ts';
import type { Situation } from '#core/match/verdict.ts';
import type { View } from './view.ts';

/** Errors at `count` evenly spaced lights of the view, with the setting that serves each. */
export function deltasAlong(
  view: View,
  count: number,
  reach: Reach,
  situation: Situation
): readonly number[] {
  const centres = reach.services.map((s) => ({ to: s.to, centre: centreOf(s, situation) }));
  return Array.from({ length: count }, (_, i) => {
    const lv = view.from + ((view.to - view.from) * i) / (count - 1);
    const serving = centres.find((c) => lv <= c.to) ?? centres.at(-1);
    return serving ? lv - serving.centre : 0;
  });
}

function centreOf(service: Service, situation: Situation): number {
  return centreLv(situation, service.setting);
}
