// What a pair makes of every light, worked out where it is asked for: the light of a day passes the same values under each sky
// and twice a day, so that a grid of values and the edges between them answer for all.
import { bestAt, candidatesOf, reaches } from '../advice/rank.ts';
import { isServedByFilters } from '../advice/purpose-served.ts';
import type { Candidate } from '../chance/candidate.ts';
import { prepare, type Prepared } from '../chance/prepared.ts';
import { judgeCandidate } from '../chance/verdict.ts';
import { bisect } from '../numeric/bisect.ts';
import type { Support } from '../error/situation.ts';
import type { DayPoint } from './day-light.ts';
import { servingAt, situationAt, type PlanPair, type Serving } from './serving.ts';

/** Step of the grid, LV. A stretch of light narrower than this can be missed. */
const STEP_LV = 0.5;
/** How sharply an edge is found, LV: around noon, where the light hardly moves, a minute or so. */
const EDGE_LV = 0.002;

/** What a light makes of a pair, without the reasons. */
export interface Outcome {
  readonly serves: boolean;
  /** Error of the best setting, stops. */
  readonly deltaStops: number;
  /** Its chance of a whole frame, 0…1. */
  readonly chance: number;
  /** The same for the same setting and filters. */
  readonly key: string;
  /** Its place among the settings that are tried; null where filters are chosen with it. */
  readonly index: number | null;
}

/** Whether the pair works at the lower end of a cell of the grid, and the LV at which that changes; null = it does not. */
interface Cell {
  readonly below: boolean;
  readonly edgeLv: number | null;
}

/** A kind of light with what is worked out for it. */
interface Kind {
  readonly prepared: Prepared;
  readonly candidates: readonly Candidate[];
  readonly outcomes: Map<number, Outcome | null>;
  readonly cells: Map<number, Cell>;
}

/** Setting and filters as a text: the same for the same. */
export function keyOf({ verdict, steps }: Serving): string {
  return JSON.stringify([verdict.setting.choice, steps]);
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

  /** What the light makes of the pair, to the nearest value of the grid; null for a camera without settings. */
  near(point: DayPoint): Outcome | null {
    return this.#onGrid(this.#kindOf(point), point, Math.round(point.lv / STEP_LV));
  }

  /** What a light makes of the setting of an outcome, exactly and with its reasons; of the best one where filters are chosen too. */
  set(outcome: Outcome, point: DayPoint): Serving | null {
    const { prepared, candidates } = this.#kindOf(point);
    // whatever the kind of light, the settings are tried in the same order
    const candidate = outcome.index === null ? undefined : candidates[outcome.index];
    if (!candidate) return servingAt(this.#pair, point, this.#support);
    const situation = situationAt(this.#pair, point, this.#support);
    const verdict = judgeCandidate({ ...prepared, situation }, candidate);
    return { verdict, steps: [], serves: verdict.pUsable >= this.#pair.leastChance };
  }

  /** Whether the pair works in a light. */
  serves(point: DayPoint): boolean {
    const i = Math.floor(point.lv / STEP_LV);
    const kind = this.#kindOf(point);
    const known = kind.cells.get(i) ?? this.#cell(kind, point, i);
    kind.cells.set(i, known);
    return known.edgeLv === null || point.lv < known.edgeLv ? known.below : !known.below;
  }

  #kindOf(point: DayPoint): Kind {
    const { contrast, lightKind } = point;
    // minute after minute is of the same kind
    if (this.#last?.contrast === contrast && this.#last.lightKind === lightKind) return this.#last.kind;
    const kind = this.#kindNamed(point);
    this.#last = { contrast, lightKind, kind };
    return kind;
  }

  #kindNamed(point: DayPoint): Kind {
    const name = `${point.contrast} ${point.lightKind}`;
    const known = this.#kinds.get(name);
    if (known) return known;
    const prepared = prepare(situationAt(this.#pair, point, this.#support));
    const candidates = candidatesOf(prepared, this.#pair.present);
    const made = {
      prepared,
      candidates,
      outcomes: new Map<number, Outcome | null>(),
      cells: new Map<number, Cell>()
    };
    this.#kinds.set(name, made);
    return made;
  }

  #onGrid(kind: Kind, point: DayPoint, i: number): Outcome | null {
    const known = kind.outcomes.get(i);
    if (known !== undefined) return known;
    const made = this.#outcome(kind, { ...point, lv: i * STEP_LV });
    kind.outcomes.set(i, made);
    return made;
  }

  #cell(kind: Kind, point: DayPoint, i: number): Cell {
    const below = this.#holds(kind, point, i * STEP_LV);
    const above = this.#holds(kind, point, (i + 1) * STEP_LV);
    if (below === above) return { below, edgeLv: null };
    const holds = (lv: number): boolean => this.#holds(kind, point, lv) === below;
    return { below, edgeLv: bisect(holds, i * STEP_LV, (i + 1) * STEP_LV, EDGE_LV) };
  }

  /** Whether the pair works at a value of the light. */
  #holds(kind: Kind, point: DayPoint, lv: number): boolean {
    if (!this.#byFilters) return reaches(lv, kind.candidates, this.#pair.leastChance);
    const i = Math.round(lv / STEP_LV);
    const outcome = i * STEP_LV === lv ? this.#onGrid(kind, point, i) : this.#outcome(kind, { ...point, lv });
    return outcome?.serves === true;
  }

  #outcome({ prepared, candidates }: Kind, point: DayPoint): Outcome | null {
    if (this.#byFilters) {
      const serving = servingAt(this.#pair, point, this.#support);
      if (!serving) return null;
      const { deltaStops, pUsable } = serving.verdict;
      return { serves: serving.serves, deltaStops, chance: pUsable, key: keyOf(serving), index: null };
    }
    const { lv } = point;
    const best = bestAt({ prepared, present: this.#pair.present, lv }, candidates);
    if (!best) return null;
    return {
      serves: best.most >= this.#pair.leastChance,
      deltaStops: best.candidate.frameAt(lv).deltaStops,
      chance: best.candidate.chancesAt(lv).usable,
      key: JSON.stringify([best.candidate.setting.choice, []]),
      index: candidates.indexOf(best.candidate)
    };
  }
}
