// The lens that is on the camera, of several that fit it. Advice leaves it alone: it decides the picture, not the exposure.
import type { CameraFault } from '../../faults.ts';
import type { ControlKind } from '../control-kind.ts';

/** One of the lenses. */
export interface Lens {
  readonly mark: string;
  /** mm, > 0. */
  readonly focalMm: number;
  /** The openings between which it can be set, f-numbers; null = all that stand on the aperture's marks. */
  readonly opens: { readonly widest: number; readonly smallest: number } | null;
  /** The frame of the finder that belongs to it, as its owner calls it: "the red one"; left out = nobody said, or it has one only. */
  readonly finderFrame?: string | undefined;
}

/** A mount with several lenses. */
export interface LensControl {
  readonly kind: 'lens';
  readonly id: string;
  readonly label: string;
  readonly acts: 'lens';
  /** The camera's own first, at least two. */
  readonly lenses: readonly Lens[];
}

/** @see LensControl */
export const lens: ControlKind<LensControl> = {
  acts: ['lens'],
  positions: ({ lenses }) => lenses.map(({ mark, focalMm }) => ({ mark, symbol: null, value: focalMm })),
  count: ({ lenses }) => lenses.length,
  values: ({ lenses }) => lenses.map((l) => l.focalMm),
  setOf: () => null,
  meaningSaid: false,
  opens: ({ lenses }, index) => lenses[index]?.opens ?? null,
  faults: ({ label, lenses }) =>
    lenses
      .filter(({ focalMm, opens }) => !isGood(focalMm) || (opens !== null && !rises(opens)))
      .map(({ mark }): CameraFault => ({ fault: 'bad-value', control: label, mark })),
  drawing: () => ({ drawn: 'row', as: 'ring' })
};

const isGood = (mm: number): boolean => mm > 0 && Number.isFinite(mm);
const rises = ({ widest, smallest }: { readonly widest: number; readonly smallest: number }): boolean =>
  isGood(widest) && isGood(smallest) && smallest >= widest;
