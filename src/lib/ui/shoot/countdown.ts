// A long exposure held by hand: lead-in, whole seconds, the end. Elapsed time is read from the clock each time, never summed
// up, so that it is right after a sleep or a hidden tab.

/** Seconds of lead-in: time to put a finger on the release. */
export const LEAD_SECONDS = 3;

/** Where the count is. `lead`: counts down to opening. `open`: the shutter is open. `closed`: it has been closed. */
export type CountdownPhase = 'idle' | 'lead' | 'open' | 'closed';

/** What happens at a tick. */
export type CountdownEvent =
  | { readonly event: 'lead'; readonly left: number }
  | { readonly event: 'open' }
  | { readonly event: 'second'; readonly second: number }
  | { readonly event: 'time-is-up' };

/** A count. `now` is in milliseconds from any one start, rising. */
export class Countdown {
  readonly seconds: number;
  #startedAt: number | null = null;
  #closedAt: number | null = null;
  #told = -Infinity;

  /** @param seconds to hold open, > 0 @throws {RangeError} otherwise */
  constructor(seconds: number) {
    if (!(seconds > 0 && Number.isFinite(seconds)))
      throw new RangeError(`seconds must be a finite number above 0, got ${seconds}`);
    this.seconds = seconds;
  }

  /** Begins the lead-in. */
  start(now: number): void {
    this.#startedAt = now + LEAD_SECONDS * 1000;
    this.#closedAt = null;
    this.#told = -LEAD_SECONDS - 1;
  }

  /** The shutter was closed. @returns seconds it was open, never below 0 */
  close(now: number): number {
    this.#closedAt ??= now;
    return this.elapsed(now);
  }

  /** Seconds since opening; negative in the lead-in, 0 while idle. */
  elapsed(now: number): number {
    if (this.#startedAt === null) return 0;
    const seconds = ((this.#closedAt ?? now) - this.#startedAt) / 1000;
    return this.#closedAt === null ? seconds : Math.max(0, seconds);
  }

  phase(now: number): CountdownPhase {
    if (this.#startedAt === null) return 'idle';
    if (this.#closedAt !== null) return 'closed';
    return now < this.#startedAt ? 'lead' : 'open';
  }

  /** What has happened since the last tick: at most the newest of each whole second, so that a late tick does not rattle. */
  tick(now: number): readonly CountdownEvent[] {
    if (this.#startedAt === null || this.#closedAt !== null) return [];
    const whole = Math.floor(this.elapsed(now) + 1e-9);
    if (whole <= this.#told) return [];
    const before = this.#told;
    this.#told = whole;
    if (whole < 0) return [{ event: 'lead', left: -whole }];
    const end = Math.ceil(this.seconds - 1e-9);
    if (before < 0) return [{ event: 'open' }];
    if (before < end && whole >= end) return [{ event: 'time-is-up' }];
    return whole < end ? [{ event: 'second', second: whole }] : [];
  }
}
