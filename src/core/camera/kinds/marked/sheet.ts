// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import type { ControlShape } from '../../position.ts';
import type { ControlAsk } from '../control-kind.ts';
import { keptLabel, mergedPositions, untouched } from '../from-marks.ts';
import { FIELD_OF } from '../sheet-texts.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { MarkedControl } from './control.ts';

/** @see MarkedControl */
export const markedSheet: ControlSheet<MarkedControl> = {
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
};

function shapeOf(ask: ControlAsk): ControlShape {
  const { acts, has } = ask;
  if (acts === 'time') return has === 'nothing' || has === 'symbols' ? 'lever' : 'wheel';
  if (acts === 'dial') return 'wheel';
  const symbols = has === 'symbols' || ask.positions().some((p) => p.symbol !== null);
  return acts === 'aperture' && symbols ? 'lever' : 'ring';
}
