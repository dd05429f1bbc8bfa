// Times of version 14: UTC without a zone, some of them unreadable.
import type { Database } from 'better-sqlite3';

const INSTANT = /^(\d{4}-\d\d-\d\d)T(\d\d:\d\d)(:\d\d(\.\d+)?)?Z$/;

/** Reads old times, and gives them the clocks they were shown by. */
export class Times {
  readonly now = new Date().toISOString();
  /** The clocks of the place that was last summed up, else those of this machine. */
  readonly zone: string;
  readonly #days = new Map<string, Intl.DateTimeFormat>();

  constructor(db: Database) {
    const row = db.prepare("select value from setting where name = 'place'").get() as
      { readonly value: string } | undefined;
    const place = row ? (JSON.parse(row.value) as { readonly zone?: string } | null) : null;
    const host = new Intl.DateTimeFormat().resolvedOptions().timeZone;
    this.zone = this.isZone(place?.zone) ? (place?.zone ?? 'UTC') : host;
  }

  /** Whether a zone is known. */
  isZone(zone: unknown): boolean {
    if (typeof zone !== 'string' || zone === '') return false;
    try {
      new Intl.DateTimeFormat('en', { timeZone: zone });
      return true;
    } catch {
      return false;
    }
  }

  /** The instant in one way of writing; null = it is none. */
  instant(text: string): string | null {
    const match = INSTANT.exec(text);
    const ms = Date.parse(text);
    if (!match || Number.isNaN(ms)) return null;
    const again = new Date(ms).toISOString();
    return again.startsWith(`${match[1] ?? ''}T${match[2] ?? ''}`) ? again : null;
  }

  /** The day that the clocks of a zone showed. */
  day(instant: string, zone: string): string {
    let format = this.#days.get(zone);
    if (!format) {
      format = new Intl.DateTimeFormat('en-CA', {
        ...{ timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }
      });
      this.#days.set(zone, format);
    }
    return format.format(new Date(instant));
  }
}
