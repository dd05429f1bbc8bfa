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
  steps: ({ steps }) => steps
};
