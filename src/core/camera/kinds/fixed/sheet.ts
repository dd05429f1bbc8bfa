// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import { keptLabel, untouched } from '../from-marks.ts';
import { FIELD_OF } from '../sheet-texts.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { FixedControl } from './control.ts';

/** @see FixedControl */
export const fixedSheet: ControlSheet<FixedControl> = {
  byName: false,
  recognises: (ask) => ask.positions().length === 1,
  read(ask) {
    const { acts, before } = ask;
    const [only] = ask.positions();
    // lighten–darken with nothing but the middle is none
    if (!only || acts === 'compensation') return null;
    if (before?.kind === 'fixed' && untouched([before.position], [only])) return before;
    const name = acts === 'aperture' ? 'opening' : acts === 'time' ? 'shutter' : keptLabel(acts, 'ring');
    return { kind: 'fixed', id: before?.id ?? acts, label: before?.label ?? name, acts, position: only };
  },
  // one value alone is taken at its word; its mark, where it has one, is kept
  write: ({ acts, position }) => ({ [FIELD_OF[acts]]: writeMarks(acts, [position]) })
};
