// Time zones by name, as the host's own tables know them: light enough for every page.

/**
 * Whether a zone is known here.
 * @param zone a time-zone name
 * @returns false for an empty one
 */
export function isZone(zone: string): boolean {
  if (zone === '') return false;
  try {
    clockOf(zone);
    return true;
  } catch {
    return false;
  }
}

/** Making a clock takes longer than reading it: each zone's is made once. There are some six hundred names. */
const clocks = new Map<string, Intl.DateTimeFormat>();

/** @throws {RangeError} for an unknown zone */
function clockOf(zone: string): Intl.DateTimeFormat {
  const before = clocks.get(zone);
  if (before) return before;
  const clock = new Intl.DateTimeFormat('en-GB', {
    ...{ timeZone: zone, hourCycle: 'h23', year: 'numeric', month: '2-digit', day: '2-digit' },
    ...{ hour: '2-digit', minute: '2-digit' }
  });
  clocks.set(zone, clock);
  return clock;
}

/** Date and time of day as the clocks of a zone show a moment: "2026-09-12 18:40". @throws {RangeError} for an unknown zone */
export function clockText(ms: number, zone: string): string {
  const parts = clockOf(zone).formatToParts(new Date(ms));
  const part = (type: Intl.DateTimeFormatPartTypes): string =>
    parts.find((p) => p.type === type)?.value ?? '';
  return `${part('year')}-${part('month')}-${part('day')} ${part('hour')}:${part('minute')}`;
}

/**
 * The time of day alone: "18:40".
 * @param ms milliseconds since 1970 @param zone a time-zone name
 */
export function timeText(ms: number, zone: string): string {
  return clockText(ms, zone).slice(-5);
}

/**
 * The clocks of where this runs: the phone's or the server's own.
 * @returns a time-zone name
 */
export function zoneHere(): string {
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  return isZone(timeZone) ? timeZone : 'UTC';
}
