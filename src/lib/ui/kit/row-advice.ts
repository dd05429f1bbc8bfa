// Asks the worker about rows of the pairs table, one at a time and only those in view: each is many sums.
import { SvelteMap } from 'svelte/reactivity';
import type { RowAnswer, RowQuestion } from '../../../workers/advice.ts';
import { WorkerLine } from '../worker/line.ts';

/** Makes the question of a row, with a text that tells one light from another; null when the row is gone. */
export type QuestionOfRow = (
  key: string
) => { readonly light: string; readonly question: RowQuestion } | null;

/** Answers by row. A change of light makes them old: they stay shown until the new one is there. */
export class RowAdvice {
  readonly #answers = new SvelteMap<string, RowAnswer>();
  readonly #inView = new Set<string>();
  /** The light the answers are for, by row. */
  readonly #askedFor = new Map<string, string>();
  #line: WorkerLine<RowQuestion, RowAnswer> | null = null;
  #busy = false;
  readonly #questionOf: QuestionOfRow;

  constructor(questionOf: QuestionOfRow) {
    this.#questionOf = questionOf;
  }

  /** Starts the worker. @returns what stops it */
  start(): () => void {
    const line = new WorkerLine<RowQuestion, RowAnswer>(
      () => new Worker(new URL('../../../workers/advice.ts', import.meta.url), { type: 'module' })
    );
    this.#line = line;
    this.next();
    return () => line.stop();
  }

  /** What is known of a row. */
  answer(key: string): RowAnswer | null {
    return this.#answers.get(key) ?? null;
  }

  /** A row came into view or left it. */
  see(key: string, visible: boolean): void {
    if (visible) this.#inView.add(key);
    else this.#inView.delete(key);
    this.next();
  }

  /** Asks for the next row whose answer is missing or old. */
  next(): void {
    if (this.#busy || !this.#line) return;
    for (const key of this.#inView) {
      const asked = this.#questionOf(key);
      if (!asked || this.#askedFor.get(key) === asked.light) continue;
      this.#askedFor.set(key, asked.light);
      this.#busy = true;
      this.#line.ask(asked.question, {
        part: (answer) => this.#answers.set(answer.key, answer),
        done: () => this.#free(),
        failed: () => this.#free()
      });
      return;
    }
  }

  #free(): void {
    this.#busy = false;
    this.next();
  }
}
