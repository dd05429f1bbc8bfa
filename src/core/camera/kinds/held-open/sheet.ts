// How a control of this kind is told on a sheet.
import type { ControlSheet } from '../control-kind.ts';
import type { HeldOpenControl } from './control.ts';

/** @see HeldOpenControl */
export const heldOpenSheet: ControlSheet<HeldOpenControl> = {
  byName: true,
  recognises: () => true,
  read(ask) {
    const old = ask.before?.kind === 'held-open' ? ask.before : null;
    const [opens, closes] = [ask.text('opens'), ask.text('closes')];
    if (opens === '') ask.fault('opens', 'Say how it is opened: cover the eye and press.');
    if (closes === '') ask.fault('closes', 'Say how it is closed: uncover the eye in the light.');
    const steps = { opens, closes, after: ask.text('after'), caution: ask.text('caution') };
    const long = Object.entries(steps).find(([, words]) => words.length > MOST_LETTERS);
    if (long) ask.fault(long[0], `Say it in ${MOST_LETTERS} letters at most.`);
    return {
      ...{ kind: 'held-open', id: old?.id ?? 'time', label: old?.label ?? 'shutter', acts: 'time', steps }
    };
  },
  write: ({ steps }) => ({ ...steps, timeBy: 'held-open' })
};

/** More is not read while a shutter is open. */
const MOST_LETTERS = 160;
