// What a guess was corrected by, in words.
import { formatThirds, roundToThird } from '#core/units/stops.ts';
import type { ByRecord } from '#core/ways/choice.ts';

/** What a light was corrected by, beside it. */
export function sayCorrection({ biasStops, sdStops }: NonNullable<ByRecord['eye']>): string {
  const by =
    roundToThird(biasStops) === 0
      ? 'left as you called it'
      : `${formatThirds(biasStops)} ${biasStops > 0 ? 'darker' : 'brighter'} than you called it`;
  return `By your own record: ${by}, give or take ${formatThirds(sdStops)}.`;
}
