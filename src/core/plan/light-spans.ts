// The scale of light cut into spans: in each one setting is advised. A cell of the scale is cut where it is asked for: the light
// of a day passes the same values under each sky and twice a day, and what is worked out once answers for all.
import { bisect } from '../numeric/bisect.ts';

/** Width of a cell, LV. What begins and ends within one can be missed. */
const CELL_LV = 0.5;
/** How sharply the change from one setting to another is found, LV: they are about as good there. */
const CHANGE_LV = CELL_LV / 8;
/** How sharply an edge of what is worth pressing for is found, LV: around noon, where the light hardly moves, a minute or so. */
const EDGE_LV = CELL_LV / 256;
/** Settings that may be advised within one cell. */
const MOST_IN_CELL = 8;

/** A stretch of the scale, up to the next. `O`: what is advised in it. */
interface Span<O> {
  readonly fromLv: number;
  readonly outcome: O;
}

/** Whether a frame is worth pressing for at the lower end of a cell, and the LV at which that changes; null = it does not. */
interface Worth {
  readonly below: boolean;
  readonly edgeLv: number | null;
}

/** What spans are found from. */
export interface Asked<O> {
  /** What is advised at a light. */
  readonly adviseAt: (lv: number) => O;
  /** The same for what is the same setting. */
  readonly keyOf: (outcome: O) => string;
  /** Whether what is advised somewhere is worth pressing for at a light. */
  readonly servesAt: (outcome: O, lv: number) => boolean;
}

/** The scale of light, cut as it is asked for. */
export class LightSpans<O> {
  readonly #asked: Asked<O>;
  readonly #ends = new Map<number, O>();
  readonly #cells = new Map<number, readonly Span<O>[]>();
  readonly #worth = new Map<number, Worth>();

  constructor(asked: Asked<O>) {
    this.#asked = asked;
  }

  /** What is advised at a light. @param lv LV */
  at(lv: number): O {
    const i = Math.floor(lv / CELL_LV);
    const cell = this.#cells.get(i) ?? this.#cut(i);
    this.#cells.set(i, cell);
    return cell.findLast(({ fromLv }) => fromLv <= lv)?.outcome ?? this.#endOf(i);
  }

  /** Whether a frame with what is advised is worth pressing for. @param lv LV */
  serves(lv: number): boolean {
    const i = Math.floor(lv / CELL_LV);
    const known = this.#worth.get(i) ?? this.#worthOf(i);
    this.#worth.set(i, known);
    return known.edgeLv === null || lv < known.edgeLv ? known.below : !known.below;
  }

  /** What is advised at the nearest end of a cell. @param lv LV */
  near(lv: number): O {
    return this.#endOf(Math.round(lv / CELL_LV));
  }

  #endOf(i: number): O {
    const known = this.#ends.get(i);
    if (known !== undefined) return known;
    const made = this.#asked.adviseAt(i * CELL_LV);
    this.#ends.set(i, made);
    return made;
  }

  #cut(i: number): readonly Span<O>[] {
    const [fromLv, toLv] = [i * CELL_LV, (i + 1) * CELL_LV];
    const { adviseAt, keyOf } = this.#asked;
    const last = { fromLv: toLv, outcome: this.#endOf(i + 1) };
    let span: Span<O> = { fromLv, outcome: this.#endOf(i) };
    const spans = [span];
    while (keyOf(span.outcome) !== keyOf(last.outcome) && spans.length < MOST_IN_CELL) {
      const key = keyOf(span.outcome);
      const stillLv = bisect((lv) => keyOf(adviseAt(lv)) === key, span.fromLv, toLv, CHANGE_LV);
      const changeLv = stillLv + CHANGE_LV;
      span = changeLv < toLv ? { fromLv: changeLv, outcome: adviseAt(changeLv) } : last;
      spans.push(span);
    }
    return spans;
  }

  #worthOf(i: number): Worth {
    const { servesAt } = this.#asked;
    const [fromLv, toLv] = [i * CELL_LV, (i + 1) * CELL_LV];
    const below = servesAt(this.#endOf(i), fromLv);
    if (servesAt(this.#endOf(i + 1), toLv) === below) return { below, edgeLv: null };
    const same = (lv: number): boolean => servesAt(this.at(lv), lv) === below;
    return { below, edgeLv: bisect(same, fromLv, toLv, EDGE_LV) };
  }
}
