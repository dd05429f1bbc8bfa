// Which pairs the table shows, and in what order.
import {
  createSortedRowModel,
  rowSortingFeature,
  sortFn_text,
  tableFeatures,
  type ColumnDef
} from '@tanstack/svelte-table';
import type { PairVerdict } from '#core/advice/pairs.ts';

/** What the table is asked for. */
export interface PairQuery {
  /** Part of a camera's or film's name; case does not matter. */
  readonly words: string;
  /** Smallest chance shown, 0…1. */
  readonly leastChance: number;
}

/** Chances that a person would not tell apart, best first: least chance and words. */
export const CHANCE_GROUPS = [
  [0.9, 'Sure: 90 and more'],
  [0.7, 'Likely: 70 to 89'],
  [0.4, 'It may: 40 to 69'],
  [0, 'Hardly: under 40']
] as const;

/** The group of a chance. */
export function groupOf(p: number): string {
  return CHANCE_GROUPS.find(([least]) => p >= least)?.[1] ?? CHANCE_GROUPS[3][1];
}

/** How much room is left on the nearer side, stops: what tells pairs apart whose chances are alike. */
const roomOf = ({ verdict }: PairVerdict): number =>
  Math.min(verdict.slackUnderStops, verdict.slackOverStops);

/** The pairs asked for, by group of chance, and within one what leaves most room; a sort by name keeps that within a name. */
export function pairsShown(pairs: readonly PairVerdict[], query: PairQuery): readonly PairVerdict[] {
  const words = query.words.trim().toLowerCase();
  const rank = (p: PairVerdict): number => CHANCE_GROUPS.findIndex(([least]) => p.verdict.pUsable >= least);
  return pairs
    .filter((p) => p.verdict.pUsable >= query.leastChance)
    .filter((p) => `${p.camera.name} ${p.film.name}`.toLowerCase().includes(words))
    .sort((a, b) => rank(a) - rank(b) || roomOf(b) - roomOf(a));
}

/** What the table of pairs can do. */
export const PAIR_FEATURES = tableFeatures({
  ...{ rowSortingFeature, sortedRowModel: createSortedRowModel() },
  sortFns: { text: sortFn_text }
});

/** Its columns that sort. */
export const PAIR_COLUMNS: ColumnDef<typeof PAIR_FEATURES, PairVerdict>[] = [
  { id: 'camera', header: 'Camera', accessorFn: (p: PairVerdict) => p.camera.name, sortFn: 'text' },
  { id: 'film', header: 'Film', accessorFn: (p: PairVerdict) => p.film.name, sortFn: 'text' }
];
