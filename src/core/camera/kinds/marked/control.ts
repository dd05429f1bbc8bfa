// A lever, ring or wheel: the photographer chooses one of its marks.
import { badValues } from '../../good-value.ts';
import { writeMarks } from '../../marks.ts';
import { CONTROL_ACTS, type ControlActs, type ControlShape, type Position } from '../../position.ts';
import type { ControlAsk, ControlKind } from '../control-kind.ts';
import { keptLabel, mergedPositions, untouched } from '../from-marks.ts';
import { FIELD_OF } from '../sheet-texts.ts';

/** A control with marks. */
export interface MarkedControl {
  readonly kind: 'marked';
  readonly id: string;
  readonly label: string;
  readonly acts: ControlActs;
  readonly shape: ControlShape;
  /** In printed order, at least one. */
  readonly positions: readonly Position[];
}

/** @see MarkedControl */
export const marked: ControlKind<MarkedControl> = {
  acts: CONTROL_ACTS,
  positions: ({ positions }) => positions,
  count: ({ positions }) => positions.length,
  values: ({ positions }) => positions.map((p) => p.value),
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, control.positions),
  drawing: ({ shape }) => ({ drawn: 'row', as: shape }),
  sheet: {
    byName: false,
    recognises: () => true,
    read(ask) {
      const { acts, before } = ask;
      const positions = ask.positions();
      if (positions.length < 2) return null;
      if (before?.kind === 'marked' && untouched(before.positions, positions)) return before;
      const shape = before?.kind === 'marked' ? before.shape : shapeOf(ask);
      const label = before?.label ?? keptLabel(acts, shape);
      return { kind: 'marked', id: before?.id ?? acts, label, acts, shape, positions };
    },
    write: ({ acts, positions }) => ({ [FIELD_OF[acts]]: writeMarks(acts, positions) }),
    merge: (was, asRead, now) => ({
      ...{ ...now, shape: was.shape },
      positions: mergedPositions(was.positions, asRead.positions, now.positions)
    })
  }
};

function shapeOf(ask: ControlAsk): ControlShape {
  const { acts, has } = ask;
  if (acts === 'time') return has === 'nothing' || has === 'symbols' ? 'lever' : 'wheel';
  if (acts === 'dial') return 'wheel';
  const symbols = has === 'symbols' || ask.positions().some((p) => p.symbol !== null);
  return acts === 'aperture' && symbols ? 'lever' : 'ring';
}
