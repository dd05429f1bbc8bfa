// An automatic camera that its owner can hold open by a trick: the eye covered, a door opened, the power cut. The person decides
// the time; what opens it, what closes it and what gets the picture out belong to it.
import { countedPositions } from '../../marks.ts';
import type { Position } from '../../position.ts';
import { automaticPosition } from '../automatic-position.ts';
import type { ControlKind } from '../control-kind.ts';

/** The steps of a trick, in the owner's words. */
export interface TrickSteps {
  readonly opens: string;
  readonly closes: string;
  /** What gets the picture out, and sets the camera right again; '' where nothing has to be done. */
  readonly after: string;
  /** What can go wrong, or hurt; '' where nothing can. */
  readonly caution: string;
}

/** A camera held open by a trick. */
export interface HeldOpenControl {
  readonly kind: 'held-open';
  readonly id: string;
  readonly label: string;
  readonly acts: 'time';
  readonly steps: TrickSteps;
}

const COUNTED: readonly Position[] = countedPositions().map((p) => ({
  ...p,
  mark: p.mark.replace(/^B /, 'open ')
}));

const positionsOf = (): readonly Position[] => [automaticPosition('by itself'), ...COUNTED];

/** @see HeldOpenControl */
export const heldOpen: ControlKind<HeldOpenControl> = {
  acts: ['time'],
  overrides: true,
  positions: positionsOf,
  count: () => positionsOf().length,
  values: () => COUNTED.map((p) => p.value),
  setOf: () => null,
  meaningSaid: false,
  faults: () => [],
  drawing: () => ({ drawn: 'row', as: 'lever' }),
  steps: ({ steps }) => steps,
  sheet: {
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
  }
};

/** More is not read while a shutter is open. */
const MOST_LETTERS = 160;
