// How still a hand holds, in words.
import type { Steadiness } from '#core/learn/steadiness.ts';
import { formatDecimal } from '#core/units/decimal.ts';

/** A factor known within so much, one sd of its logarithm, may be counted with. */
const SURE_SD = 0.25;

/** Whether enough is known to count with it. */
export function handIsSure({ sd, frames }: Steadiness): boolean {
  return frames > 0 && sd <= SURE_SD;
}

/** What the frames say, and what would say more. */
export function sayHandLearned(hand: Steadiness): string {
  const { factor, sd, frames, blurred } = hand;
  const quick =
    'Quickest: the same still thing four times by hand, at the longest time you hold and at two, four and eight times that; mark what is blurred.';
  if (frames === 0)
    return `Nothing yet. Films on which you judge every frame tell it: mark the blurred ones. ${quick}`;
  const from = `From ${frames} ${frames === 1 ? 'frame' : 'frames'} by hand, ${blurred} blurred, of films on which you judged every frame`;
  const [low, high] = [factor * Math.exp(-sd), factor * Math.exp(sd)].map((f) => formatDecimal(f, 1));
  const said = `${from}: you hold ${formatDecimal(factor, 1)} times as long as most (${low ?? ''} to ${high ?? ''}).`;
  return handIsSure(hand) ? said : `${said} That is not sure yet. ${quick}`;
}
