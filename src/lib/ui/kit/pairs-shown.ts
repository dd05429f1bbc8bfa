// Which pairs the table shows, and in what order.
import type { PairVerdict } from '#core/advice/pairs.ts';

/** What the table is sorted by; chances with the best first. */
export type PairOrder = 'chance' | 'camera' | 'film';

/** What the table is asked for. */
export interface PairQuery {
  readonly order: PairOrder;
  /** Part of a camera's or film's name; case does not matter. */
  readonly words: string;
  /** Smallest chance shown, 0…1. */
  readonly leastChance: number;
}

/** The pairs asked for. They come with the best chance first, and stay so within a camera or a film. */
export function pairsShown(pairs: readonly PairVerdict[], query: PairQuery): readonly PairVerdict[] {
  const words = query.words.trim().toLowerCase();
  const kept = pairs
    .filter((p) => p.verdict.pUsable >= query.leastChance)
    .filter((p) => `${p.camera.name} ${p.film.name}`.toLowerCase().includes(words));
  if (query.order === 'chance') return kept;
  const nameOf = (p: PairVerdict): string => (query.order === 'camera' ? p.camera.name : p.film.name);
  return [...kept].sort((a, b) => nameOf(a).localeCompare(nameOf(b), 'en'));
}
