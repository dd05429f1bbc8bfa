// What a pair makes of every light, worked out where it is asked for and once only.
import { bestAt, candidatesOf } from '../advice/rank.ts';
import { isServedByFilters, missingOf } from '../advice/purpose-served.ts';
import { applied, type RemedyStep } from '../advice/remedy.ts';
import { candidateOf, type Candidate } from '../chance/candidate.ts';
import { prepare, type Prepared } from '../chance/prepared.ts';
import { judgeCandidate, type Verdict } from '../chance/verdict.ts';
import type { Setting } from '../camera/setting.ts';
import type { Situation, Support } from '../error/situation.ts';
import type { DayPoint } from './day-light.ts';
import { LightSpans } from './light-spans.ts';
import { NEED_STANDING, servingAt, situationAt, type PlanPair, type Serving } from './serving.ts';

/** Nobody changes a setting or a filter for less than this, of the chance. */
const CHANGE_POINTS = 0.05;

/** What is advised in a light, without the reasons. */
export interface Outcome {
  /** Error, stops. */
  readonly deltaStops: number;
  /** Chance of a whole frame, 0…1. */
  readonly chance: number;
  /** The same for the same setting and filters. */
  readonly key: string;
  readonly setting: Setting;
  /** Filters to put on first. */
  readonly steps: readonly RemedyStep[];
  /** Whether a frame is worth pressing for in the light for which it was advised. */
  readonly serves: boolean;
}

/** A kind of light with what is worked out for it. */
interface Kind {
  readonly spans: LightSpans<Outcome | null>;
  readonly prepared: Prepared;
  /** Settings of the bare camera, ready to be asked. */
  readonly candidates: ReadonlyMap<string, Candidate>;
}

/** A pair, held in some way, asked about many lights. */
export class ServingTable {
  readonly #pair: PlanPair;
  readonly #support: Support;
  readonly #byFilters: boolean;
  readonly #kinds = new Map<string, Kind>();
  #last: (Pick<DayPoint, 'contrast' | 'lightKind'> & { readonly kind: Kind }) | null = null;

  constructor(pair: PlanPair, support: Support) {
    this.#pair = pair;
    this.#support = support;
    this.#byFilters = isServedByFilters(pair.situation.purpose ?? 'good-frame');
  }

  /** What is advised near a light, to a quarter of a stop; null for a camera without settings. */
  near(point: DayPoint): Outcome | null {
    return this.#kindOf(point).spans.near(point.lv);
  }

  /** What is advised in a light; null for a camera without settings. */
  at(point: DayPoint): Outcome | null {
    return this.#kindOf(point).spans.at(point.lv);
  }

  /** Whether a frame with what is advised is worth pressing for. */
  serves(point: DayPoint): boolean {
    return this.#kindOf(point).spans.serves(point.lv);
  }

  /** What a light makes of the setting of an outcome, exactly and with its reasons. */
  judged({ setting, steps, key }: Outcome, point: DayPoint): Verdict {
    const situation = situationAt(this.#pair, point, this.#support);
    const kind = this.#kindOf(point);
    const bare = steps.length === 0 ? kind.candidates.get(key) : undefined;
    if (bare) return judgeCandidate({ ...kind.prepared, situation }, bare);
    const prepared = prepare(steps.reduce<Situation>(applied, situation));
    return judgeCandidate(prepared, candidateOf(prepared, setting));
  }

  /** Whether a setting is as good in a light as the one advised there, so that nobody would change it. */
  isEnough(outcome: Outcome, point: DayPoint): boolean {
    const advised = this.at(point);
    if (!advised || advised.key === outcome.key) return true;
    const { purpose = 'good-frame' } = this.#pair.situation;
    const { leastChance } = this.#pair;
    if (purpose === 'good-frame') {
      const chance = ({ key }: Outcome): number =>
        this.#kindOf(point).candidates.get(key)?.chancesAt(point.lv).usable ?? 0;
      return chance(outcome) >= Math.max(leastChance, chance(advised) - CHANGE_POINTS);
    }
    // of any other purpose but seconds there is more or less, and the setting advised has most
    if (!NEED_STANDING.has(purpose)) return false;
    const verdict = this.judged(outcome, point);
    const situation = situationAt(this.#pair, point, this.#support);
    return (
      verdict.pUsable >= Math.max(leastChance, this.judged(advised, point).pUsable - CHANGE_POINTS) &&
      missingOf(situation, verdict) === null
    );
  }

  #kindOf(point: DayPoint): Kind {
    const { contrast, lightKind } = point;
    // minute after minute is of the same kind
    if (this.#last?.contrast === contrast && this.#last.lightKind === lightKind) return this.#last.kind;
    const name = `${contrast} ${lightKind}`;
    const kind = this.#kinds.get(name) ?? this.#made(point);
    this.#kinds.set(name, kind);
    this.#last = { contrast, lightKind, kind };
    return kind;
  }

  #made(point: DayPoint): Kind {
    const prepared = prepare(situationAt(this.#pair, point, this.#support));
    const all = candidatesOf(prepared, this.#pair.present);
    const candidates = new Map(all.map((c) => [keyOf(c.setting, []), c]));
    const spans = this.#byFilters ? this.#filtered(point) : this.#bare(prepared, candidates);
    return { prepared, candidates, spans };
  }

  /** Of settings alone the chance is all that changes with the light. */
  #bare(prepared: Prepared, byKey: Kind['candidates']): Kind['spans'] {
    const { present, leastChance } = this.#pair;
    const candidates = [...byKey.values()];
    const keys = new Map([...byKey].map(([key, c]) => [c, key]));
    return new LightSpans<Outcome | null>({
      keyOf: (outcome) => outcome?.key ?? '',
      servesAt: (outcome, lv) => (byKey.get(outcome?.key ?? '')?.chancesAt(lv).usable ?? 0) >= leastChance,
      adviseAt: (lv) => {
        const best = bestAt({ prepared, present, lv }, candidates)?.candidate;
        if (!best) return null;
        const chance = best.chancesAt(lv).usable;
        return {
          ...{ deltaStops: best.frameAt(lv).deltaStops, chance, serves: chance >= leastChance },
          ...{ key: keys.get(best) ?? '', setting: best.setting, steps: [] }
        };
      }
    });
  }

  /** Filters are chosen with the setting, for each light anew. */
  #filtered(point: DayPoint): Kind['spans'] {
    const known = new Map<number, Outcome | null>();
    const adviseAt = (lv: number): Outcome | null => {
      const before = known.get(lv);
      if (before !== undefined) return before;
      const serving = servingAt(this.#pair, { ...point, lv }, this.#support);
      const made = serving && outcomeOf(serving);
      known.set(lv, made);
      return made;
    };
    return new LightSpans<Outcome | null>({
      ...{ keyOf: (outcome) => outcome?.key ?? '', adviseAt },
      servesAt: (_, lv) => adviseAt(lv)?.serves === true
    });
  }
}

function outcomeOf({ verdict, steps, serves }: Serving): Outcome {
  const { setting, deltaStops, pUsable } = verdict;
  const key = keyOf(setting, steps);
  return { deltaStops, chance: pUsable, key, setting, steps, serves };
}

function keyOf({ choice }: Setting, steps: readonly RemedyStep[]): string {
  return JSON.stringify([choice, steps]);
}
