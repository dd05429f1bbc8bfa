// Place, time and sky while they are being entered: what they come to, or what is still needed. The last good light stays.
import type { Facing, Ground, SkyScene, ToldSky } from '#core/sky/sky-scene.ts';
import {
  lightCourse,
  skyEvents,
  whenLightPasses,
  type CoursePoint,
  type SkyEvent
} from '#core/sky/events.ts';
import { dayFromWords, timeFromWords } from '#core/sky/day-words.ts';
import { momentOf, wallClock } from '#core/sky/wall-clock.ts';
import { parseDecimal } from '#core/units/decimal.ts';
import type { NamedPlace, SunWay } from '#core/ways/choice.ts';
import { explainClock } from './say-sun.ts';

const HOUR_MS = 3_600_000;
/** How far ahead the course is told. */
const AHEAD_MS = 12 * HOUR_MS;

/** The entry. */
export class SunDraft {
  place = $state.raw<NamedPlace | null>(null);
  date = $state('');
  time = $state('');
  /** The sky as the person sees it; any, until they say. */
  sky = $state<ToldSky>('unsaid');
  facing = $state<Facing>('front');
  ground = $state<Ground>('ground');
  /** A light value whose moment is asked for, as typed. */
  wanted = $state('');
  /** Which of two moments is meant, where clocks change. */
  meant = $state<'earlier' | 'later' | null>(null);

  readonly #moment = $derived.by(() => {
    if (!this.place) return null;
    const { zone } = this.place;
    const date = dayFromWords(this.date, wallClock(Date.now(), zone).date);
    const time = timeFromWords(this.time);
    // what is not understood is refused as it was typed
    return momentOf(date ?? this.date, time ?? this.time, zone);
  });
  /** The moment, milliseconds since 1970; null while it is not known. */
  readonly ms: number | null = $derived.by(() => {
    const moment = this.#moment;
    if (moment === null) return null;
    if (moment.ok) return moment.value;
    const { error } = moment;
    if (error.problem !== 'skipped' && error.problem !== 'doubled') return null;
    return this.meant === null ? null : this.meant === 'earlier' ? error.earlierMs : error.laterMs;
  });
  /** Two moments to choose from where clocks change; null elsewhere. */
  readonly choices = $derived.by(() => {
    const moment = this.#moment;
    if (moment === null || moment.ok || !this.place) return null;
    const { error } = moment;
    if (error.problem !== 'skipped' && error.problem !== 'doubled') return null;
    const { zone } = this.place;
    const name = (ms: number): string => `${wallClock(ms, zone).time} (UTC${wallClock(ms, zone).offset})`;
    return { earlier: name(error.earlierMs), later: name(error.laterMs) };
  });
  /** What is still needed, in words; '' when nothing is. */
  readonly trouble: string = $derived(
    this.#moment === null || this.#moment.ok ? '' : explainClock(this.#moment.error)
  );
  /** The whole way; null while something is needed. */
  readonly way: SunWay | null = $derived.by(() => {
    const { place, ms, sky, facing, ground } = this;
    return place && ms !== null ? { kind: 'sun', place, ms, sky, facing, ground } : null;
  });
  /** Hour by hour from the moment on. */
  readonly course: readonly CoursePoint[] = $derived.by(() => {
    const { place, ms } = this;
    if (!place || ms === null) return [];
    return lightCourse({ fromMs: ms, toMs: ms + AHEAD_MS, stepMs: HOUR_MS }, place, () => this.#scene());
  });
  readonly events: readonly SkyEvent[] = $derived(
    this.place && this.ms !== null ? skyEvents(this.ms, this.ms + 24 * HOUR_MS, this.place) : []
  );
  /** When the light passes the wanted value: a moment, null = not within the hours ahead, '' = nothing asked. */
  readonly passing: number | null | '' = $derived.by(() => {
    const lv = parseDecimal(this.wanted);
    const { place, ms } = this;
    if (lv === null || !place || ms === null) return '';
    return whenLightPasses(lv, { fromMs: ms, toMs: ms + AHEAD_MS }, place, () => this.#scene());
  });

  /** @param way a sum that was made before @param place where the light was last summed up */
  constructor(way: SunWay | null, place: NamedPlace | null) {
    this.place = way?.place ?? place;
    if (way) {
      this.sky = way.sky;
      this.facing = way.facing;
      this.ground = way.ground;
    }
    this.setMoment(way?.ms ?? Date.now());
  }

  /** Puts date and time to a moment, on the clocks of the place. */
  setMoment(ms: number): void {
    const { date, time } = wallClock(
      ms,
      this.place?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone
    );
    this.date = date;
    this.time = time;
    this.meant = null;
  }

  /** Takes up another place; the moment stays what its clocks would show now. */
  moveTo(place: NamedPlace): void {
    const { ms } = this;
    this.place = place;
    this.setMoment(ms ?? Date.now());
  }

  #scene(): SkyScene {
    const { sky, facing, ground } = this;
    return { sky, facing, ground };
  }
}
