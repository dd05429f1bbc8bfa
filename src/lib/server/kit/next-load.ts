// What the film before in a camera says of the next one: where its numbers go on, and which filter lay on the pack.
import type { Load, PackFilter } from '#core/log/load.ts';

/** The first number of the next film: 1, unless its owner's numbers run on over all packs. */
export function nextFirstNumber(before: Load, frames: readonly { readonly number: number }[]): number {
  const last = Math.max(before.firstNumber + before.framesTotal - 1, ...frames.map((f) => f.number));
  return before.firstNumber === 1 ? 1 : last + 1;
}

/** The filter that is asked about when the next pack is loaded: what lay on the last one; null = none did. */
export function packFilterAsked(before: Load | null): PackFilter | null {
  return before?.packFilter ?? null;
}
