// An outing worked out, asked of a worker whenever it changes.
import { atHandFrom } from '#core/advice/at-hand.ts';
import type { Film } from '#core/film/film.ts';
import type { Pair } from '#core/log/pair.ts';
import type { Outing } from '#core/plan/outing.ts';
import type { OutingPlan } from '#core/plan/outing-plan.ts';
import type { OutingQuestion } from '../../../../workers/outing.ts';
import { WorkerLine } from '../../worker/line.ts';
import { planPair, type PlanKit } from '../planner.svelte.ts';

/** What an outing is planned with. */
export interface OutingBag extends Omit<PlanKit, 'purpose'> {
  readonly pairs: readonly Pair[];
  readonly films: readonly Film[];
}

/** The plan of the outing on a page. */
export class OutingPlanner {
  plan = $state.raw<OutingPlan | null>(null);
  /** How far the answer is, 0…1; null = it is there. */
  progress = $state.raw<number | null>(0);
  /** Why there is no answer; '' = there is one, or it is on its way. */
  trouble = $state('');
  readonly #line = new WorkerLine<OutingQuestion, OutingPlan>(
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
    () => new Worker(new URL('../../../../workers/outing.ts', import.meta.url), { type: 'module' })
  );

  /** Ends the worker. */
  stop(): void {
    this.#line.stop();
  }

  /** Asks for the plan of an outing. @returns what takes the question back */
  ask(outing: Outing, { pairs, films, things, leastChance, steadiness }: OutingBag): () => void {
    this.progress = 0;
    this.trouble = '';
    const atHand = atHandFrom(films, things);
    return this.#line.ask(
      {
        outing,
        pairs: pairs.map((p) => {
          const pair = planPair(p, { things, leastChance, steadiness, purpose: 'good-frame' });
          const { filters } = pair.atHand;
          return {
            key: p.loadId,
            framesLeft: p.framesLeft,
            pair: { ...pair, atHand: { ...atHand, filters } }
          };
        })
      },
      {
        part: (plan) => (this.plan = plan),
        progress: (share) => (this.progress = share),
        done: () => (this.progress = null),
        failed: (words) => {
          this.progress = null;
          this.trouble = words;
        }
      }
    );
  }
}
