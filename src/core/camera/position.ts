// What stands on a control: its marks and the values they give. The mark and the value are two things: a lever shows a cloud and
// means f/8, a dial says 8 and means 1/8 s.

/** Drawings that stand on levers and rings; a mark may have one. */
export type MarkSymbol = (typeof MARK_SYMBOLS)[number];
/** @see MarkSymbol */
export const MARK_SYMBOLS = ['sun', 'cloud', 'person', 'people', 'group', 'mountain'] as const;

/**
 * One place where a control can stand. `value` is exact, by the control's `acts`: an f-number, seconds, metres (Infinity = ∞),
 * stops of lighten–darken (+ = lighten), the film speed a dial tells the camera, or a lens's focal length in mm.
 */
export interface Position {
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  readonly value: number;
  /** A time that the photographer counts on B or T. Left out on everything that the camera times. */
  readonly byHand?: true;
  /** Where the camera sets by itself what this control could: the value means nothing. */
  readonly automatic?: true;
}

/** What a control's values mean; see {@link Position}. */
export type ControlActs = (typeof CONTROL_ACTS)[number];
/** @see ControlActs */
export const CONTROL_ACTS = ['aperture', 'time', 'focus', 'compensation', 'dial', 'lens'] as const;
/** What is set at marks that stand in a list. */
export const MARKED_ACTS = CONTROL_ACTS.filter((acts) => acts !== 'lens');

/**
 * What the photographer decides by the picture: advice leaves it where it stands.
 * @returns true for focus and lens
 */
export function isLeftAlone(acts: ControlActs): boolean {
  return acts === 'focus' || acts === 'lens';
}

/** How a control looks under the finger. */
export type ControlShape = (typeof CONTROL_SHAPES)[number];
/** @see ControlShape */
export const CONTROL_SHAPES = ['lever', 'ring', 'wheel'] as const;
