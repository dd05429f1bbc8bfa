// How a control stands: what the card draws for each of its positions.
import { setOf, positionsOf } from '#core/camera/camera.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import type { Position } from '#core/camera/position.ts';
import type { Choice } from '#core/camera/setting.ts';

/** One position as drawn. A position can be several of these at once. */
export interface DrawnPosition {
  readonly index: number;
  readonly position: Position;
  /** The gear it belongs to on a two-gear wheel, else null. */
  readonly gear: string | null;
  /** It is the one to set now. */
  readonly shown: boolean;
  /** It is what the engine advises; drawn apart only when the person picked another. */
  readonly advised: boolean;
  /** The control stood here at the last frame. */
  readonly stands: boolean;
}

/** The positions of a control with their roles. */
export function drawnPositions(
  control: Control,
  shown: Choice,
  advised: Choice,
  present: Choice
): readonly DrawnPosition[] {
  return positionsOf(control, shown).map((position, index) => ({
    index,
    position,
    gear: setOf(control, index),
    shown: (shown[control.id] ?? 0) === index,
    advised: (advised[control.id] ?? 0) === index,
    stands: present[control.id] === index
  }));
}

/** Whether a control has to be moved from where it stands. */
export function mustMove(positions: readonly DrawnPosition[]): boolean {
  const stands = positions.find((p) => p.stands);
  return stands !== undefined && !stands.shown;
}

/** The mark a control stands at, or null when that is not known. */
export function standingMark(positions: readonly DrawnPosition[]): string | null {
  return positions.find((p) => p.stands)?.position.mark ?? null;
}

/** The places of a control with B as one of them, and the lengths that are counted on it. */
export interface PlacesAndCounts {
  readonly places: readonly DrawnPosition[];
  readonly counted: readonly DrawnPosition[];
}

/** Draws all counted lengths as one place, B: it stands for the length that is shown, advised, or the shortest. */
export function withOneB(positions: readonly DrawnPosition[]): PlacesAndCounts {
  const counted = positions.filter((p) => p.position.byHand);
  const stands = counted.find((p) => p.shown) ?? counted.find((p) => p.advised) ?? counted[0];
  const places = positions.filter((p) => !p.position.byHand);
  if (!stands) return { places, counted };
  const b: DrawnPosition = {
    ...stands,
    // what stands on the camera is the first word: the rest is the length
    position: { ...stands.position, mark: stands.position.mark.split(' ')[0] ?? 'B' },
    shown: counted.some((p) => p.shown),
    advised: counted.some((p) => p.advised),
    stands: counted.some((p) => p.stands)
  };
  return { places: [...places, b], counted };
}
