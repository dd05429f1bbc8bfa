// A lever whose positions mean something else for every place of another control.
import { isGoodValue } from '../../good-value.ts';
import type { CameraFault } from '../../faults.ts';
import type { ControlShape, MarkSymbol } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';

/** A position whose value depends on where another control stands; null where the camera has no such cell. */
export interface LinkedPosition {
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  /** One for each position of the control it depends on. */
  readonly values: readonly (number | null)[];
}

/** A lever that hangs on another control. */
export interface LinkedControl {
  readonly kind: 'linked';
  readonly id: string;
  readonly label: string;
  readonly acts: 'aperture' | 'time';
  readonly shape: ControlShape;
  /** Id of the control it depends on. */
  readonly dependsOn: string;
  readonly positions: readonly LinkedPosition[];
}

/** @see LinkedControl */
export const linked: ControlKind<LinkedControl> = {
  acts: ['aperture', 'time'],
  positions({ positions, dependsOn }, standsAt) {
    const at = standsAt[dependsOn] ?? 0;
    return positions.map((p) => ({ mark: p.mark, symbol: p.symbol, value: p.values[at] ?? 0 }));
  },
  count: ({ positions }) => positions.length,
  values: ({ positions }) => positions.flatMap((p) => p.values.flatMap((v) => v ?? [])),
  setOf: () => null,
  meaningSaid: true,
  faults(control, camera, countOf) {
    const { label, acts, dependsOn, id } = control;
    const other = camera.controls.find((c) => c.id === dependsOn && c.id !== id);
    if (!other || other.kind === 'linked') return [{ fault: 'unknown-link', control: label }];
    const wanted = countOf(other);
    return control.positions.flatMap((p): readonly CameraFault[] => {
      const { mark } = p;
      if (p.values.length !== wanted || p.values.includes(null))
        return [{ fault: 'missing-cell', control: label, mark }];
      const good = p.values.every((v) => v !== null && isGoodValue(camera, acts, v));
      return good ? [] : [{ fault: 'bad-value', control: label, mark }];
    });
  },
  drawing: ({ shape }) => ({ drawn: 'row', as: shape })
};
