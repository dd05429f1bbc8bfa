// An outing for the calendar of a device: each stop that something does, from its hour until its frames are taken.
import type { Pair } from '#core/log/pair.ts';
import { BETWEEN_SECONDS } from '#core/plan/fits.ts';
import { pressesOf, type Outing } from '#core/plan/outing.ts';
import type { OutingPlan } from '#core/plan/outing-plan.ts';
import { sayPair, sayStopWindow, sayTrouble, sayWay } from './say-outing.ts';

/** The text of an iCalendar file with an event for each stop. @param nowMs when it is made */
export async function calendarOfOuting(
  outing: Outing,
  { stops }: OutingPlan,
  pairs: readonly Pair[],
  nowMs: number
): Promise<string> {
  const { calendarOf } = await import('../calendar.ts');
  return calendarOf(
    stops.flatMap((planned) => {
      const { stop, ms, way, troubles } = planned;
      if (ms === null) return [];
      const pair = pairs.find((p) => p.loadId === way?.key);
      const each = (way?.verdict.exposure.seconds ?? 0) + BETWEEN_SECONDS;
      const { zone, name } = stop.place;
      return [
        {
          ...{ fromMs: ms, toMs: ms + 1000 * pressesOf(stop) * each, zone, nowMs, place: name },
          title: `${outing.name}: ${stop.subject === '' ? name : stop.subject}`,
          notes: [
            pair && way ? `${sayPair(pair)}, ${sayWay(pair.camera, way)}` : '',
            sayStopWindow(planned),
            ...troubles.map((t) => sayTrouble(t, zone, () => 'Another camera'))
          ]
        }
      ];
    })
  );
}
