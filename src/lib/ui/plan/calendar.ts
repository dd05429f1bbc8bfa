// A window as an event for a calendar (iCalendar, RFC 5545): instants in UTC, so that every calendar shows them on its own
// clocks, and the times at the place in words beside them.
import ical, { ICalAlarmType } from 'ical-generator';
import { timeText } from '#core/sky/zone.ts';

/** A window as the calendar gets it. */
export interface CalendarWindow {
  /** Milliseconds since 1970. */
  readonly fromMs: number;
  readonly toMs: number;
  /** Of the place. */
  readonly zone: string;
  /** When the event is made. */
  readonly nowMs: number;
  readonly title: string;
  readonly place: string;
  readonly notes: readonly string[];
}

/** How long before it opens the calendar calls, seconds: to get there and set up. */
const CALL_SECONDS = 45 * 60;

/** The text of an iCalendar file with an event and its alarm for each window. */
export function calendarOf(windows: readonly CalendarWindow[]): string {
  const calendar = ical({ prodId: { company: 'Just Enough', product: 'Plan' } });
  windows.forEach(({ fromMs, toMs, zone, nowMs, title, place, notes }, i) => {
    const times = `${timeText(fromMs, zone)}–${timeText(toMs, zone)} at ${place} (${zone})`;
    const event = calendar.createEvent({
      id: `${fromMs}-${toMs}-${nowMs}-${i}@just-enough`,
      start: new Date(fromMs),
      end: new Date(toMs),
      stamp: new Date(nowMs),
      summary: title,
      location: place,
      description: [times, ...notes.filter((n) => n !== '')].join('\n')
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: CALL_SECONDS, description: title });
  });
  return calendar.toString();
}
