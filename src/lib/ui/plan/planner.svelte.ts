// The plan of a day: asked of a worker when the day or the kit changes, heard in parts.
import { atHandFrom } from '#core/advice/at-hand.ts';
import { setsItself } from '#core/camera/camera.ts';
import { PLAIN } from '#core/error/circumstances.ts';
import type { Purpose, Support } from '#core/error/situation.ts';
import { withUsualFocus } from '#core/focus/focused.ts';
import type { Thing } from '#core/kit/thing.ts';
import type { Pair } from '#core/log/pair.ts';
import type { BandPoint, PlanDay } from '#core/plan/day-light.ts';
import type { PlanPair } from '#core/plan/serving.ts';
import type { PlanAnswer, PlanQuestion } from '../../../workers/plan.ts';
import { WorkerLine } from '../worker/line.ts';

/** The ways of holding a camera that are planned apart. */
export const LANES = ['hand', 'standing'] as const satisfies readonly Support[];
/** @see LANES */
export type Lane = (typeof LANES)[number];

/** What is known of one pair, held in some way. */
export type PlannedLane = Extract<PlanAnswer, { readonly part: 'pair' }>;

/** What a pair is planned with. */
export interface PlanKit {
  readonly things: readonly Thing[];
  readonly leastChance: number;
  readonly steadiness: number;
  readonly purpose: Purpose;
}

/** A pair as it is planned: as its controls stand, with the filter on its pack, and only filters that are owned. */
export function planPair(pair: Pair, { things, leastChance, steadiness, purpose }: PlanKit): PlanPair {
  const { camera, film, present, packFilter } = pair;
  const owned = things.some((t) => t.data.kind === 'filter');
  const atHand = atHandFrom([], things);
  const filters = packFilter?.on
    ? [{ name: packFilter.name, stops: packFilter.stops, place: 'pack' as const }]
    : [];
  return {
    situation: {
      ...{ camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal', purpose },
      ...(steadiness === 1 ? {} : { steadiness }),
      circumstances: { ...PLAIN, filters }
    },
    present: withUsualFocus(camera, present),
    atHand: { ...atHand, filters: owned ? atHand.filters : [] },
    leastChance
  };
}

/** The plan on a page. */
export class Planner {
  band = $state.raw<readonly BandPoint[]>([]);
  lanes = $state.raw<Readonly<Record<string, PlannedLane>>>({});
  /** How far the answer is, 0…1; null = it is there. */
  progress = $state.raw<number | null>(0);
  /** Why there is no answer; '' = there is one, or it is on its way. */
  trouble = $state('');
  readonly #line = new WorkerLine<PlanQuestion, PlanAnswer>(
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
    () => new Worker(new URL('../../../workers/plan.ts', import.meta.url), { type: 'module' })
  );

  /** Ends the worker. */
  stop(): void {
    this.#line.stop();
  }

  /** What is planned for a pair; null while that is not known. */
  lane(key: string, lane: Lane): PlannedLane | null {
    return this.lanes[`${key} ${lane}`] ?? null;
  }

  /** Asks for the plan of a day. @returns what takes the question back */
  ask(day: PlanDay, pairs: readonly Pair[], kit: PlanKit): () => void {
    this.progress = 0;
    this.trouble = '';
    const question: PlanQuestion = {
      day,
      pairs: pairs.map((p) => ({ key: p.loadId, pair: planPair(p, kit) })),
      supports: LANES
    };
    let fresh: Readonly<Record<string, PlannedLane>> = {};
    return this.#line.ask(question, {
      part: (answer) => {
        if (answer.part === 'light') {
          this.band = answer.band;
          return;
        }
        fresh = { ...fresh, [`${answer.key} ${answer.support}`]: answer };
        // what was planned before stays until its successor is there: nothing jumps while a field is changed
        this.lanes = { ...this.lanes, ...fresh };
      },
      progress: (share) => (this.progress = share),
      done: () => {
        this.lanes = fresh;
        this.progress = null;
      },
      failed: (words) => {
        this.progress = null;
        this.trouble = words;
      }
    });
  }
}

/** Whether a camera is any different on something than in the hand. */
export function standsApart({ camera }: Pick<Pair, 'camera'>): boolean {
  return camera.transport.kind !== 'cine' && (setsItself(camera) || camera.controls.length > 0);
}
