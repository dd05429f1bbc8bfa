// A round of drills: two minutes of questions, what is known worst first. An answer is sealed before anything is shown.
import type { DrillExercise, DrillName, Exercise } from '#core/practice/exercise.ts';
import { DRILLS } from '#core/practice/exercise.ts';
import { gradeAnswer, questionOf, type Bag, type Graded, type Question } from '#core/practice/question.ts';
import { groupOfFrame, ownQuestion } from '#core/practice/own-frame.ts';
import { nextTopic, topicsOf, type Topic, type TopicState } from '#core/practice/schedule.ts';
import { hereNow } from '../offline/home.ts';
import { offline } from '../offline/offline.svelte.ts';

/** How long a round is, seconds. */
export const ROUND_SECONDS = 120;
/** Numbers that are tried for a scene that makes a question of a topic. */
const TRIES = 12;

/** The round on a page. */
export class Drills {
  question = $state.raw<Question | null>(null);
  /** What the answer came to; null = it is not sealed yet. */
  graded = $state.raw<Graded | null>(null);
  answer = $state<number | null>(null);
  /** Answers of this round. */
  done = $state.raw<readonly DrillExercise[]>([]);
  /** Seconds of this round that are gone. */
  spent = $state(0);
  readonly isOver: boolean = $derived(
    this.spent >= ROUND_SECONDS && this.graded === null && this.question === null
  );
  #only: DrillName | null = null;
  #bag: Bag | null = null;
  #askedAt = 0;
  #last: Topic | null = null;
  /** Frames that were asked about in this round. */
  #asked: readonly string[] = [];

  /** Begins a round. @param only one drill; null = all of them @param bag camera and films in hand; null = none */
  begin(only: DrillName | null, bag: Bag | null): void {
    this.#only = only;
    this.#bag = bag;
    this.done = [];
    this.spent = 0;
    this.#asked = [];
    this.next();
  }

  /** What is known of every topic of the round. */
  topics(): readonly TopicState[] {
    const kept = (offline.carried?.exercises ?? []).filter((e: Exercise) => e.kind === 'drill');
    const all = [...kept, ...this.done.filter((e) => !kept.some((k) => k.id === e.id))];
    return topicsOf(this.#only ? [this.#only] : DRILLS, all, Date.now());
  }

  /** Asks the next question, while there is time. */
  next(): void {
    this.graded = null;
    this.answer = null;
    this.question = null;
    if (this.spent >= ROUND_SECONDS) return;
    let topics = this.topics();
    while (topics.length > 0) {
      const topic = nextTopic(topics, Date.now(), this.#last);
      if (!topic) return;
      const question = this.#questionOn(topic);
      if (question) {
        this.#last = topic;
        this.question = question;
        this.#askedAt = performance.now();
        return;
      }
      // nothing to ask there with this camera
      topics = topics.filter((t) => t.drill !== topic.drill || t.group !== topic.group);
    }
  }

  /** A frame of the person's own that was not asked about yet in this round; every other time, where there is one. */
  #ownOn({ drill, group }: Topic): Question | null {
    if (drill !== 'mistake' || Math.random() < 0.5) return null;
    for (const own of this.#bag?.frames ?? []) {
      if (groupOfFrame(own.frame) !== group || this.#asked.includes(own.frame.id)) continue;
      const question = ownQuestion(own, Math.floor(Math.random() * 2 ** 31));
      if (question) {
        this.#asked = [...this.#asked, own.frame.id];
        return question;
      }
    }
    return null;
  }

  #questionOn(topic: Topic): Question | null {
    const own = this.#ownOn(topic);
    if (own) return own;
    for (let i = 0; i < TRIES; i++) {
      const question = questionOf(topic, Math.floor(Math.random() * 2 ** 31), this.#bag);
      if (question) return question;
    }
    return null;
  }

  /** Seals the answer, and keeps it. @param answer stops, or the place of an option */
  async seal(answer: number): Promise<void> {
    const { question } = this;
    if (!question || this.graded) return;
    this.answer = answer;
    const graded = gradeAnswer(question, answer);
    this.graded = graded;
    const seconds = Math.round((performance.now() - this.#askedAt) / 100) / 10;
    this.spent += seconds;
    const { drill, group, seed } = question;
    const exercise: DrillExercise = {
      ...{ kind: 'drill', id: crypto.randomUUID(), at: hereNow(), drill, group, seed, seconds },
      ...graded
    };
    this.done = [...this.done, exercise];
    await offline.put({ kind: 'practise', exercise });
  }
}
