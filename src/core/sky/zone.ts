// Time zones by name, as the host's own tables know them: light enough for every page.

/** Whether a zone is known here. */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return zone !== '';
  } catch {
    return false;
  }
}

/** Date and time of day as the clocks of a zone show a moment: "2026-09-12 18:40". @throws {RangeError} for an unknown zone */
export function clockText(ms: number, zone: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', {
    ...{ timeZone: zone, hourCycle: 'h23', year: 'numeric', month: '2-digit', day: '2-digit' },
    ...{ hour: '2-digit', minute: '2-digit' }
  }).formatToParts(new Date(ms));
  const part = (type: Intl.DateTimeFormatPartTypes): string =>
    parts.find((p) => p.type === type)?.value ?? '';
  return `${part('year')}-${part('month')}-${part('day')} ${part('hour')}:${part('minute')}`;
}

/** The time of day alone: "18:40". */
export function timeText(ms: number, zone: string): string {
  return clockText(ms, zone).slice(-5);
}

/** The clocks of where this runs: the phone's or the server's own. */
export function zoneHere(): string {
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  return isZone(timeZone) ? timeZone : 'UTC';
}
