// What a comparison of films is asked for: which days, hours and skies.
import type { Support } from '#core/error/situation.ts';
import type { SkyShares } from '#core/plan/chance-map.ts';
import type { Facing } from '#core/sky/sky-scene.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { monthOf, monthsFrom, sharesOf } from './months.ts';

const YEAR_DAYS = 365;

/** The entry. */
export class FilmAsk {
  cameraId = $state<string | null>(null);
  /** "2026-09" or "year". */
  span = $state('');
  support = $state<Support>('hand');
  facing = $state<Facing>('front');
  lamps = $state('');
  hours = $state.raw<readonly [from: number, to: number]>([8, 20]);
  clearTenths = $state<number | null>(null);
  brokenTenths = $state<number | null>(null);
  /** This month and the eleven after it, and a whole year. */
  readonly spans: readonly { readonly value: string; readonly words: string }[];
  readonly #today: string;

  /** @param today YYYY-MM-DD */
  constructor(today: string) {
    this.#today = today;
    const months = monthsFrom(today);
    this.spans = [...months, { value: 'year', words: 'a year from today' }];
    this.span = months[0]?.value ?? 'year';
  }

  /** The first day. */
  get from(): string {
    return this.span === 'year' ? this.#today : this.#month.from;
  }
  /** How many days. */
  get days(): number {
    return this.span === 'year' ? YEAR_DAYS : this.#month.days;
  }
  get #month(): { readonly from: string; readonly days: number } {
    const [year = 2000, month = 1] = this.span.split('-').map(Number);
    return monthOf(year, month - 1);
  }

  /** How often each sky is to be expected. */
  get skies(): SkyShares {
    return sharesOf(this.clearTenths, this.brokenTenths);
  }
  get clearText(): string {
    return this.clearTenths === null ? '' : formatDecimal(this.clearTenths, 1);
  }
  get brokenText(): string {
    return this.brokenTenths === null ? '' : formatDecimal(this.brokenTenths, 1);
  }
}
