// What frames are looked for by, as it stands in an address: `words=`, `camera=`, `stock=` (the film it was
// shot on), `film=` (that film in that camera), `since=2026-05-01`, `until=`, `dark=` and `bright=` (LV), `verdict=`, `tag=`,
// `trash=yes`, `after=` (the frame the last page ended with).
import { LV_RANGE } from '#core/light/lv.ts';

/** What came of a frame, to look for. */
export const VERDICT_FILTERS = ['dark', 'right', 'light', 'faulty', 'judged', 'unjudged'] as const;
/** @see VERDICT_FILTERS */
export type VerdictFilter = (typeof VERDICT_FILTERS)[number];

/** What is looked for; null = anything. */
export interface FrameFilter {
  /** Every one of these words stands somewhere in what is written. */
  readonly words: string;
  readonly cameraId: string | null;
  readonly filmId: string | null;
  readonly loadId: string | null;
  /** First and last day, YYYY-MM-DD, by the clocks of each frame. */
  readonly fromDay: string | null;
  readonly toDay: string | null;
  readonly fromLv: number | null;
  readonly toLv: number | null;
  readonly verdict: VerdictFilter | null;
  readonly tag: string | null;
  readonly trash: boolean;
  /** Time and id of the frame that the page before ended with. */
  readonly after: { readonly takenAt: string; readonly id: string } | null;
}

/** Everything that is not in the trash. */
export const NO_FILTER: FrameFilter = {
  ...{ words: '', cameraId: null, filmId: null, loadId: null, fromDay: null, toDay: null },
  ...{ fromLv: null, toLv: null, verdict: null, tag: null, trash: false, after: null }
};

/** Names in the address. */
export const FILTER_KEYS = [
  ...[
    'words',
    'camera',
    'stock',
    'film',
    'since',
    'until',
    'dark',
    'bright',
    'verdict',
    'tag',
    'trash',
    'after'
  ]
] as const;

const isDay = (text: string): boolean =>
  /^\d{4}-\d\d-\d\d$/.test(text) && !Number.isNaN(Date.parse(text)) && Number(text.slice(0, 4)) >= 1900;

/** Reads an address. What is not understood is left out and said. */
export function filterFromQuery(params: URLSearchParams): {
  readonly filter: FrameFilter;
  readonly problems: readonly string[];
} {
  const problems: string[] = [];
  const text = (key: (typeof FILTER_KEYS)[number]): string | null => {
    const value = params.get(key)?.trim() ?? '';
    return value === '' ? null : value.slice(0, 200);
  };
  const day = (key: 'since' | 'until'): string | null => {
    const value = text(key);
    if (value === null || isDay(value)) return value;
    problems.push(`“${value}” is no day. Give it as 2026-05-31.`);
    return null;
  };
  const lv = (key: 'dark' | 'bright'): number | null => {
    const value = text(key);
    const number = Number((value ?? '').replace(',', '.').replace('−', '-'));
    if (value === null || (number >= LV_RANGE.min && number <= LV_RANGE.max))
      return value === null ? null : number;
    problems.push(`“${value}” is no light. Give an LV from −8 to 18.`);
    return null;
  };
  const verdict = text('verdict');
  const known = VERDICT_FILTERS.find((v) => v === verdict) ?? null;
  if (verdict !== null && known === null)
    problems.push(`“${verdict}” is no verdict. It is one of ${VERDICT_FILTERS.join(', ')}.`);
  const [takenAt, id] = text('after')?.split(' ') ?? [];
  return {
    filter: {
      words: text('words') ?? '',
      ...{ cameraId: text('camera'), filmId: text('stock'), loadId: text('film') },
      ...{ fromDay: day('since'), toDay: day('until'), fromLv: lv('dark'), toLv: lv('bright') },
      ...{ verdict: known, tag: text('tag'), trash: text('trash') === 'yes' },
      after: takenAt !== undefined && id !== undefined ? { takenAt, id } : null
    },
    problems
  };
}

/** Whether more is looked for than the frames of one film. */
export function isFiltering(filter: FrameFilter): boolean {
  return JSON.stringify({ ...filter, loadId: null, after: null }) !== JSON.stringify(NO_FILTER);
}
