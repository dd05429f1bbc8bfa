// What every page shares: the pair in use and the light now, and everything the core says about them.
import { getContext, setContext } from 'svelte';
import { isLeftAlone } from '#core/camera/position.ts';
import type { Picture } from './picture/picture.svelte.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { Eye } from '#core/learn/eye.ts';
import type { Contrast } from '#core/light/contrast.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import type { Pair } from '#core/log/pair.ts';
import type { Filter } from '#core/error/filters.ts';
import { PLAIN, type Circumstances } from '#core/error/circumstances.ts';
import { reachOf } from '#core/advice/reach.ts';
import type { Reach } from '#core/advice/reach-shape.ts';
import { applied, type RemedyStep } from '#core/advice/remedy.ts';
import type { Conditions } from '#core/error/situation.ts';
import {
  lightKindOf,
  STARTING_LIGHT,
  type LightChoice,
  type LightWay,
  type SunWay
} from '#core/ways/choice.ts';
import { agedLight, TOLD_MINUTES } from '#core/ways/told.ts';
import { FIRST_SETTINGS, type Settings } from '#schema/settings/settings.ts';
import type { RecentFrame } from './light/recent.ts';
import { judgePair, reachOfPair, troubleOf, withFocus, type Judged, type Reached } from './current-judge.ts';

const KEY = Symbol('current');
/** One for all moves: what looks at how the light was found has nothing to do while it is dragged. */
const BY_HAND: LightWay = { kind: 'hand' };

/** A light that was told. */
export interface Told {
  readonly light: LightChoice;
  /** Milliseconds since 1970. */
  readonly atMs: number;
}

/** The shared state. One per page load, made by the layout. */
export class Current {
  // replaced whole: a light is one value, never changed in part. What else hangs on it than how much it is stands beside it in
  // values of their own: while the marker is dragged they stay, and whatever is drawn from them is not even asked
  #light = $state.raw<LightChoice>(STARTING_LIGHT);
  #sdStops = $state.raw(STARTING_LIGHT.sdStops);
  #contrast = $state.raw(STARTING_LIGHT.contrast);
  #lightKind = $state.raw(lightKindOf(STARTING_LIGHT.way));
  /** The contrast that the light came with. */
  #ownContrast: Contrast = STARTING_LIGHT.contrast;

  /** The light that the person told last, and when; null = nobody told any. */
  told = $state.raw<Told | null>(null);
  /** The clock as it was last looked at, milliseconds since 1970: a light that was told grows old. */
  nowMs = $state.raw(Date.now());
  /** Whether the light is told: not, before anybody does, and half an hour after. */
  readonly isTold: boolean = $derived(
    this.told !== null && this.nowMs - this.told.atMs <= TOLD_MINUTES * 60_000
  );
  /** The contrast of the subject where the person said it: it holds however the light is told; null = as the light has it. */
  contrastSaid = $state.raw<Contrast | null>(null);
  /** The moment that was last asked for from sun and sky: it stays when the light is found another way. */
  planned: SunWay | null = null;
  /** The light as guessed and sealed before it is read; null = no guess. */
  guess = $state.raw<LightChoice | null>(null);
  /** What the guess or the setting goes by, noted with the next frame. */
  reason = $state('');
  /** What the person said of the frame beside light: purpose, distance, support, filters … */
  asked = $state.raw<Conditions>({});

  /** The remedy that is pointed at, to be seen on the rule before it is taken. */
  pointed = $state.raw<readonly RemedyStep[] | null>(null);
  /** The reach with the camera on something, as it was worked out last; null = not yet, or it stands already. */
  standing = $state.raw<Reach | null>(null);
  #before = $state.raw<readonly Conditions[]>([]);

  pair = $state.raw<Pair | null>(null);
  /** Every film of the kit: what else could be loaded. */
  films = $state.raw<readonly Film[]>([]);
  /** What the program remembers of the person. */
  settings = $state.raw<Settings>(FIRST_SETTINGS);
  /** What the person's guesses say of their eye, where lights are corrected by it; null = they are not. */
  eye = $state.raw<Eye | null>(null);
  /** The latest frames of all films. */
  recent = $state.raw<readonly RecentFrame[]>([]);
  /** The light by the clock where it was last summed up, as the server or this page worked it out last; null = not yet. */
  outdoors = $state.raw<LightChoice | null>(null);
  /** The rest of the bag: filters, flashes, supports. */
  things = $state.raw<readonly Thing[]>([]);
  /** The person's own scene, as a phone's picture; null = none is in hand. */
  scene = $state.raw<Picture | null>(null);
  /** The setting the person picked over the advice; null = the advice. */
  picked = $state.raw<Choice | null>(null);
  /** How long a time on B or T is counted, seconds; null = as its mark says. */
  countSeconds = $state.raw<number | null>(null);
  /** Where focus and lens were put; advice leaves them there. */
  leftAt = $state.raw<Choice>({});

  /** What is true beside camera, film and light. */
  readonly conditions: Conditions = $derived.by(() => {
    const circumstances = { ...PLAIN, ...this.asked.circumstances, lightKind: this.#lightKind };
    const { steadiness = this.settings.steadiness } = this.asked;
    return {
      ...this.asked,
      ...(steadiness === 1 ? {} : { steadiness }),
      circumstances: { ...circumstances, filters: this.#filters(circumstances.filters) }
    };
  });
  // the reach does not depend on where the light is, only on how sure it is
  readonly reached: Reached | null = $derived.by(() => this.#findReach());

  readonly judged: Judged | null = $derived.by(() => this.#judge());
  /** The reach with the remedy that is pointed at; null = none is. */
  readonly ghost: Reach | null = $derived.by(() => {
    const { judged, pointed } = this;
    if (!judged || !pointed) return null;
    const after = pointed.reduce(applied, judged.situation);
    return reachOf(after, withFocus(after.camera, judged.pair.present, this.leftAt));
  });
  /** Why the pair in use cannot be judged, in words; '' when it can. */
  readonly trouble: string = $derived(this.pair ? troubleOf(this.pair) : '');

  constructor(light: LightChoice, pair: Pair | null, films: readonly Film[]) {
    this.light = light;
    this.pair = pair;
    this.films = films;
  }

  /** The light now; where nobody told it, the one that answers begin with. */
  get light(): LightChoice {
    return this.#light;
  }
  set light(light: LightChoice) {
    const { contrastSaid } = this;
    this.#ownContrast = light.contrast;
    this.#light = contrastSaid === null ? light : { ...light, contrast: contrastSaid };
    this.#sdStops = light.sdStops;
    this.#contrast = this.#light.contrast;
    this.#lightKind = lightKindOf(light.way);
  }

  /** Says how far lights and darks of the subject are apart; null: as the light usually has it. */
  sayContrast(contrast: Contrast | null): void {
    this.contrastSaid = contrast;
    this.light = { ...this.#light, contrast: contrast ?? this.#ownContrast };
  }

  /** Takes a light up that the person tells now. */
  tell(light: LightChoice): void {
    this.light = light;
    this.nowMs = Date.now();
    this.told = { light, atMs: this.nowMs };
  }

  /** The light as a frame that is logged now is noted with it; null = nobody told it, or longer ago than light lasts. */
  lightToLog(nowMs: number): LightChoice | null {
    const { told, light } = this;
    return told === null ? null : agedLight(light, nowMs - told.atMs);
  }

  /** How sure the light is, one sd in stops. */
  get sdStops(): number {
    return this.#sdStops;
  }

  /** The contrast of the light. */
  get contrast(): Contrast {
    return this.#contrast;
  }

  /** Takes up a remedy: what can be done at once is true from now on. */
  apply(steps: readonly RemedyStep[]): void {
    const { judged } = this;
    if (!judged) return;
    this.#before = [...this.#before, this.asked];
    const after = steps.reduce(applied, judged.situation);
    const { circumstances, support, distanceBy, lamp, light } = after;
    // a lamp that is moved, or bared, is another light
    if (light.lv !== judged.situation.light.lv) this.tell({ ...this.light, lv: light.lv });
    this.asked = {
      ...this.asked,
      ...(circumstances ? { circumstances } : {}),
      ...(support === undefined ? {} : { support }),
      ...(distanceBy === undefined ? {} : { distanceBy }),
      ...(lamp === undefined ? {} : { lamp })
    };
    this.picked = null;
    this.countSeconds = null;
    this.pointed = null;
  }

  /** How many remedies can be taken back. */
  get applied(): number {
    return this.#before.length;
  }

  /** Takes the last remedy back. */
  takeBack(): void {
    const before = this.#before.at(-1);
    if (!before) return;
    this.#before = this.#before.slice(0, -1);
    this.asked = before;
  }

  /** Changes some of what is true beside camera, film and light. */
  ask(circumstances: Partial<Circumstances>): void {
    this.asked = {
      ...this.asked,
      circumstances: { ...PLAIN, ...this.asked.circumstances, ...circumstances }
    };
  }

  /** Seals the light as it stands as a guess: what is read next is compared with it. */
  seal(): void {
    this.guess = this.light;
  }

  /** Moves the marker to a light value; how sure it is stays. Held at the ends of the scale. */
  moveLight(lv: number): void {
    const held = Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv));
    const { light } = this;
    if (light.lv !== held || light.way !== BY_HAND) this.tell({ ...light, lv: held, way: BY_HAND });
  }

  /** Puts one control at a position: the rest stays as shown. */
  pick(controlId: string, position: number): void {
    const { judged } = this;
    if (!judged) return;
    const control = judged.pair.camera.controls.find((c) => c.id === controlId);
    if (control && isLeftAlone(control.acts)) this.leaveAt(controlId, position);
    else {
      this.picked = { ...judged.shown.setting.choice, [controlId]: position };
      this.countSeconds = null;
    }
  }

  /** Puts focus or lens where advice is to leave it. */
  leaveAt(controlId: string, position: number): void {
    this.leftAt = { ...this.leftAt, [controlId]: position };
  }

  /** Takes a pair up: what was picked belonged to the last one. @param films, things of the whole kit */
  take(pair: Pair | null, films: readonly Film[], things: readonly Thing[] = []): void {
    this.films = films;
    this.things = things;
    if (pair?.loadId !== this.pair?.loadId) {
      this.picked = null;
      this.countSeconds = null;
      this.leftAt = {};
      this.standing = null;
      // filters, support and purpose belonged to the last camera
      this.asked = {};
      this.sayContrast(null);
      this.#before = [];
      this.pointed = null;
    }
    this.pair = pair;
  }

  /** The filters on the camera with the one that lies on its pack. */
  #filters(own: readonly Filter[]): readonly Filter[] {
    const { packFilter } = this.pair ?? {};
    return packFilter?.on ? [...own, { name: packFilter.name, stops: packFilter.stops, place: 'pack' }] : own;
  }

  #findReach(): Reached | null {
    const { pair } = this;
    if (!pair || troubleOf(pair) !== '') return null;
    return reachOfPair(
      pair,
      { sdStops: this.#sdStops, contrast: this.#contrast },
      this.conditions,
      this.leftAt
    );
  }

  /** Where the controls stand, if that is known of all: what is set while nobody has told the light. */
  #stands(): Choice | null {
    const { camera, present } = this.pair ?? {};
    return camera && present && camera.controls.every((c) => c.id in present) ? present : null;
  }

  #judge(): Judged | null {
    const { reached, light } = this;
    if (!reached) return null;
    const judged = judgePair(light, reached, {
      ...{ choice: this.picked ?? (this.isTold ? null : this.#stands()), leftAt: this.leftAt },
      conditions: this.conditions
    });
    // nothing is advised for a light that nobody told
    return judged && !this.isTold ? { ...judged, advice: judged.shown } : judged;
  }
}

/** Makes the shared state available to every component below. */
export function provideCurrent(current: Current): Current {
  return setContext(KEY, current);
}

/** The shared state. @throws {Error} outside the layout that provides it */
export function useCurrent(): Current {
  const current = getContext<Current | undefined>(KEY);
  if (!current) throw new Error('useCurrent must be called below the layout that provides the current state');
  return current;
}
