// What helps the pair in use, and what the light ahead still holds: many sums, asked of a worker when the light rests.
import type { CoursePoint } from '#core/sky/events.ts';
import { invalidateAll } from '$app/navigation';
import { atHandFrom } from '#core/advice/at-hand.ts';
import type { Remedy, RemedyStep } from '#core/advice/remedy.ts';
import { timeText } from '#core/sky/zone.ts';
import type { LightChoice, NamedPlace } from '#core/ways/choice.ts';
import type { AdviceAnswer, AdviceQuestion } from '../../../workers/advice.ts';
import { changeLoad } from '../api.ts';
import { WorkerLine } from '../worker/line.ts';
import type { Current } from '../current.svelte.ts';
import { isOutdoors } from '../light/outdoors.ts';
import { withFocus, type Judged } from '../current-judge.ts';
import { sayDone, sayTrouble } from '../notices/say.ts';
import { sayRemedy } from '../text/say-remedy.ts';

/** What is done elsewhere, or not at all: it is said, and nothing is counted yet. */
const SAID: ReadonlySet<RemedyStep['kind']> = new Set(['film', 'reading', 'test', 'not-today']);
/** Within this the last advice is near enough to stand until the next is there. */
const SAME_LIGHT_STOPS = 1;
/** The page waited for the light to rest already. */
const REST_MS = 30;

/** Whether a remedy can be done at once, on the camera or in the notes of the film. */
export function isDoable(remedy: Remedy): boolean {
  return remedy.steps.every((s) => !SAID.has(s.kind));
}

/** How the light will go on, where a place is known and the sky has a part in it: the sky's sums are fetched for that alone. */
async function courseOf(light: LightChoice, place: NamedPlace | null): Promise<readonly CoursePoint[]> {
  if (!isOutdoors(light.way) || (!place && light.way.kind !== 'sun')) return [];
  // without it there is advice all the same, but none for the hours ahead
  const sky = await import('../light/course-ahead.ts').catch(() => null);
  return sky?.courseAhead(light, place, Date.now()) ?? [];
}

/** The advice on a page, from the first question to the remedy that is taken. */
export class Adviser {
  answer = $state.raw<AdviceAnswer | null>(null);
  readonly #current: Current;
  #asked: { readonly loadId: string; readonly lv: number } = { loadId: '', lv: 0 };
  readonly #line = new WorkerLine<AdviceQuestion, AdviceAnswer>(
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
    () => new Worker(new URL('../../../workers/advice.ts', import.meta.url), { type: 'module' })
  );

  constructor(current: Current) {
    this.#current = current;
  }

  /** Ends the worker. */
  stop(): void {
    this.#line.stop();
  }

  /** Asks for advice when the light has rested. @returns what takes the question back */
  ask({ situation, pair, light }: Judged): () => void {
    const { films, things, settings, leftAt } = this.#current;
    // what was said of another pair or another light is not what helps here
    const { loadId } = pair;
    if (loadId !== this.#asked.loadId || Math.abs(light.lv - this.#asked.lv) > SAME_LIGHT_STOPS)
      this.answer = null;
    this.#asked = { loadId, lv: light.lv };
    let back = (): void => undefined;
    let isAsked = true;
    const askNow = async (): Promise<void> => {
      const course = await courseOf(light, settings.place);
      if (!isAsked) return;
      const question: AdviceQuestion = {
        ...{ type: 'advice', situation },
        present: withFocus(pair.camera, pair.present, leftAt),
        atHand: atHandFrom(films, things, course),
        leastChance: settings.leastChance
      };
      back = this.#line.ask(question, { part: (answer) => this.#hear(answer) });
    };
    const timer = setTimeout(() => void askNow(), REST_MS);
    return () => {
      isAsked = false;
      clearTimeout(timer);
      back();
    };
  }

  #hear(answer: AdviceAnswer): void {
    // until the second half is there, the last word on the evening stays
    const { enough = null } = this.answer ?? {};
    this.answer = { ...answer, enough: answer.enough ?? enough };
    // the second half has it, and says nothing where the camera stands already
    if (answer.enough) this.#current.standing = answer.standing;
  }

  /** A moment as the clocks at the place show it. */
  readonly clock = (ms: number): string => {
    const { light, settings } = this.#current;
    const zone = light.way.kind === 'sun' ? light.way.place.zone : settings.place?.zone;
    return timeText(ms, zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
  };

  /** Takes up what can be done at once. */
  async take(remedy: Remedy, judged: Judged): Promise<void> {
    const wait = remedy.steps.find((s) => s.kind === 'wait');
    if (wait) {
      await this.#look(wait.until);
      return;
    }
    const development = remedy.steps.find((s) => s.kind === 'development');
    const rest = remedy.steps.filter((s) => s.kind !== 'development');
    if (rest.length > 0) {
      this.#current.apply(rest);
      if (!development)
        sayDone(`${sayRemedy(remedy, this.clock)}: counted from now on.`, () => this.#current.takeBack());
    }
    if (development) await this.#develop(judged, development.stops);
  }

  /** The light as it will be then: what is shown is for that hour, until the light now is taken again. */
  async #look(until: CoursePoint): Promise<void> {
    const current = this.#current;
    const now = current.light;
    const { way, contrast } = now;
    const then: LightChoice =
      way.kind === 'sun'
        ? (await import('#core/ways/choice-from-sun.ts')).choiceFromSun({ ...way, ms: until.ms })
        : { lv: until.lv, sdStops: until.sdStops, contrast, way: { kind: 'hand' } };
    current.light = then;
    current.pointed = null;
    sayDone(`Shown as it will be at ${this.clock(until.ms)}.`, () => (current.light = now));
  }

  /** Push or pull holds for the whole roll: it is noted on it as its development, to be told to the lab. */
  async #develop({ pair }: Judged, stops: number): Promise<void> {
    const { film, loadId } = pair;
    const note = async (shiftStops: number): Promise<boolean> => {
      const development = { developer: '', dilution: '', minutes: null, temperatureC: null, shiftStops };
      // the one that the page shows by then: taking it back follows the noting
      const { loadRevision } = this.#current.pair ?? pair;
      const changed = await changeLoad(loadId, { development }, loadRevision);
      if (!changed.ok) sayTrouble(changed.error.words);
      await invalidateAll();
      return changed.ok;
    };
    if (await note(film.developmentStops + stops)) {
      sayDone(`Noted on this roll of ${film.name}: tell the lab.`, () => void note(film.developmentStops));
    }
    this.#current.pointed = null;
  }
}
