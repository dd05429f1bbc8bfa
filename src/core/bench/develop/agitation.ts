// When the tank is turned over, for how long and how often.

/** How a tank is agitated. */
export interface Scheme {
  /** At the start without a pause, seconds. */
  readonly firstSeconds: number;
  readonly turns: number;
  /** The turns take so long. */
  readonly inSeconds: number;
  /** From the beginning of one to that of the next. */
  readonly everySeconds: number;
}

/** Common practice, no source: gently for staining developers, more briskly for ordinary ones. */
export const SCHEMES = {
  gentle: { firstSeconds: 60, turns: 4, inSeconds: 10, everySeconds: 60 },
  ordinary: { firstSeconds: 30, turns: 5, inSeconds: 5, everySeconds: 30 }
} as const satisfies Readonly<Record<string, Scheme>>;
/** @see SCHEMES */
export type SchemeName = keyof typeof SCHEMES;
/** @see SCHEMES */
export const SCHEME_NAMES = ['gentle', 'ordinary'] as const satisfies readonly SchemeName[];

/** What the hands do at a moment. */
export interface Moment {
  readonly does: 'first' | 'turn' | 'rest' | 'pour-out' | 'done';
  /** Until something else begins, seconds. */
  readonly leftSeconds: number;
}

/** The developer is poured out so long before its time is over: that takes as long. Common practice, no source. */
export const POUR_SECONDS = 10;

/** What the hands do so many seconds after the developer went in. @param totalSeconds in the developer, > 0 */
export function momentAt(scheme: Scheme, totalSeconds: number, seconds: number): Moment {
  if (seconds >= totalSeconds) return { does: 'done', leftSeconds: 0 };
  const pourAt = Math.max(0, totalSeconds - POUR_SECONDS);
  if (seconds >= pourAt) return { does: 'pour-out', leftSeconds: totalSeconds - seconds };
  const until = (end: number, does: Moment['does']): Moment => ({
    does,
    leftSeconds: Math.min(end, pourAt) - seconds
  });
  if (seconds < scheme.firstSeconds) return until(scheme.firstSeconds, 'first');
  const round = Math.floor(seconds / scheme.everySeconds) * scheme.everySeconds;
  // a round that the start runs into is left out
  const isTurning = round >= scheme.firstSeconds && seconds < round + scheme.inSeconds;
  return isTurning ? until(round + scheme.inSeconds, 'turn') : until(round + scheme.everySeconds, 'rest');
}

/**
 * How often the tank is turned over after the start.
 * @param totalSeconds from pouring in to pouring out
 * @returns a whole number ≥ 0
 */
export function roundsOf(scheme: Scheme, totalSeconds: number): number {
  const last = totalSeconds - POUR_SECONDS;
  const from = Math.ceil(scheme.firstSeconds / scheme.everySeconds);
  return Math.max(0, Math.ceil(last / scheme.everySeconds) - from);
}
