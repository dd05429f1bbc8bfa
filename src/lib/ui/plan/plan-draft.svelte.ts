// A day as it is being planned: what was typed, what it comes to, and what is still needed. The last good day stays.
import type { Purpose } from '#core/error/situation.ts';
import { sceneById, SCENES } from '#core/light/scenes.ts';
import { BETWEEN_SECONDS } from '#core/plan/fits.ts';
import type { LampFloor, PlanDay } from '#core/plan/day-light.ts';
import { TURN_HOURS } from '#core/plan/outing.ts';
import { dayFromWords, timeFromWords } from '#core/sky/day-words.ts';
import type { Facing, Ground, ToldSky } from '#core/sky/sky-scene.ts';
import { dayBounds, momentOf, wallClock } from '#core/sky/wall-clock.ts';
import { parseDecimal } from '#core/units/decimal.ts';
import { choiceFromReading, type LightChoice, type NamedPlace } from '#core/ways/choice.ts';
import { parseLightReading } from '#core/light/reading-text.ts';
import { explainQuantity } from '#schema/reading/words.ts';
import { explainClock } from '../light/say-sun.ts';

const HOUR_MS = 3_600_000;

/** Lamps that the sky falls towards: scenes that are lit by them, brightest first. */
export const LAMP_SCENES = [...SCENES]
  .filter((s) => s.lamps && s.group === 'night')
  .sort((a, b) => b.lv - a.lv);

/** Stands for lamps that the person has read. */
export const OWN_LAMPS = 'own';

/** The entry. */
export class PlanDraft {
  place = $state.raw<NamedPlace | null>(null);
  /** The day as typed: "today", "tomorrow", "12.9.". */
  date = $state('today');
  sky = $state<ToldSky>('unsaid');
  facing = $state<Facing>('front');
  ground = $state<Ground>('ground');
  /** A scene with lamps; '' = none; {@link OWN_LAMPS} = as they were read. */
  lamps = $state('');
  /** What was read of the lamps, as typed. */
  lampReading = $state('');
  /** When the sun goes off the subject, as typed; '' = it does not. */
  shadeFrom = $state('');
  purpose = $state<Purpose>('good-frame');
  /** Seconds between two frames, as typed. */
  between = $state(String(BETWEEN_SECONDS));
  /** A day begins no later: frames that were taken are looked back at, milliseconds since 1970; null = there are none. */
  sinceMs = $state<number | null>(null);
  /** The clock when the page was opened: a plan for today begins now. */
  readonly #nowMs: number;

  /** @param place where the light was last summed up */
  constructor(place: NamedPlace | null, nowMs: number) {
    this.place = place;
    this.#nowMs = nowMs;
  }

  /** The day asked for, YYYY-MM-DD; null while it is none. */
  readonly #date = $derived.by(() => {
    if (!this.place) return null;
    // before four in the morning it is still last night
    const today = wallClock(this.#nowMs - TURN_HOURS * HOUR_MS, this.place.zone).date;
    return dayFromWords(this.date.trim() === '' ? 'today' : this.date, today);
  });
  readonly #span = $derived.by(() => {
    if (!this.place || this.#date === null) return null;
    const { fromMs, toMs } = dayBounds(this.#date, this.place.zone);
    const [start, end] = [fromMs + TURN_HOURS * HOUR_MS, toMs + TURN_HOURS * HOUR_MS];
    const isNow = this.#nowMs > start && this.#nowMs < end;
    // what is over is not planned
    return { fromMs: isNow ? Math.min(this.#nowMs, this.sinceMs ?? this.#nowMs) : start, toMs: end };
  });
  readonly #shade = $derived.by(() => {
    if (!this.place || this.#date === null || this.shadeFrom.trim() === '') return null;
    return momentOf(this.#date, timeFromWords(this.shadeFrom) ?? this.shadeFrom, this.place.zone);
  });

  readonly #reading = $derived(this.lamps === OWN_LAMPS ? parseLightReading(this.lampReading) : null);
  /** What is wrong with the reading of the lamps. */
  readonly lampTrouble: string = $derived(
    this.#reading && !this.#reading.ok && this.lampReading.trim() !== ''
      ? explainQuantity(this.#reading.error)
      : ''
  );
  /** Their light as it was read; null = it was not, or is not understood. */
  readonly ownLamps: LightChoice | null = $derived(
    this.#reading?.ok === true ? choiceFromReading(this.lampReading.trim(), this.#reading.value) : null
  );
  /** The floor that the falling sky meets. */
  get #lampFloor(): LampFloor | null {
    if (this.ownLamps) return { lv: this.ownLamps.lv, contrast: 'hard' };
    const scene = sceneById(this.lamps);
    return scene && { lv: scene.lv, contrast: scene.contrast };
  }

  /** What is wrong with the day; '' when nothing is. */
  readonly dateTrouble: string = $derived(
    this.place && this.#date === null ? explainClock({ problem: 'bad-date', text: this.date }) : ''
  );
  /** Whether a moment lies on the day of plans that is today. */
  isOn(ms: number): boolean {
    if (!this.place) return false;
    const of = (at: number): string => wallClock(at - TURN_HOURS * HOUR_MS, this.place?.zone ?? 'UTC').date;
    return of(ms) === of(this.#nowMs);
  }
  /** What is wrong with the hour of the shade. */
  readonly shadeTrouble: string = $derived.by(() => {
    const shade = this.#shade;
    if (shade === null || shade.ok) return '';
    const { error } = shade;
    return error.problem === 'doubled' || error.problem === 'skipped' ? '' : explainClock(error);
  });
  /** What is wrong with the seconds between two frames. */
  readonly betweenTrouble: string = $derived(
    this.betweenSeconds === null
      ? `“${this.between}” is no number of seconds. Give 1 to 3600, for winding and waiting.`
      : ''
  );
  /** Seconds between two frames; null while they are none. */
  get betweenSeconds(): number | null {
    const seconds = parseDecimal(this.between);
    return seconds !== null && seconds >= 1 && seconds <= 3600 ? seconds : null;
  }

  /** The day; null while something is needed. */
  readonly day: PlanDay | null = $derived.by(() => {
    const [span, shade] = [this.#span, this.#shade];
    if (!this.place || !span) return null;
    const { sky, facing, ground } = this;
    const { latitude, longitude } = this.place;
    return {
      place: { latitude, longitude },
      ...{ ...span, sky, facing, ground },
      lamps: this.#lampFloor,
      shadeFromMs: shade === null ? null : shade.ok ? shade.value : earlierOf(shade.error)
    };
  });
}

/** Where clocks change the earlier moment is meant: the shade comes once. */
function earlierOf(error: { readonly problem: string; readonly earlierMs?: number }): number | null {
  return error.earlierMs ?? null;
}
