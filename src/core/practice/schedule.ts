// What to practise next: every drill in every kind of light is a card whose memory is worked out anew from all its answers. FSRS, the
// free spaced repetition scheduler, as ts-fsrs has it: J. Ye, J. Su, Y. Cao, "A Stochastic Shortest Path Algorithm for Optimizing
// Spaced Repetition Scheduling", KDD 2022.
import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import { LIGHT_GROUPS, type LightGroup } from '../ways/light-group.ts';
import type { DrillExercise, DrillName } from './exercise.ts';

/** A drill in a kind of light. */
export interface Topic {
  readonly drill: DrillName;
  readonly group: LightGroup;
}

/** A topic, how well it is known and when it is due. */
export interface TopicState extends Topic {
  readonly answers: number;
  readonly right: number;
  /** Milliseconds since 1970; null = it was never asked. */
  readonly dueMs: number | null;
  /** Chance that it would be answered rightly now, 0…1; 0 = it was never asked. */
  readonly recall: number;
}

// no chance in it: the same answers give the same days, on the phone and on the server
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: true });

/** Within this a light is named rightly, within the next nearly, stops. */
const [EXACT, NEAR] = [0.35, 1.05];

/**
 * How an answer counts for the card's memory.
 * @returns again, hard, good or easy, as ts-fsrs names them
 */
export function ratingOf({ right, errorStops }: Pick<DrillExercise, 'right' | 'errorStops'>): Grade {
  if (errorStops === null) return right ? Rating.Good : Rating.Again;
  const off = Math.abs(errorStops);
  return off <= EXACT ? Rating.Easy : right ? Rating.Good : off <= NEAR ? Rating.Hard : Rating.Again;
}

/**
 * Kinds of light that a drill is about.
 * @returns at least one
 */
export function groupsOf(drill: DrillName): readonly LightGroup[] {
  // equal exposures are the same in any light: one card
  return drill === 'same' ? ['sharp'] : LIGHT_GROUPS;
}

/** The state of every topic of some drills. @param nowMs milliseconds since 1970 */
export function topicsOf(
  drills: readonly DrillName[],
  answered: readonly DrillExercise[],
  nowMs: number
): readonly TopicState[] {
  const inOrder = [...answered].sort((a, b) => (a.at.at < b.at.at ? -1 : 1));
  return drills.flatMap((drill) =>
    groupsOf(drill).map((group): TopicState => {
      const own = inOrder.filter((e) => e.drill === drill && (e.group === group || drill === 'same'));
      const [first] = own;
      if (!first) return { drill, group, answers: 0, right: 0, dueMs: null, recall: 0 };
      const card = own.reduce<Card>(
        (now, e) => scheduler.next(now, new Date(e.at.at), ratingOf(e)).card,
        createEmptyCard(new Date(first.at.at))
      );
      return {
        ...{ drill, group, answers: own.length, right: own.filter((e) => e.right).length },
        dueMs: card.due.getTime(),
        recall: scheduler.get_retrievability(card, new Date(Math.max(nowMs, Date.parse(first.at.at))), false)
      };
    })
  );
}

/**
 * What to ask next: what is due and known worst, then what was never asked, then what is due soonest.
 * @param last what was asked before: not twice in a row, if there is anything else
 */
export function nextTopic(topics: readonly TopicState[], nowMs: number, last: Topic | null): Topic | null {
  const others = topics.filter((t) => t.drill !== last?.drill || t.group !== last.group);
  const from = others.length > 0 ? others : topics;
  const urgency = ({ dueMs, recall }: TopicState): readonly [number, number] =>
    dueMs === null ? [1, 0] : dueMs <= nowMs ? [0, recall] : [2, dueMs];
  return (
    [...from].sort((a, b) => {
      const [[pa, qa], [pb, qb]] = [urgency(a), urgency(b)];
      return pa - pb || qa - qb;
    })[0] ?? null
  );
}
