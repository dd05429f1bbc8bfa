// What every page shares: the pair in hand and the light now, and everything the core says about them.
import { getContext, setContext } from 'svelte';
import type { Camera } from '#core/camera/camera.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import type { Film } from '#core/film/film.ts';
import { filmFaults } from '#core/film/faults.ts';
import { explainCameraFault, explainFilmFault } from '#schema/words.ts';
import { settingOf, type Choice } from '#core/camera/setting.ts';
import { withUsualFocus } from '#core/focus/focused.ts';
import { printTone, type PrintTone } from '#core/film/print.ts';
import { filmWindow } from '#core/film/window.ts';
import { choiceFromShadow, READING_SD, STARTING_LIGHT, type LightChoice } from '#core/light/choice.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import type { LightModifiers, ShadowClue } from '#core/light/shadow-edge.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { Pair } from '#core/log/pair.ts';
import { bestSetting } from '#core/match/rank.ts';
import { reachOf } from '#core/match/reach.ts';
import type { Reach } from '#core/match/reach-shape.ts';
import type { Situation } from '#core/match/situation.ts';
import { judge, type Verdict } from '#core/match/verdict.ts';

/** A pair with the light on it: what the verdict and the light rule are made from. */
export interface Judged {
  readonly pair: Pair;
  readonly situation: Situation;
  readonly advice: Verdict;
  /** The setting shown: the person's own if they picked one, else the advice. */
  readonly shown: Verdict;
  readonly reach: Reach;
  readonly tone: PrintTone;
}

const KEY = Symbol('hand');

/** The shared state. One per page load, made by the layout. */
export class Hand {
  // replaced whole: a light is one value, never changed in part
  light = $state.raw<LightChoice>(STARTING_LIGHT);

  pair = $state.raw<Pair | null>(null);
  /** Every film of the kit: what else could be loaded. */
  films = $state.raw<readonly Film[]>([]);
  /** The rest of the bag: filters, flashes, supports. */
  things = $state.raw<readonly Thing[]>([]);
  /** The setting the person picked over the advice; null = the advice. */
  picked = $state.raw<Choice | null>(null);
  /** Where the focus stands, by position number; it does not change the advice. */
  focus = $state<number | null>(null);

  // the reach does not depend on where the light is, only on how sure it is: dragging the marker leaves it alone
  #sd = $derived(this.light.sdStops);
  #contrast = $derived(this.light.contrast);
  #reach: Reach | null = $derived.by(() => this.#findReach());

  readonly judged: Judged | null = $derived.by(() => this.#judge());
  /** Why the pair in hand cannot be judged, in words; '' when it can. */
  readonly trouble: string = $derived(this.pair ? troubleOf(this.pair) : '');

  constructor(light: LightChoice, pair: Pair | null, films: readonly Film[]) {
    this.light = light;
    this.pair = pair;
    this.films = films;
  }

  /** Light from a shadow edge. */
  seeShadow(clue: ShadowClue, modifiers: LightModifiers): void {
    this.light = choiceFromShadow(clue, modifiers);
  }

  /** Light from a reading. @param text as typed @param lv as understood */
  read(text: string, lv: number): void {
    const { contrast } = this.light;
    this.light = { lv, sdStops: READING_SD, contrast, way: { kind: 'reading', text } };
  }

  /** Moves the marker to a light value; how sure it is stays. Held at the ends of the scale. */
  moveLight(lv: number): void {
    const held = Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv));
    this.light = { ...this.light, lv: held, way: { kind: 'hand' } };
  }

  /** Puts one control at a position: the rest stays as shown. */
  pick(controlId: string, position: number): void {
    const { judged } = this;
    if (!judged) return;
    const control = judged.pair.camera.controls.find((c) => c.id === controlId);
    if (control?.acts === 'focus') this.focus = position;
    else this.picked = { ...judged.shown.setting.choice, [controlId]: position };
  }

  /** Takes a pair up: what was picked belonged to the last one. @param films, things of the whole kit */
  take(pair: Pair | null, films: readonly Film[], things: readonly Thing[] = []): void {
    this.films = films;
    this.things = things;
    if (pair?.loadId !== this.pair?.loadId) {
      this.picked = null;
      this.focus = null;
    }
    this.pair = pair;
  }

  #findReach(): Reach | null {
    const { pair } = this;
    if (!pair || troubleOf(pair) !== '') return null;
    const { camera, film } = pair;
    const light = { lv: 0, sdStops: this.#sd };
    return reachOf(
      { camera, film, light, contrast: this.#contrast },
      withFocus(camera, pair.present, this.focus)
    );
  }

  #judge(): Judged | null {
    const { pair, light } = this;
    if (!pair || troubleOf(pair) !== '') return null;
    const { camera, film } = pair;
    const situation: Situation = { camera, film, light, contrast: light.contrast };
    const present = withFocus(camera, pair.present, this.focus);
    const advice = bestSetting(situation, present);
    const reach = this.#reach;
    if (!advice || !reach) return null;
    const own = this.picked && settingOf(camera, withFocus(camera, this.picked, this.focus));
    return {
      pair,
      situation,
      advice,
      shown: own ? judge(situation, own) : advice,
      reach,
      tone: printTone(film, filmWindow(film, light.contrast).usable)
    };
  }
}

function troubleOf(pair: Pair): string {
  const faults = [
    ...filmFaults(pair.film).map(explainFilmFault),
    ...cameraFaults(pair.camera).map(explainCameraFault)
  ];
  return faults.join(' ');
}

function withFocus(camera: Camera, choice: Choice, focus: number | null): Choice {
  const control = camera.controls.find((c) => c.acts === 'focus');
  return withUsualFocus(camera, control && focus !== null ? { ...choice, [control.id]: focus } : choice);
}

/** Makes the shared state available to every component below. */
export function provideHand(hand: Hand): Hand {
  return setContext(KEY, hand);
}

/** The shared state. @throws {Error} outside the layout that provides it */
export function useHand(): Hand {
  const hand = getContext<Hand | undefined>(KEY);
  if (!hand) throw new Error('useHand must be called below the layout that provides the hand');
  return hand;
}
